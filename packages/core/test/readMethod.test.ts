import fc from 'fast-check';
import { BOOK } from '../src/food/index.ts';
import {
  asRevision,
  doubtOfStep,
  indexFoods,
  kindOfStep,
  kindsFor,
  needsInMethod,
  readIngredientLine,
  readMethod,
  readMethodStep,
  saidAs,
  splitMethod,
  timesIn,
  toRecipeText,
  unsoaked,
  type MethodStep,
} from '../src/formats/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { Fraction, sameData } from '../src/quantity/index.ts';
import { STARTER_RECIPES, expectedMinutes, faultsOf } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { expandSession } from '../src/session/index.ts';
import { METHOD_CORPUS, type StepFacts } from './methodCorpus.ts';

const index = indexFoods(BOOK);
const readLine = (text: string) => readIngredientLine(text, index);
const foods = new Map(BOOK.map((food) => [food.id, food]));

/** What was read, in the words of the corpus; only what it speaks of. */
const factsOf = (step: MethodStep, asked: StepFacts): StepFacts =>
  ({
    ...(asked.kind ? { kind: step.kind } : {}),
    ...(asked.minutes
      ? { minutes: step.timed ? ([step.minutes.earliest, step.minutes.latest] as const) : undefined }
      : {}),
    ...(asked.hours ? { hours: step.hours && ([step.hours.least, step.hours.most] as const) } : {}),
    ...(asked.celsius ? { celsius: step.celsius } : {}),
    ...(asked.station ? { station: step.station } : {}),
    ...(asked.needs ? { needs: step.attention.needs } : {}),
    ...(asked.release ? { release: step.release?.how === 'timed' ? step.release.minutes : step.release?.how } : {}),
    ...(doubtOfStep(step) ? { asks: true as const } : {}),
  }) as StepFacts;

test.each(METHOD_CORPUS)('“%s”', (paragraph, facts) => {
  const steps = readMethod(splitMethod([paragraph]));
  expect(steps.map((step, n) => factsOf(step, facts[n] ?? {}))).toEqual(facts);
});

test('nothing of the corpus is read otherwise than it says without a word', () => {
  const counts = { right: 0, asked: 0, 'silently wrong': 0 };
  for (const [paragraph, facts] of METHOD_CORPUS) {
    const steps = readMethod(splitMethod([paragraph]));
    facts.forEach((fact, n) => {
      const step = steps[n];
      if (step && doubtOfStep(step)) counts.asked++;
      else if (step && sameData(factsOf(step, fact), fact)) counts.right++;
      else counts['silently wrong']++;
    });
    if (steps.length > facts.length) counts['silently wrong'] += steps.length - facts.length;
  }
  if (process.env['READING']) console.log(`READING ${JSON.stringify(counts)}`);
  expect(counts['silently wrong']).toBe(0);
  expect(counts.right).toBeGreaterThan(counts.asked);
});

test('a choice that answers what is asked is never asked again', () => {
  for (const [paragraph] of METHOD_CORPUS)
    for (const step of readMethod(splitMethod([paragraph]))) {
      const doubt = doubtOfStep(step);
      for (const { text } of doubt?.choices ?? []) {
        const [answered] = readMethod([text]);
        expect([text, answered && doubtOfStep(answered)?.question]).not.toEqual([text, doubt?.question]);
      }
    }
});

test('law: no word of a method is lost when it is taken apart', () =>
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...METHOD_CORPUS.map(([paragraph]) => paragraph)), { maxLength: 6 }),
      (method) => {
        const words = (text: string) => text.toLowerCase().match(/[a-z]{4,}/g) ?? [];
        const kept = splitMethod(method).flatMap(words);
        for (const word of method.filter((each) => !/^(?:Prep|Cook) time/.test(each)).flatMap(words))
          if (word !== 'then') expect(kept).toContain(word);
      },
    ),
  ));

