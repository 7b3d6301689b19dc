import fc from 'fast-check';
import { BOOK, bookFood } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { faultsOf, STARTER_RECIPES } from '../recipe/index.ts';
import { kindOfDish } from './recipeText/kindOfDish.ts';
import { scaleBatch } from '../scaling/index.ts';
import { check, search } from '../schedule/index.ts';
import { expandSession } from '../session/index.ts';
import {
  asRevision,
  fromJsonLd,
  indexFoods,
  readIngredientLine,
  doubtOfStep,
  placesUnsaid,
  readMethod,
  readMethodStep,
  readRecipeText,
  toJsonLd,
  toMarkdown,
  splitMethod,
  toRecipeText,
  unreadyLines,
  type RecipeText,
} from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const index = indexFoods(BOOK);

const PASTED = `Swede and split-pea stew

Serves 6

250 g split peas
1 swede, in cubes
2 leeks
34 cup rapeseed oil
1 tsp caraway
salt to taste

Wash the split peas. Cut the swede and the leeks.
Sweat the leeks in the oil for 8 to 10 minutes, stirring.
Add split peas, swede, caraway and 1 L water and simmer for 35 minutes.
Season with salt.`;

describe('a pasted text', () => {
  const text = readRecipeText(PASTED);

  test.each(['Makes enough for 6', 'Enough for 6', 'Serves plenty to feed 6'])('"%s" says for how many', (line) =>
    expect(readRecipeText(`Swede pan\n\n${line}\n\n1 swede\n2 onions\n\nFry it all.`).portions).toBe(6),
  );

  test('is taken apart without headings: name, portions, ingredients, method', () => {
    expect(text.name).toBe('Swede and split-pea stew');
    expect(text.portions).toBe(6);
    expect(text.ingredients).toEqual([
      '250 g split peas',
      '1 swede, in cubes',
      '2 leeks',
      '34 cup rapeseed oil',
      '1 tsp caraway',
      'salt to taste',
    ]);
    expect(text.method).toHaveLength(4);
  });

  test('a decimal at the start of a line is no number of a list', () =>
    expect(readRecipeText('Broth\n1.4 L water\n0.5 kg leeks\n2. 200 g carrots').ingredients).toEqual([
      '1.4 L water',
      '0.5 kg leeks',
      '200 g carrots',
    ]));

  test('with headings and bullets gives the same', () => {
    const headed = readRecipeText(
      '# Swede and split-pea stew\nMakes 6 portions\n## Ingredients\n- 250 g split peas\n- 1 swede, in cubes\n## Method\n1. Wash the split peas.\n2. Simmer.',
    );
    expect(headed).toEqual({
      name: 'Swede and split-pea stew',
      portions: 6,
      ingredients: ['250 g split peas', '1 swede, in cubes'],
      method: ['Wash the split peas.', 'Simmer.'],
    });
  });

  test('names the line that must be asked about, and what is mended becomes a recipe that can be scaled and planned', () => {
    const lines = text.ingredients.map((line) => readIngredientLine(line, index));
    expect(unreadyLines(lines)).toEqual([3]);
    const mended = lines.map((line, n) =>
      n === 3 ? readIngredientLine(line.doubts[0]?.choices[0]?.line ?? '', index) : line,
    );
    expect(unreadyLines(mended)).toEqual([]);
    const recipe = asRevision({ name: text.name, portions: text.portions ?? 4, lines: mended, method: text.method });
    expect(faultsOf(recipe)).toEqual([]);
    expect(recipe.lines.map((line) => line.into[0]?.step)).toEqual([
      'step-1',
      'step-1',
      'step-1',
      'step-2',
      'step-3',
      'step-4',
    ]);
    const scaled = scaleBatch(recipe, new Fraction(12), foods, STARTING_EQUIPMENT);
    expect(scaled.missing).toEqual([]);
    const { problem } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
    expect(check(problem, search(problem, { seed: 1, rounds: 10 }))).toEqual([]);
  });
});

test('beans of the kidney kind carry their caution in a pasted recipe too, at the step they go into', () => {
  const lines = ['300 g kidney beans', '1.5 L water'].map((line) => readIngredientLine(line, index));
  const recipe = asRevision({
    name: 'Red pot',
    portions: 4,
    lines,
    method: ['Boil the kidney beans in the water for 60 minutes'],
  });
  const scaled = scaleBatch(recipe, new Fraction(4), foods, STARTING_EQUIPMENT);
  expect(scaled.cautions).toContain('beans');
  const { about } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
  expect(about['b/step-1']?.cautions).toContain('beans');
});

