import { BOOK } from '../food/index.ts';
import { NOTHING_SAID, indexFoods, readIngredientLine, readPaste, readRecipeText } from './index.ts';

const foods = indexFoods(BOOK);
const LOAF = `Ridge loaf by the clock
Makes 1 loaf (12 slices), serves 6

500 g strong white flour
350 ml water

20:00 mix everything in a bowl
20:30 fold
21:00 cover
8:00 shape, into the tin
10:00 bake at 230 C for 40 min
10:45 out, cool`;

const read = (text: string, steps: Readonly<Record<number, string>> = {}) =>
  readPaste(readRecipeText(text), { ...NOTHING_SAID, steps }, foods, (line) => readIngredientLine(line, foods));

test('a method told by the clock is steps and no list; how each hour is spent is asked', () => {
  const { lines, steps } = read(LOAF);
  expect(lines.map(({ line }) => line.food?.name)).toEqual(['wheat flour', 'water']);
  expect(steps.map(({ step, doubt }) => [step.text.replace(/ \(.*/, ''), doubt?.question])).toEqual([
    ['mix everything in a bowl', 'It is told by the clock. What happens for 30 minutes?'],
    ['fold', 'It is told by the clock. What happens for 30 minutes?'],
    ['cover', 'It is told by the clock. What happens for 11 hours?'],
    ['shape, into the tin', 'It is told by the clock. What happens for 2 hours?'],
    ['bake at 230 C for 40 min', undefined],
    ['out, cool', undefined],
  ]);
  expect(readRecipeText(LOAF).portions).toBe(6);
});

test.each([
  ['by itself', 'nobody', 30],
  ['hands, 30', 'hands', 30],
  ['for a moment', 'hands', undefined],
] as const)('what is said of it (%s) is read, and asked no more', (label, needs, minutes) => {
  const said = read(LOAF).steps[1]?.doubt?.choices.find((choice) => choice.label.includes(label))?.text ?? '';
  const answered = read(LOAF, { 1: said }).steps[1];
  expect(answered?.doubt).toBeUndefined();
  expect(answered?.step.attention.needs).toBe(needs);
  expect(answered?.step.timed ? answered.step.minutes.expected : undefined).toBe(minutes);
});

test('halves of the day are hours too; over midnight it is the next day', () => {
  const { steps } = read(
    'Bean pot\nServes 8\n\n500 g lentils\n1 onion\n\nMethod\n8 pm: soak lentils\n7.15 am: boil with onion\n8 am: drain them',
  );
  expect(steps.map(({ doubt }) => doubt?.question.replace(/.* for /, ''))).toEqual([
    '11.25 hours?',
    '45 minutes?',
    undefined,
  ]);
});

test.each(['2:1 mix of oats and seeds', '8 carrots', '1.30 kg potatoes'])('“%s” is no hour', (line) => {
  const { steps } = read(`Pot\nServes 2\n${line}\n${line}\n\nMethod\nStir everything.`);
  expect(steps.every(({ doubt }) => doubt?.question.includes('clock') !== true)).toBe(true);
});