test.each([
  ['10 minutes', [[10, 10]]],
  ['1 1/2 hours', [[90, 90]]],
  ['1½ hours', [[90, 90]]],
  ['45-60 mins', [[45, 60]]],
  ['5 min to 10 min', [[5, 10]]],
  ['1 hour and 20 minutes', [[80, 80]]],
  [
    'half an hour, then 10 minutes',
    [
      [30, 30],
      [10, 10],
    ],
  ],
  ['an hour and a half', [[90, 90]]],
  ['two large onions', []],
])('times in “%s”', (text, times) => expect(timesIn(text).map(({ from, to }) => [from, to])).toEqual(times));

test('law: what this program writes of a step it reads back: its kind, its minutes, its hands, its place and heat', () => {
  for (const recipe of STARTER_RECIPES) {
    const read = readMethod(toRecipeText(recipe, foods).method);
    expect(read).toHaveLength(recipe.steps.length);
    recipe.steps.forEach((step, n) => {
      const back = read[n];
      expect([recipe.name, step.name, back?.kind]).toEqual([recipe.name, step.name, step.kind]);
      if (step.kind === 'ahead') expect(back?.hours).toEqual(step.hours);
      if (step.kind === 'pressure')
        expect([back?.minutes, back?.release, back?.water]).toEqual([step.hold, step.release, step.water]);
      if (step.kind !== 'work') return;
      expect([step.name, back?.minutes.expected]).toEqual([step.name, expectedMinutes(step)]);
      expect([step.name, back?.attention.needs]).toEqual([step.name, step.attention.needs]);
    });
  }
});

describe('a whole text', () => {
  const SOUP = {
    name: 'Borlotti soup',
    list: ['400 g dried borlotti beans', '2 leeks', '2 tbsp rapeseed oil', '2 tsp salt'],
    method: [
      'Sweat the leeks in the oil for 8 minutes, stirring.',
      'Add the borlotti and 1.5 L water. Pressure cook for 25 minutes. Let the pressure come down naturally.',
      'Season with the salt.',
    ],
  };
  const lines = SOUP.list.map((line) => readIngredientLine(line, index));

  test('dry beans of which nobody says that they are soaked are asked about; tinned ones, and those that are soaked, are not', () => {
    expect(unsoaked(lines, readMethod(splitMethod(SOUP.method)))).toBe('borlotti beans');
    expect(unsoaked(lines, readMethod(['Soak the beans overnight.']))).toBeUndefined();
    const tins = ['2 tins borlotti beans, drained'].map((line) => readIngredientLine(line, index));
    expect(unsoaked(tins, [])).toBeUndefined();
    expect(
      unsoaked(
        ['250 g red lentils'].map((line) => readIngredientLine(line, index)),
        [],
      ),
    ).toBeUndefined();
  });

  test('water that stands in the method alone belongs to the dish, in its step; what is poured off does not', () => {
    const steps = readMethod([
      'Soak the beans in 2 L water overnight.',
      'Add 1.5 L cold water and simmer 20 minutes.',
      'Rinse with 1 L water.',
    ]);
    expect(needsInMethod(steps, SOUP.list.map(readLine), readLine)).toEqual([{ line: '1.5 L cold water', step: 1 }]);
    expect(needsInMethod(steps, [...SOUP.list, '1.5 L water'].map(readLine), readLine)).toEqual([]);
  });

  test('water that is mixed in the evening before stays in the dish; what soaks is poured off', () => {
    const needs = (text: string) => needsInMethod(readMethod([text]), [], readLine).map(({ line }) => line);
    expect(needs('The night before: mix 200 g rye flour with 300 ml boiling water, cover, leave for 8 h.')).toEqual([
      '200 g rye flour',
      '300 ml boiling water',
    ]);
    expect(needs('The night before: soak 200 g chickpeas in 1 L water.')).toEqual(['200 g chickpeas']);
  });

  test('becomes a recipe with its soak, its cooker and its release, whose water is in its mass, and can be planned', () => {
    const texts = ['Soak the borlotti beans for 8 to 20 hours.', ...splitMethod(SOUP.method)];
    const liquids = needsInMethod(readMethod(texts), SOUP.list.map(readLine), readLine).map(({ line, step }) => ({
      ...readIngredientLine(line, index),
      atStep: step,
    }));
    expect(liquids).toHaveLength(1);
    const recipe = asRevision({ name: SOUP.name, portions: 6, lines: [...lines, ...liquids], method: texts });
    expect(faultsOf(recipe)).toEqual([]);
    expect(recipe.vessel).toBe('cooker');
    expect(recipe.steps.map(({ kind }) => kind)).toEqual(['ahead', 'work', 'work', 'pressure', 'work']);
    const press = recipe.steps.find((step) => step.kind === 'pressure');
    expect(press).toMatchObject({ hold: { earliest: 25, latest: 25 }, release: { how: 'natural' }, per: 'load' });
    expect(recipe.uses).toContainEqual({ station: 'cooker', from: press?.id, to: press?.id, wash: 5 });
    const water = recipe.lines.find(({ food }) => foods.get(food)?.name === 'water');
    expect([water?.amount, water?.into[0]?.step]).toEqual([{ n: '1500', unit: 'mL' }, 'step-3']);
    const scaled = scaleBatch(recipe, new Fraction(6), foods, STARTING_EQUIPMENT);
    const { ahead, about, faults } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
    expect(faults).toEqual([]);
    expect(ahead.map(({ leastHours, mostHours }) => [leastHours, mostHours])).toEqual([[8, 20]]);
    expect(Object.values(about).some(({ station }) => station === 'cooker')).toBe(true);
    expect(scaled.cautions).toContain('beans');
  });
});

