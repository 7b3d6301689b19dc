import { BOOK, bookFood } from '../src/food/index.ts';
import { indexFoods, readIngredientLine, writtenOf } from '../src/formats/index.ts';
import { Fraction, quantityOf, inBase } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Line, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { TINS } from '../src/scaling/swapRules.ts';
import { cell, readTable } from './readTable.ts';

const index = indexFoods(BOOK);
const foods = new Map(BOOK.map((food) => [food.id, food]));
const gramsOf = (text: string): number => {
  const { amount, food, doubts } = readIngredientLine(text, index);
  const written = food && writtenOf(amount, food);
  if (!written || doubts.length > 0) throw new Error(text);
  return inBase(quantityOf(written)).valueOf();
};

// Common practice, no published source: a drained can of beans (400 g) holds about 240 g.
test.each(['1 tin chickpeas, drained', '1 x 400g can kidney beans', 'one 400 g tin of black beans, rinsed'])(
  '“%s” is what is left when the liquid is poured off',
  (text) => expect(Math.abs(gramsOf(text) - 240)).toBeLessThanOrEqual(10),
);

// Computed from water contents of USDA FoodData Central SR Legacy (from memory): 240 g drained are 90 to 105 g dry.
test.each(['chickpeas', 'kidney beans', 'borlotti beans', 'pinto beans', 'navy beans', 'white kidney beans'])(
  'a drained can of %s is about 100 g of dry ones',
  (name) => {
    const canned = bookFood(TINS[name] ?? '').facts.packs?.value[0]?.drainedG ?? NaN;
    const dry = canned / (1 + (bookFood(name).facts.uptake?.value ?? NaN));
    expect(dry).toBeGreaterThanOrEqual(88);
    expect(dry).toBeLessThanOrEqual(106);
  },
);

// Source: USDA FoodData Central SR Legacy, refuse (from memory), as pieces.csv says: what is bought for an edible amount.
test.each([
  ['leek', 'leek', 'one'],
  ['cauliflower', 'cauliflower', 'medium head edible'],
  ['broccoli', 'broccoli', 'head edible'],
  ['avocado', 'avocado', 'one'],
])('%s: what leaves the shelf is more by its edible part', (name, inTable, piece) => {
  const row = readTable('pieces').find((each) => each['food'] === inTable && each['piece'] === piece);
  if (!row) throw new Error(name);
  const [base] = STARTER_RECIPES;
  if (!base) throw new Error('no recipe');
  const line: Line = {
    id: 'x',
    food: bookFood(name).id,
    amount: { n: '100', unit: 'g' },
    law: { law: 'in proportion' },
    prepared: true,
    into: [{ step: base.steps[0]?.id ?? '', share: '1' }],
  };
  const recipe: Revision = { ...base, lines: [line], methods: [], versions: [] };
  const [scaled] = scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT).lines;
  const bought = scaled?.fromShelf ? inBase(scaled.fromShelf.value).valueOf() : NaN;
  expect(Math.abs(bought / (10000 / Number(cell(row, 'edible_pct'))) - 1)).toBeLessThan(0.2);
});

test('frozen, fresh in the pod and dry are three foods, each with its own edible part and water', () => {
  const said = ['300 g frozen peas', '1 kg peas in the pod', '200 g split peas'].map(
    (text) => readIngredientLine(text, index).food,
  );
  expect(said.map((food) => food?.name)).toEqual(['frozen peas', 'green peas', 'split peas']);
  const [frozen, fresh, dry] = said.map((food) => food?.facts);
  expect([frozen?.ediblePart, fresh?.ediblePart?.value, frozen?.uptake]).toEqual([undefined, 0.38, undefined]);
  expect(dry?.uptake?.value).toBeGreaterThan(1.5);
});
