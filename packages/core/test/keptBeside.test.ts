import fc from 'fast-check';
import { BOOK } from '../src/food/index.ts';
import type { RecipeState } from '../src/formats/index.ts';
import { addDays, show } from '../src/quantity/index.ts';
import type { Line, Revision } from '../src/recipe/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession } from '../src/session/index.ts';
import { flat, weekFold } from '../src/week/index.ts';
import {
  askOf,
  costAhead,
  countedOnBeside,
  keptBeside,
  missingOf,
  viewOf,
  type KitchenView,
} from '../src/view/index.ts';
import { EQUIPMENT, FOODS, KALE, MILLET, NO_COSTS, TODAY, batchOf, kitchenOf, sessionOf } from './inventKitchen.ts';

const STOCK = BOOK.find(({ name }) => name === 'vegetable stock');
const [first] = MILLET.steps;
const last = KALE.steps.at(-1);
if (!STOCK || !first || !last) throw new Error('no stock');

/** Millet whose cooking leaves 600 mL of stock at its written size, which keeps three days; and kale that takes 300 mL of it. */
const GIVES: Revision = {
  ...MILLET,
  steps: MILLET.steps.map((step) =>
    step.id === first.id
      ? {
          ...step,
          gives: [
            {
              name: STOCK.name,
              amount: { n: '600', unit: 'mL' },
              goes: { to: 'shelf', keepsDays: { value: 3, source: 'invented' } },
            },
          ],
        }
      : step,
  ),
};
const line: Line = {
  id: 'stock',
  food: STOCK.id,
  amount: { n: '300', unit: 'mL' },
  law: { law: 'in proportion' },
  into: [{ step: last.id, share: '1' }],
};
const TAKES: Revision = { ...KALE, lines: [...KALE.lines, line] };
const recipes: readonly RecipeState[] = [GIVES, TAKES].map((document, n) => ({
  id: `recipe ${n}`,
  name: document.name,
  number: 1,
  document,
}));

/** The millet today, and the kale so many days later, at an hour. */
function kitchen(later: number, clock = '08:00', portions = MILLET.portions): KitchenView {
  const { kitchen: state, week } = kitchenOf({
    sessions: [sessionOf('s', TODAY, '08:00'), sessionOf('t', addDays(TODAY, later), clock)],
  });
  const batches = [
    { ...batchOf('millet', 's', MILLET, portions), recipe: 'recipe 0' },
    { ...batchOf('kale', later === 0 && clock === '08:00' ? 's' : 't', KALE, KALE.portions), recipe: 'recipe 1' },
  ];
  return viewOf(state, FOODS, [], recipes, { ...week, batches }, NO_COSTS, null);
}
const lacks = (view: KitchenView) => missingOf(view).find(({ food }) => food.id === STOCK.id)?.missingText;

test('what comes out beside a dish serves another that is cooked while it keeps, and none before it', () => {
  expect([0, 1, 3].map((days) => lacks(kitchen(days)))).toEqual([undefined, undefined, undefined]);
  expect(lacks(kitchen(4))).toBe('300 mL');
  expect(lacks(kitchen(0, '07:00'))).toBe('300 mL');
  // By hand: half the millet leaves 300 mL, a quarter 150.
  expect(lacks(kitchen(1, '08:00', MILLET.portions / 2))).toBeUndefined();
  expect(lacks(kitchen(1, '08:00', MILLET.portions / 4))).toBe('150 mL');
});

test('law: it grows with the batch', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), (portions) => {
      const view = kitchen(1, '08:00', portions);
      const [kept, ...more] = view.batches.flatMap(({ scaled }) => keptBeside(view, scaled));
      expect(more).toEqual([]);
      expect(kept?.food.id).toBe(STOCK.id);
      expect(kept?.amount.valueOf()).toBeCloseTo((600 * portions) / MILLET.portions, 6);
    }),
  ));

test('in one session the dish that takes it waits until it is there, in every plan; and it costs nothing more', () => {
  const view = kitchen(0);
  const { problem, about } = expandSession(
    's',
    view.batches.map(({ state, scaled }) => ({ id: state.id, scaled })),
    EQUIPMENT,
    2,
  );
  const gives = Object.values(about).filter(({ batch, step }) => batch === 'millet' && step === first.id);
  const takes = Object.values(about).filter(({ goesIn }) => goesIn.some(({ line: id }) => id === 'stock'));
  expect([gives.length > 0, takes.length > 0]).toEqual([true, true]);
  for (const seed of [1, 2, 3]) {
    const plan = search(problem, { seed, rounds: 20 });
    expect(check(problem, plan)).toEqual([]);
    const ends = gives.map(
      ({ id }) => (plan.starts[id] ?? 0) + (problem.tasks.find((task) => task.id === id)?.minutes ?? 0),
    );
    for (const { id } of takes) expect(plan.starts[id]).toBeGreaterThanOrEqual(Math.max(...ends));
  }
  const [, kale] = costAhead(
    view,
    view.batches.map(({ scaled }) => scaled),
  );
  expect(kale?.unknown).not.toContain(STOCK.name);
});

test('a suggested week buys so much less of it', () => {
  const view = kitchen(1);
  const ask = askOf({ ...view, batches: [] }, { locked: {}, handsAtMost: undefined }, Date.parse(`${TODAY}T06:00:00Z`));
  const good = ask.goods.findIndex(({ name }) => name === STOCK.name);
  const goods = ask.goods.map((each, n) => ({ ...each, there: 0, pack: undefined, minor: n === good ? 1 : 0 }));
  const week = { ...ask, goods, weights: { short: 1, feeds: 1, waste: 1, hands: 1, cost: 1, repeats: 1, liking: 1 } };
  const cost = (sizes: readonly number[]) =>
    weekFold(week)(flat({ meals: ask.people.map(() => [-1, -1, -1, -1]), sizes, into: ask.candidates.map(() => 0) }))
      .cost;
  const at = (millet: number, kale: number) =>
    cost(ask.candidates.map(({ recipe }) => (recipe === 'recipe 0' ? millet : kale)));
  // By hand, at 1 a millilitre: the kale alone takes 300; with all of the millet none, with a quarter of it 150.
  expect(at(0, KALE.portions)).toBeCloseTo(300, 6);
  expect(at(MILLET.portions, KALE.portions)).toBe(0);
  expect(at(MILLET.portions / 4, KALE.portions)).toBeCloseTo(150, 6);
});

test('who puts a dish away is told which dishes count on what comes out beside it, and how much of it they take', () => {
  const counted = (days: number) => {
    const view = kitchen(days);
    const millet = view.batches.find(({ state }) => state.id === 'millet');
    const takers = millet ? countedOnBeside(view, millet).get(STOCK.name) : undefined;
    return takers?.map(({ dish, on, amount }) => [dish, on, show(amount)]);
  };
  expect(counted(1)).toEqual([[KALE.component.name, addDays(TODAY, 1), '300 mL']]);
  // On the fourth day it is not kept any more.
  expect(counted(4)).toEqual([]);
});