test('law: what a step can be said to be it is read as, and its minutes stay', () => {
  for (const text of [
    'Beans, 20 minutes.',
    'Simmer for 25 to 30 minutes',
    'Bake at 180 °C for 40 minutes.',
    'Onions in.',
  ]) {
    const kinds = kindsFor(text);
    expect(kinds).toEqual(expect.arrayContaining(['oven', 'pressure', 'ahead']));
    for (const kind of kinds) {
      const after = readMethodStep(saidAs(text, kind));
      expect([text, kind, kindOfStep(after)]).toEqual([text, kind, kind]);
      if (kind !== 'ahead') expect([text, kind, after.minutes]).toEqual([text, kind, readMethodStep(text).minutes]);
    }
  }
});

describe('a lead in the middle of a method', () => {
  const METHOD = [
    'Mix the dough and knead for 10 minutes.',
    'Leave in the fridge overnight.',
    'Bake at 220 °C for 18 minutes.',
  ];
  const choices = () => doubtOfStep(readMethod(METHOD)[1] ?? never())?.choices ?? [];
  const answered = (n: number) =>
    readMethod(METHOD.map((text, at) => (at === 1 ? (choices()[n]?.text ?? text) : text)));
  const never = (): never => {
    throw new Error('no step');
  };

  test('is asked: what stands before it cannot be done after it', () => {
    expect(choices()).toHaveLength(3);
    expect(readMethod(METHOD).filter((step) => doubtOfStep(step))).toHaveLength(1);
  });

  test('answered, the dough is kneaded the evening before, and nothing more is asked', () => {
    const steps = answered(0);
    expect(steps.map(({ kind }) => kind)).toEqual(['ahead', 'ahead', 'work']);
    expect(steps[0]?.hours).toEqual({ least: 0.25, most: 0.25 });
    expect(steps.filter((step) => doubtOfStep(step))).toEqual([]);
    const dough = readIngredientLine('500 g wheat flour', index);
    const rolls = asRevision({ name: 'Rolls', portions: 8, lines: [dough], method: steps.map(({ text }) => text) });
    expect(faultsOf(rolls)).toEqual([]);
    expect(rolls.steps.map(({ name }) => name)).toEqual(METHOD.map((text) => text.replace(/\.$/, '')));
    const scaled = scaleBatch(rolls, new Fraction(8), foods, STARTING_EQUIPMENT);
    const { ahead } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
    expect(ahead.map(({ leastHours }) => leastHours)).toEqual([8.25, 8]);
  });

  test('begun by itself, what stands before it stays in the session; or it stands for an hour there', () => {
    expect(answered(1).map(({ kind }) => kind)).toEqual(['work', 'ahead', 'work']);
    expect(answered(2)[1]).toMatchObject({ kind: 'work', minutes: { expected: 60 }, attention: { needs: 'nobody' } });
    for (const n of [1, 2]) expect(answered(n).filter((step) => doubtOfStep(step))).toEqual([]);
  });
});
