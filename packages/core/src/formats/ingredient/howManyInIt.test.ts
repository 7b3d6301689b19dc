import { BOOK } from '../../food/index.ts';
import { indexFoods, readIngredientLine } from '../index.ts';

const index = indexFoods(BOOK);
const doubtOf = (line: string) => readIngredientLine(line, index).doubts[0];

test.each([
  ['1 loaf bread', '“loaf”', ['400 g', '500 g', '800 g']],
  ['half a loaf of bread', '“loaf”', ['200 g', '250 g', '400 g']],
  ['1 net onions', '“net”', ['4', '6', '10']],
  ['2 vines of tomatoes', '“vines”', ['8', '12', '20']],
  ['1 wedge of squash', '“wedge”', ['1/8', '1/4', '1/2']],
])('%s is asked how much it is', (line, what, choices) => {
  const doubt = doubtOf(line);
  expect(doubt?.question).toContain(`${what}: how much`);
  expect(doubt?.choices.map(({ label }) => label)).toEqual(choices);
  for (const choice of doubt?.choices ?? []) expect(readIngredientLine(choice.line, index).doubts).toEqual([]);
});

test.each(['2 slices of bread', '3 onions', '1 bunch of carrots', '2 heads broccoli'])('%s is clear', (line) => {
  expect(doubtOf(line)).toBeUndefined();
});
