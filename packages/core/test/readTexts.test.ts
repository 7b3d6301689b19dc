import { BOOK } from '../src/food/index.ts';
import {
  doubtOfStep,
  fromJsonLd,
  indexFoods,
  ingredientTexts,
  readIngredientLine,
  readMethod,
  readRecipeText,
  splitMethod,
  writtenOf,
  type IngredientLine,
  type MethodStep,
} from '../src/formats/index.ts';
import { HAND_TEXTS, readingOf } from './handTexts.ts';
import { DISHES, HANDS, type DishLine, type DishStep } from './textCorpus.ts';

const index = indexFoods(BOOK);
const read = (text: string) => {
  if (!text.trimStart().startsWith('{')) return readRecipeText(text);
  const outcome = fromJsonLd(text);
  if (!outcome.ok) throw new Error(outcome.problem.what);
  return outcome.value;
};

const TEXTS = DISHES.flatMap((dish) =>
  Object.entries(HANDS).map(([hand, write]) => ({ title: `${dish.name}, ${hand}`, dish, text: write(dish) })),
);

type Verdict = 'right' | 'asked' | 'silently wrong';

/** Ounces are written to a tenth: within 2 %. */
const near = (a: number, b: number) => Math.abs(a - b) <= b * 0.02;

function ofLine(said: DishLine, lines: readonly IngredientLine[]): Verdict {
  const line = lines.find(({ food }) => food?.name === said.food);
  if (!line) return lines.some(({ doubts }) => doubts.length > 0) ? 'asked' : 'silently wrong';
  if (line.doubts.length > 0 || !line.food || !writtenOf(line.amount, line.food)) return 'asked';
  const { amount } = line;
  const right =
    said.grams !== undefined
      ? (amount.kind === 'mass' && near(amount.g.valueOf(), said.grams)) ||
        (amount.kind === 'volume' && near(amount.mL.valueOf(), said.grams))
      : said.pieces !== undefined
        ? amount.kind === 'count' && amount.each.valueOf() === said.pieces
        : amount.kind === 'volume' &&
          near(amount.mL.valueOf(), (said.spoons?.[0] ?? 0) * (said.spoons?.[1] === 'tbsp' ? 14.7868 : 4.92892));
  return right && (!said.group || line.group === undefined || line.group === said.group) ? 'right' : 'silently wrong';
}

function ofStep(said: DishStep, steps: readonly MethodStep[]): Verdict {
  const words = said.say.match(/[a-z]{5,}/gi) ?? [];
  const others = (said.american ?? '').match(/[a-z]{5,}/gi) ?? [];
  const names = ({ text }: MethodStep) =>
    [words, others].some((list) => list.length > 0 && list.every((word) => text.includes(word)));
  const step = steps.find(names);
  if (!step) return 'silently wrong';
  if (doubtOfStep(step)) return 'asked';
  const [from, to] = said.time ?? [];
  const span =
    step.kind === 'ahead' ? [step.hours?.least, step.hours?.most] : [step.minutes.earliest, step.minutes.latest];
  const release = step.release?.how === 'timed' ? step.release.minutes : step.release?.how;
  const right =
    step.kind === (said.kind ?? 'work') &&
    (said.time ? span[0] === from && span[1] === to : !step.timed) &&
    (!said.station || step.station === said.station) &&
    (!said.celsius || step.celsius === said.celsius) &&
    (!said.release || release === said.release);
  return right ? 'right' : 'silently wrong';
}

function verdictsOf({ dish, text }: (typeof TEXTS)[number]) {
  const words = read(text);
  const lines = ingredientTexts(words, index).map(({ text: each, group }) => ({
    ...readIngredientLine(each, index),
    ...(group ? { group } : {}),
  }));
  const steps = readMethod(splitMethod(words.method));
  const facts: [string, Verdict][] = [
    [
      'name',
      words.name.toLowerCase() === dish.name.toLowerCase() ? 'right' : words.name === '' ? 'asked' : 'silently wrong',
    ],
    [
      'portions',
      words.portions === dish.portions ? 'right' : words.portions === undefined ? 'asked' : 'silently wrong',
    ],
    [
      `${lines.length} lines`,
      lines.length === dish.lines.length
        ? 'right'
        : lines.some(({ doubts }) => doubts.length > 0)
          ? 'asked'
          : 'silently wrong',
    ],
    ...dish.lines.map((line): [string, Verdict] => [line.food, ofLine(line, lines)]),
    ...dish.steps.map((step): [string, Verdict] => [step.say, ofStep(step, steps)]),
    ...steps
      .filter(({ text: each }) => /second day|kcal|Difficulty|nobody left/.test(each))
      .map(({ text: each }): [string, Verdict] => [`no step: ${each}`, 'silently wrong']),
  ];
  return facts;
}

test('the corpus has at least 60 texts', () => expect(TEXTS.length).toBeGreaterThanOrEqual(60));

test.each(TEXTS)('$title: nothing of it is read wrong without a word', (each) => {
  expect(verdictsOf(each).filter(([, verdict]) => verdict === 'silently wrong')).toEqual([]);
});

test('most of it is read without asking', () => {
  const counts = { right: 0, asked: 0, 'silently wrong': 0 };
  for (const [, verdict] of TEXTS.flatMap(verdictsOf)) counts[verdict]++;
  if (process.env['READING']) console.log(`TEXTS ${JSON.stringify({ ...counts, texts: TEXTS.length })}`);
  expect(counts.right / (counts.right + counts.asked)).toBeGreaterThan(0.9);
});

test.each(HAND_TEXTS)('$file is read as a careful cook reads it', ({ text, expected }) =>
  expect(readingOf(text)).toBe(expected),
);
