import { Fraction } from '../src/quantity/index.ts';
import { foldRun, type RunFact } from '../src/run/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { asRun, leftOutMeans, tasksOf } from '../src/view/index.ts';
import { STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import { EQUIPMENT, FOODS, DISHES, TODAY, batchOf, kitchenOf, sessionOf } from './inventKitchen.ts';

const sauce = STARTER_RECIPES.find(({ component }) => component.name === 'Sunflower sauce') as Revision;
const foods = new Map(FOODS.map((food) => [food.id, food]));
const session = sessionOf('s', TODAY, '09:00');
const view = kitchenOf({ sessions: [session], batches: [batchOf('sauce', 's', sauce, 8)] });
const [batch] = view.batches;
if (!batch || !DISHES.some(({ document }) => document === sauce)) throw new Error('no sauce');
const { about } = tasksOf(session, [batch], EQUIPMENT, 1, session.wishes).tasks;
const mustard = sauce.lines.find(({ food }) => foods.get(food)?.name.includes('mustard'));
const at = Object.values(about).find(({ goesIn }) => goesIn.some(({ line }) => line === mustard?.id));
if (!mustard || !at) throw new Error('no mustard');
const told = (...what: readonly RunFact[]) => ({
  about,
  facts: foldRun(what.map((each, n) => ({ id: `${n}`, device: 'a', deviceSeq: n, clock: n, at: n, what: each }))),
});

test('what is left out changes yield, protein and allergens at once: said at the gate, and the same when it is put away', () => {
  const means = leftOutMeans(view, batch, told(), [{ task: at.id, line: mustard.id }]);
  expect(means.freeOf).toContain('mustard');
  expect(means.portionG[1]).toBeLessThan(means.portionG[0]);
  expect(means.proteinG[1]).toBeLessThan(means.proteinG[0] ?? 0);
  const { scaled, state } = asRun(
    view,
    batch,
    told({ kind: 'gate', task: at.id, line: mustard.id, choice: 'left out' }),
  );
  expect([scaled.portionG, scaled.allergens.contains]).toEqual([
    means.portionG[1],
    batch.scaled.allergens.contains.filter((each) => each !== 'mustard'),
  ]);
  expect(state.finals).toEqual([{ line: mustard.id, amount: { n: '0', unit: expect.any(String) as string } }]);
  // The same as the dish scaled with what the server will store.
  expect(scaled.yields.value.g.valueOf()).toBe(
    scaleBatch(sauce, new Fraction(8), foods, EQUIPMENT, state.finals).yields.value.g.valueOf(),
  );
});

test('a run without a word leaves the batch as it is, and what was said by hand stands before what the run says', () => {
  expect(asRun(view, batch, told())).toBe(batch);
  const byHand = {
    ...batch,
    state: { ...batch.state, finals: [{ line: mustard.id, amount: { n: '7', unit: 'g' as const } }] },
  };
  const { state } = asRun(view, byHand, told({ kind: 'gate', task: at.id, line: mustard.id, choice: 'left out' }));
  expect(state.finals.map(({ amount }) => amount.n)).toEqual(['7']);
});