test.each([
  ['Bake at 200 °C for 40 to 50 minutes', { earliest: 40, expected: 45, latest: 50 }, 'oven', 200, 'nobody'],
  ['Roast in the oven at 400 F for 1 hour', { earliest: 60, expected: 60, latest: 60 }, 'oven', 200, 'nobody'],
  ['Simmer the lentils 15 min', { earliest: 15, expected: 15, latest: 15 }, 'burner', undefined, 'nobody'],
  ['Boil for 10 minutes, stirring', { earliest: 10, expected: 10, latest: 10 }, 'burner', undefined, 'look'],
  ['Blend until smooth', { earliest: 5, expected: 5, latest: 5 }, 'jug', undefined, 'hands'],
  ['Soak for 1 1/2 hours', { earliest: 90, expected: 90, latest: 90 }, undefined, undefined, 'nobody'],
  ['Chop the onions', { earliest: 5, expected: 5, latest: 5 }, undefined, undefined, 'hands'],
])('"%s"', (text, minutes, station, celsius, needs) => {
  const step = readMethodStep(text);
  expect([step.minutes, step.station, step.celsius, step.attention.needs]).toEqual([minutes, station, celsius, needs]);
});

describe('schema.org Recipe', () => {
  const words = fc
    .stringMatching(/^[A-Za-z0-9½ ,.()-]{1,40}$/)
    .map((text) => text.trim())
    .filter(Boolean);
  const recipe: fc.Arbitrary<RecipeText> = fc.record({
    name: words,
    portions: fc.option(fc.integer({ min: 1, max: 200 }), { nil: undefined }),
    ingredients: fc.array(words, { maxLength: 12 }),
    method: fc.array(words, { maxLength: 8 }),
  });

  test('law: out and in again is the same, for all the format can hold', () =>
    fc.assert(fc.property(recipe, (text) => expect(fromJsonLd(toJsonLd(text))).toEqual({ ok: true, value: text }))));

  test('our own recipes go out and come in', () => {
    for (const each of STARTER_RECIPES) {
      const text = toRecipeText(each, foods);
      expect(fromJsonLd(toJsonLd(text))).toEqual({ ok: true, value: text });
      expect(toMarkdown(text)).toContain(`# ${each.name}`);
      for (const line of text.ingredients) expect(readIngredientLine(line, index).doubts).toEqual([]);
    }
  });

  test('is found in a graph, with sections and several types', () => {
    const data = {
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': ['Recipe', 'Thing'],
          name: 'Leek pan',
          recipeYield: ['4 servings', '4'],
          recipeIngredient: ['2 leeks'],
          recipeInstructions: [
            { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Slice.' }] },
            'Fry.\nServe.',
          ],
        },
      ],
    };
    expect(fromJsonLd(JSON.stringify(data))).toEqual({
      ok: true,
      value: { name: 'Leek pan', portions: 4, ingredients: ['2 leeks'], method: ['Slice.', 'Fry.', 'Serve.'] },
    });
  });

  test('a broken file says which line, and what to do', () => {
    expect(fromJsonLd('{\n "name": "x",\n oops\n}')).toMatchObject({
      ok: false,
      problem: { line: 3, remedy: expect.stringContaining('first {') as string },
    });
    expect(fromJsonLd('{"@type": "Person"}')).toMatchObject({
      ok: false,
      problem: { what: expect.stringContaining('no schema.org Recipe') as string },
    });
  });
});

describe('what a pasted dish is in a meal', () => {
  const of = (name: string, ...weighed: readonly (readonly [food: string, grams: number])[]) =>
    kindOfDish(
      name,
      weighed.map(([food, grams]) => ({ food: bookFood(food), grams })),
    );
  test.each([
    ['Hazelnut and parsley sauce', [['hazelnuts', 120]], 'sauce'],
    ['Leek and split-pea soup', [['split peas', 300]], 'dish'],
    [
      'Farro with mushrooms',
      [
        ['pearled farro', 300],
        ['mushrooms', 500],
      ],
      'grain',
    ],
    [
      'Black-eyed peas with chard',
      [
        ['black-eyed peas', 300],
        ['chard', 400],
      ],
      'legume',
    ],
    [
      'Swede and carrot mash',
      [
        ['swede', 1000],
        ['carrot', 400],
      ],
      'roots',
    ],
    ['Kohlrabi and apple salad', [['kohlrabi', 900]], 'greens'],
    ['Red cabbage with apple', [['red cabbage', 900]], 'greens'],
  ] as const)('%s', (name, weighed, kind) => expect(of(name, ...weighed)).toBe(kind));
});

