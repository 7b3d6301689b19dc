import { readFileSync } from 'node:fs';
import { BOOK, bookFood, type Composition } from '../src/food/index.ts';
import { COMPOSITION_PAIRS } from './compositionPairs.ts';
import { cell, readTable } from './readTable.ts';

type Column = keyof Composition;
/** Columns of the open sample, and how much is nothing to speak of. */
const { columns, reasons, off } = JSON.parse(
  readFileSync(`${import.meta.dirname}/reference/composition-reasons.json`, 'utf8'),
) as {
  readonly columns: readonly (readonly [Column, string, number])[];
  readonly reasons: Readonly<Record<string, string>>;
  readonly off: Readonly<Record<string, Readonly<Partial<Record<Column, string>>>>>;
};
const rowOf = (name: string) => {
  const row = readTable('composition-sample').find((each) => each['food'] === name);
  if (!row) throw new Error(name);
  return row;
};

// Source: Indian Food Composition Tables 2017 (Longvah et al., National Institute of Nutrition, Hyderabad).
describe('every value beside the open sample: within 15 %, or with its reason', () => {
  test.each(Object.entries(COMPOSITION_PAIRS))('%s beside %s', (name, inTable) => {
    const ours = bookFood(name).facts.composition?.value ?? {};
    const far: Record<string, string | undefined> = {};
    for (const [column, theirs, least] of columns) {
      const [mine, its] = [ours[column], Number(cell(rowOf(inTable), theirs))];
      if (mine !== undefined && Math.abs(mine - its) > Math.max(least, 0.15 * its)) far[column] = off[name]?.[column];
    }
    // A reason that is no longer needed must go, and none may be missing.
    expect(far).toEqual(off[name] ?? {});
    for (const reason of Object.values(far)) expect(reasons[reason ?? '']?.length).toBeGreaterThan(10);
  });
  test('a reason does not cover a slipped comma: nothing is three times what the other table says, above small amounts', () => {
    for (const [name, inTable] of Object.entries(COMPOSITION_PAIRS)) {
      const ours = bookFood(name).facts.composition?.value ?? {};
      for (const [column, theirs, least] of columns) {
        const its = Number(cell(rowOf(inTable), theirs));
        const mine = ours[column];
        if (mine === undefined || off[name]?.[column] === 'not measured' || column === 'vitaminCMg') continue;
        const [small, large] = [Math.min(mine, its), Math.max(mine, its)];
        expect(`${name} ${column} ${large <= Math.max(small * 3, small + 20 * least)}`).toBe(`${name} ${column} true`);
      }
    }
  });
  test('nearly all of the sample is compared', () => expect(Object.keys(COMPOSITION_PAIRS).length).toBeGreaterThan(44));
});

/**
 * A second table, independent of the book and of the sample: kJ and grams of protein in 100 g, raw or as bought.
 * Source: McCance and Widdowson’s The Composition of Foods, UK (from memory): within a quarter, or 15 kJ and 0.7 g.
 */
const MCCANCE: readonly (readonly [food: string, kJ: number, proteinG: number])[] = [
  ['carrot', 146, 0.6],
  ['onion', 150, 1.2],
  ['potato', 318, 2.1],
  ['parsnip', 271, 1.8],
  ['cauliflower', 115, 2.5],
  ['beetroot', 154, 1.7],
  ['tomato', 73, 0.7],
  ['red lentils', 1353, 23.8],
  ['chickpeas', 1355, 21.3],
  ['kidney beans', 1133, 22.1],
  ['split peas', 1396, 22.1],
  ['rolled oats', 1587, 11.2],
  ['brown rice', 1518, 6.7],
  ['white rice', 1630, 7.3],
  ['wheat flour', 1450, 9.4],
  ['wholewheat flour', 1318, 12.7],
  ['almonds', 2534, 21.1],
  ['walnuts', 2837, 14.7],
  ['hazelnuts', 2685, 14.1],
  ['sunflower seeds', 2410, 19.8],
  ['tahini', 2509, 18.5],
  ['peanut butter', 2581, 22.6],
  ['tempeh', 694, 20.7],
  ['soya milk', 132, 3.2],
  ['chestnuts', 719, 2],
  ['brazil nuts', 2813, 14.1],
  ['strawberries', 113, 0.8],
  ['grapes', 257, 0.4],
  ['mango', 245, 0.7],
  ['pineapple', 176, 0.4],
  ['kiwi', 207, 1.1],
  ['okra', 130, 2.8],
  ['rhubarb', 32, 0.9],
  ['blackcurrants', 121, 0.9],
  ['plantain', 500, 1.1],
  ['wheat germ', 1500, 26.7],
  ['semolina', 1489, 10.7],
  ['white bread', 931, 7.9],
  ['passata', 106, 1.4],
];
/** Where the two tables measured different things, and why. */
const APART: Readonly<Record<string, string>> = {
  okra: 'another variety: 1.9 g protein in the first table, 2.8 in the second',
  rhubarb: 'the second counts sugars alone as carbohydrate',
  blackcurrants: 'the second counts sugars alone as carbohydrate',
};
test.each(MCCANCE)('%s: about %f kJ and %f g protein in the second table, or a reason', (name, kJ, protein) => {
  const ours = bookFood(name).facts.composition?.value;
  const near =
    Math.abs((ours?.kJ ?? NaN) - kJ) <= Math.max(15, kJ * 0.25) &&
    Math.abs((ours?.proteinG ?? NaN) - protein) <= Math.max(0.7, protein * 0.25);
  // A reason that is not needed must go.
  expect(near).toBe(APART[name] === undefined);
});

test('what is kept in the fridge or the garden has days in the freezer too', () => {
  const without = BOOK.filter(
    ({ facts }) =>
      ['vegetable', 'leaf', 'fruit', 'legume', 'nut or seed'].includes(facts.kind) &&
      !facts.keeps?.freezer &&
      !facts.opened?.freezer,
  );
  expect(without.map(({ name }) => name)).toEqual([]);
});

// Source: computed from water contents of USDA FoodData Central SR Legacy (from memory): (100 − dry) ÷ (100 − cooked) − 1.
test.each([
  ['rice noodles', 11.9, 73.8],
  ['lupin beans', 10.4, 71.1],
  ['amaranth', 11.3, 75.2],
  ['butter beans', 10.2, 69.8],
  ['broad beans', 11, 71.5],
  ['white kidney beans', 11.3, 63.1],
  ['teff', 8.8, 74.9],
  ['wild rice', 7.8, 73.9],
  ['adzuki beans', 13.4, 66.3],
])('%s takes up what its water contents say', (name, dry, cooked) => {
  const uptake = (100 - dry) / (100 - cooked) - 1;
  expect(Math.abs((bookFood(name).facts.uptake?.value ?? 0) / uptake - 1)).toBeLessThan(0.1);
});
// Common practice, no published source: porridge of one part of oats by weight takes about four of water.
test('oats drink about four times their weight', () => {
  expect(bookFood('rolled oats').facts.uptake?.value).toBeGreaterThan(3.5);
});
