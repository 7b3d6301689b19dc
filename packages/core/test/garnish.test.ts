import type { BatchState } from '../src/formats/index.ts';
import { bookFood } from '../src/food/index.ts';
import type { Revision } from '../src/recipe/index.ts';
import { weekThatWas } from '../src/view/index.ts';
import { KALE, TODAY, kitchenOf } from './inventKitchen.ts';

const hazelnuts = bookFood('hazelnuts');
const PLAIN: Revision = { ...KALE, lines: KALE.lines.filter(({ optional }) => optional !== true) };
const withNuts = (n: string): Revision => {
  const [first] = PLAIN.lines;
  if (!first) throw new Error('kale has no line');
  return {
    ...KALE,
    lines: [
      ...PLAIN.lines,
      {
        ...first,
        id: 'nuts',
        food: hazelnuts.id,
        amount: { n, unit: 'g' },
        law: { law: 'in proportion' },
        optional: true,
      },
    ],
  };
};
const bare = kitchenOf({});
const viewOf = (document: Revision) => ({
  ...bare,
  foods: new Map([...bare.foods, [hazelnuts.id, hazelnuts]]),
  recipes: [{ ...(bare.recipes[0] as object), id: 'kale', number: 1, document }] as never,
  costs: {
    ...bare.costs,
    prices: [{ id: 'p', food: hazelnuts.id, on: TODAY, from: 'purchase', minor: 400, amount: '200' }],
  } as never,
});
const batch = (portions: number, cost: BatchState['cost']): BatchState =>
  ({
    id: 'b',
    session: 's',
    recipe: 'kale',
    revision: 1,
    portions: `${portions}`,
    freezePortions: '0',
    choice: {},
    finals: [],
    notes: [],
    status: 'put away',
    cost,
    yieldG: null,
    reopenedAt: null,
    version: 1,
  }) as unknown as BatchState;
const past = (portions: number) => ({
  from: TODAY,
  until: TODAY,
  first: TODAY,
  sessions: [],
  batches: [batch(portions, { usedMinor: 300, tillMinor: 600, portions: `${portions}` })],
  runs: [],
  movements: [],
  before: [],
});

test('the garnish of what was cooked is told beside its cost, at its size and the newest price, and changes no booked figure', () => {
  const { cooked, cookedDishes } = weekThatWas(viewOf(withNuts('40')), past(KALE.portions * 2));
  // By hand: 40 g twice, of 200 g for 4.00.
  expect(cooked).toEqual({ portions: KALE.portions * 2, usedMinor: 300, tillMinor: 600, garnishMinor: 160 });
  expect(cookedDishes.map(({ garnishMinor }) => garnishMinor)).toEqual([160]);
});

test('a dish without a garnish has none', () =>
  expect(weekThatWas(viewOf(PLAIN), past(4)).cooked.garnishMinor).toBe(0));