test('headings inside the list are no ingredients, with a colon or without; the words behind one are', () => {
  const read = readRecipeText(
    'Leek bake\nServes 6\n\nIngredients\nFor the base:\n250 g buckwheat groats\nFor the topping\n100 g hazelnuts\nTo serve:\nsalt: a pinch\n\nMethod\nTopping:\nChop the nuts.',
  );
  expect(read.ingredients).toEqual(['250 g buckwheat groats', '100 g hazelnuts', 'salt: a pinch']);
  expect(read.method).toEqual(['Chop the nuts.']);
  expect(read.portions).toBe(6);
});

describe('a grain and its water', () => {
  const dish = (lines: string, method = 'Simmer the grain covered in the water for 20 minutes.') => {
    const read = readRecipeText(`Grain\nServes 4\n${lines}\n${method}`);
    return asRevision({
      name: 'Grain',
      portions: 4,
      lines: read.ingredients.map((line) => readIngredientLine(line, index)),
      method: read.method,
    });
  };
  const waterOf = (recipe: ReturnType<typeof dish>) =>
    recipe.lines.find(({ food }) => foods.get(food)?.name === 'water')?.law;
  test('“1 cup grain, 2½ cups water” is the packet’s line of this grain', () =>
    expect(waterOf(dish('1 cup brown rice\n2½ cups water\n1/4 tsp salt'))).toMatchObject({
      law: 'water for grain',
      packet: { grainCups: '1', waterCups: '2.5' },
    }));
  test.each([
    ['a soup', '100 g pearl barley\n2 L water\n3 carrots', undefined],
    ['what is drained', '500 g brown rice\n1.5 L water', 'Boil the brown rice in the water for 25 minutes, drain.'],
    ['too little water to swell it', '500 g white rice\n600 mL water', undefined],
  ])('%s is none', (_, lines, method) => expect(waterOf(dish(lines, method))).toEqual({ law: 'in proportion' }));
});

describe('liquid that is kept', () => {
  const dish = (...method: readonly string[]) =>
    asRevision({
      name: 'Dish',
      portions: 4,
      lines: [readIngredientLine('300 g wheat pasta', index), readIngredientLine('3 L water', index)],
      method,
    });
  test('goes into the step that speaks of it', () =>
    expect(
      dish(
        'Boil the pasta in the water for 10 minutes',
        'Drain, reserving 1 cup of the cooking water',
        'Stir in the reserved water',
      ).steps[1]?.gives,
    ).toEqual([{ name: 'cooking liquid', amount: { n: '1', unit: 'cup' }, goes: { to: 'step', step: 'step-3' } }]));
  test('is asked about where nobody says how much, and the answer says it', () => {
    const [step] = readMethod(['Drain and reserve the liquid.']);
    const doubt = step && doubtOfStep(step);
    expect(doubt?.question).toContain('How much');
    for (const { text } of doubt?.choices ?? []) expect(readMethod([text])[0]?.kept?.amount?.unit).toBe('mL');
    expect(readMethod(['Keep warm until the sauce is done'])[0]?.kept).toBeUndefined();
  });
});

describe('shares of an ingredient over the steps', () => {
  const into = (line: string, ...method: readonly string[]) => {
    const recipe = asRevision({ name: 'Dish', portions: 4, lines: [readIngredientLine(line, index)], method });
    return recipe.lines[0]?.into.map(({ step, share }) => `${step} ${share}`);
  };
  test.each([
    [
      '4 tbsp olive oil',
      ['Fry the leeks in half the oil', 'Stir in the rest of the oil'],
      ['step-1 1/2', 'step-2 1/2'],
    ],
    ['4 tbsp olive oil', ['Toss with 3 tbsp oil', 'Serve with the rest of the oil'], ['step-1 3/4', 'step-2 1/4']],
    [
      '100 g walnuts',
      ['Add a third of the walnuts', 'Bake', 'Scatter the remaining walnuts'],
      ['step-1 1/3', 'step-3 2/3'],
    ],
    ['100 g walnuts', ['Toast the walnuts', 'Add the walnuts'], ['step-1 1']],
    ['100 g walnuts', ['Add half the walnuts'], ['step-1 1']],
    ['100 g walnuts', ['Cut everything', 'Bake'], ['step-1 1']],
  ])('%s: %s', (line, method, expected) => expect(into(line, ...method)).toEqual(expected));
  test('law: shares make one', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            'Add half the oil',
            'Add a third of the oil',
            'Add 1 tbsp oil',
            'Add the rest of the oil',
            'Add the oil',
            'Stir',
          ),
          { minLength: 1, maxLength: 6 },
        ),
        (method) => {
          const recipe = asRevision({
            name: 'D',
            portions: 4,
            lines: [readIngredientLine('4 tbsp olive oil', index)],
            method,
          });
          const sum = recipe.lines[0]?.into.reduce((all, { share }) => all.add(new Fraction(share)), new Fraction(0));
          expect(sum?.toFraction()).toBe('1');
          expect(faultsOf(recipe)).toEqual([]);
        },
      ),
    ));
});

test('a step that speaks of a place which nothing holds is told', () => {
  const recipe = asRevision({
    name: 'Roots',
    portions: 4,
    lines: [readIngredientLine('1 kg carrots', index)],
    method: ['Cut the carrots.', 'Roast the carrots at 200 °C for 40 minutes.'],
  });
  expect(placesUnsaid(recipe)).toEqual([]);
  expect(placesUnsaid({ ...recipe, uses: [] }).map(({ step, station }) => [step, station])).toEqual([
    ['step-2', 'oven'],
  ]);
});
test('recipe data says how long, what kind and what is in it, and the words are read back whole', () => {
  const [recipe] = STARTER_RECIPES;
  if (!recipe) throw new Error('no recipe');
  const words = toRecipeText(recipe, foods);
  const data = toJsonLd(words, { minutes: 64.4, category: 'grain', kJ: 837, proteinG: 6.4 });
  expect(JSON.parse(data)).toMatchObject({
    totalTime: 'PT64M',
    recipeCategory: 'grain',
    nutrition: { calories: '200 kcal', proteinContent: '6 g' },
  });
  expect(fromJsonLd(data)).toEqual({ ok: true, value: { ...words, notes: ['Total time: 64 minutes'] } });
});

test('what chills at the end is no lead of its session: it is ready so many hours after; a soak before is one', () => {
  const dish = (...method: readonly string[]) =>
    asRevision({ name: 'Jar', portions: 2, lines: [readIngredientLine('50 g rolled oats', index)], method });
  const chilled = dish('Mix everything in a jar.', 'Refrigerate overnight.', 'Top with fruit.');
  expect(chilled.steps.map(({ kind }) => kind)).toEqual(['work', 'work', 'work']);
  expect(chilled.component.beforeEating).toContain('Ready 8 h after it is made.');
  expect(faultsOf(chilled)).toEqual([]);
  expect(dish('Soak the oats overnight.', 'Cook them for 5 minutes.').steps[0]?.kind).toBe('ahead');
  expect(dish('Cut it all.', 'Marinate for 12 hours.', 'Bake at 200 °C for 30 minutes.').steps[1]?.kind).toBe('ahead');
});

describe('how hot an oven without a fan is meant to be', () => {
  // A fan oven is set 20 °C or 25 °F lower: common practice, no published source.
  test.each([
    ['Oven 190 fan. Bake 30 minutes.', 210],
    ['Bake at 180C fan for 30 minutes.', 200],
    ['Bake at 200C/180C fan/gas 6 for 30 minutes.', 200],
    ['Bake at 180 °C (fan 160) for 30 minutes.', 180],
    ['Oven 160/fan 140. Bake 30 minutes.', 160],
    ['Bake in a fan oven at 170 °C for 30 minutes.', 190],
    ['Bake at 350°F convection for 30 minutes.', 190],
    ['Roast 200 fan, 25 min.', 220],
  ])('“%s” is %i °C', (method, celsius) =>
    expect(readMethod(splitMethod([method])).findLast(({ station }) => station === 'oven')?.celsius).toBe(celsius),
  );
});
