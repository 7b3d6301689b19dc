import fc from 'fast-check';
import { bookFoodId } from '../src/food/index.ts';
import { indexFoods, readIngredientLine, readShelfLine } from '../src/formats/index.ts';
import { Fraction, addDays, inBase } from '../src/quantity/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession } from '../src/session/index.ts';
import {
  costAhead,
  dishesMadeOf,
  missingOf,
  promisesOf,
  readyComponents,
  stripsOf,
  usedTogether,
} from '../src/view/index.ts';
import {
  BOWL,
  EQUIPMENT,
  FOODS,
  KALE,
  MILLET,
  PLACES,
  TODAY,
  anyKitchen,
  batchOf,
  boxOf,
  eaterOf,
  kitchenOf,
  lotOf,
  sessionOf,
} from './inventKitchen.ts';

const morning = sessionOf('s', TODAY, '08:00');
const SIX = Date.parse('2026-03-02T06:00:00Z');
/** Millet for the table and for the bowls, and the bowls. */
const bowlsToday = (millet: number, bowls: number, frozen = 0) =>
  kitchenOf({
    eaters: [eaterOf('a')],
    sessions: [morning],
    batches: [batchOf('millet', 's', MILLET, millet, frozen), batchOf('bowl', 's', BOWL, bowls)],
  });

test('a dish made of a dish of the same session takes it in when all work on that one is done, in every plan', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 4, max: 30 }),
      fc.integer({ min: 4, max: 16 }),
      fc.integer({ min: 1, max: 99 }),
      (millet, bowls, seed) => {
        const { batches } = bowlsToday(millet, bowls);
        const { problem, about } = expandSession(
          's',
          batches.map(({ state, scaled }) => ({ id: state.id, scaled })),
          EQUIPMENT,
          1,
        );
        const plan = search(problem, { seed, rounds: 20 });
        expect(check(problem, plan)).toEqual([]);
        const ends = Object.values(about)
          .filter(({ batch }) => batch === 'millet')
          .map(({ id }) => (plan.starts[id] ?? 0) + (problem.tasks.find((task) => task.id === id)?.minutes ?? 0));
        const takes = Object.values(about).filter(
          ({ batch, goesIn }) => batch === 'bowl' && goesIn.some(({ line }) => line === 'millet'),
        );
        expect(takes.length).toBeGreaterThan(0);
        for (const { id } of takes) expect(plan.starts[id]).toBeGreaterThanOrEqual(Math.max(...ends));
      },
    ),
    { numRuns: 25 },
  );
});

test('two dishes made of each other can be planned: one of them waits for nobody', () => {
  const { batches } = bowlsToday(8, 8);
  const [bowl] = batches.filter(({ state }) => state.id === 'bowl');
  const millet = batches.find(({ state }) => state.id === 'millet');
  if (!bowl || !millet) throw new Error('no dishes');
  const line = bowl.scaled.lines.find(({ line: { id } }) => id === 'millet');
  if (!line) throw new Error('no line');
  // Millet that is stirred with a spoon of the bowls.
  const back = {
    ...line,
    line: { ...line.line, into: [{ step: millet.scaled.recipe.steps.at(-1)?.id ?? '', share: '1' }] },
  };
  const circle = {
    ...millet.scaled,
    lines: [...millet.scaled.lines, { ...back, food: { ...back.food, id: BOWL.component.id } }],
  };
  const { problem } = expandSession(
    's',
    [
      { id: 'bowl', scaled: bowl.scaled },
      { id: 'millet', scaled: circle },
    ],
    EQUIPMENT,
    1,
  );
  expect(check(problem, search(problem, { seed: 1, rounds: 10 }))).toEqual([]);
});

test('what will be cooked serves the dish that is made of it: nothing is missing, and what is over is for the table', () => {
  const view = bowlsToday(20, 8);
  expect(missingOf(view).map(({ food }) => food.id)).not.toContain(MILLET.component.id);
  const [into] = dishesMadeOf(view, 'millet');
  expect([into?.batch.state.id, into?.amount.valueOf()]).toEqual(['bowl', 960]);
  const strip = stripsOf(view, {}, SIX).find(({ food }) => food.id === MILLET.component.id);
  const yields = view.batches.find(({ state }) => state.id === 'millet')?.scaled.yields.value.g.valueOf() ?? 0;
  expect(strip?.supply.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(yields - 960, 6);
});

test('what stands in the fridge goes first; what is frozen is not thawed for a dish whose part is cooked that day', () => {
  const { batches, week } = bowlsToday(20, 8);
  const boxes = [boxOf('cold', MILLET, 'fridge', 2, TODAY), boxOf('ice', MILLET, 'freezer', 8, addDays(TODAY, -9))];
  const view = kitchenOf({ sessions: week.sessions, batches: batches.map(({ state }) => state), lots: boxes });
  const taken = promisesOf(view).promises.promised.filter(({ food }) => food === MILLET.component.id);
  expect(taken.map(({ lot, amount }) => [lot, amount.valueOf()])).toEqual([
    ['cold', 300],
    ['millet/cold', 660],
  ]);
  expect(readyComponents(view).find(({ food }) => food.id === MILLET.component.id)?.portions).toBe(0);
});

test('a dish of an earlier hour cannot be made of what is cooked later that day', () => {
  const view = kitchenOf({
    sessions: [morning, sessionOf('evening', TODAY, '19:00')],
    batches: [batchOf('bowl', 's', BOWL, 8), batchOf('millet', 'evening', MILLET, 20)],
  });
  expect(missingOf(view).find(({ food }) => food.id === MILLET.component.id)?.missingText).toBe('960 g');
});

test('law: no more is promised of a dish than it makes, and all that is asked for is promised or missing', () => {
  fc.assert(
    fc.property(anyKitchen, (view) => {
      const { promises, coming, counted, reservations } = promisesOf(view);
      for (const lot of [...coming, ...counted]) {
        const taken = promises.promised
          .filter((each) => each.lot === lot.id)
          .reduce((sum, { amount }) => sum.add(amount), new Fraction(0));
        expect(taken.compare(lot.onHand)).toBeLessThanOrEqual(0);
      }
      for (const { for: batch, food, amount } of reservations) {
        const of = (all: readonly { readonly for: string; readonly food: string }[], grams: (n: number) => Fraction) =>
          all.reduce(
            (sum, each, n) => (each.for === batch && each.food === food ? sum.add(grams(n)) : sum),
            new Fraction(0),
          );
        const got = of(promises.promised, (n) => promises.promised[n]?.amount ?? new Fraction(0));
        const lacks = of(promises.unkept, (n) => promises.unkept[n]?.missing ?? new Fraction(0));
        expect(got.add(lacks).equals(amount)).toBe(true);
      }
    }),
  );
});

test('law: what goes from one dish into another is paid once', () => {
  const price = { minor: 400, amount: '1000' };
  const raw = [...new Set([...MILLET.lines, ...KALE.lines].map(({ food }) => food))].map((food) =>
    lotOf(food, food, 'cupboard', 90_000, { priced: price }),
  );
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 40 }), fc.integer({ min: 1, max: 8 }), (millet, bowls) => {
      const { batches } = kitchenOf({
        sessions: [morning],
        batches: [batchOf('millet', 's', MILLET, millet), batchOf('bowl', 's', BOWL, bowls)],
        lots: raw,
      });
      const view = kitchenOf({ lots: raw });
      const scaled = batches.map((batch) => batch.scaled);
      const together = costAhead(view, scaled);
      const used = usedTogether(together);
      // The same, by what leaves the shelf: every bought line at its price.
      const bought = batches
        .flatMap(({ scaled: { lines } }) => lines)
        .filter(({ line, food, fromShelf }) => fromShelf && !line.optional && food.facts.kind !== 'component')
        .reduce(
          (sum, { grams, fromShelf }) =>
            sum +
            0.4 *
              (fromShelf?.value.kind === 'mass'
                ? fromShelf.value.g.valueOf()
                : fromShelf?.value.kind === 'volume'
                  ? fromShelf.value.mL.valueOf()
                  : (fromShelf?.value.each.valueOf() ?? grams?.g.valueOf() ?? 0)),
          0,
        );
      expect(Math.abs(used - bought)).toBeLessThanOrEqual(2);
      // Handed in the other way round, each costs the same.
      expect(
        costAhead(view, [...scaled].reverse())
          .map(({ usedMinor }) => usedMinor)
          .reverse(),
      ).toEqual(together.map(({ usedMinor }) => usedMinor));
    }),
    { numRuns: 30 },
  );
});

describe('a dish chosen by name is the cooked one', () => {
  const portioned = FOODS.map((food) =>
    food.id === MILLET.component.id
      ? { ...food, facts: { ...food.facts, gramsEach: { value: 160, source: 'test' } } }
      : food,
  );
  const index = indexFoods(portioned);
  const shelf = { foods: portioned, places: PLACES, today: TODAY };

  test.each([
    ['300 g millet', bookFoodId('millet'), { kind: 'mass' }],
    ['300 g cooked millet', MILLET.component.id, { kind: 'mass' }],
    ['2 portions of millet', MILLET.component.id, { kind: 'count' }],
    ['2 portions millet, warm', MILLET.component.id, { kind: 'count' }],
    ['400 g kale and leek', KALE.component.id, { kind: 'mass' }],
  ])('in a recipe: %s', (line, food, amount) => {
    const read = readIngredientLine(line, index, 'metric cup');
    expect([read.doubts, read.food?.id]).toEqual([[], food]);
    expect(read.amount).toMatchObject(amount);
  });

  test.each([
    ['300 g millet cupboard', bookFoodId('millet'), 300],
    ['4 portions of millet freezer', MILLET.component.id, 640],
    ['500 g cooked millet fridge', MILLET.component.id, 500],
    ['600 g kale and leek fridge', KALE.component.id, 600],
  ])('on the shelf: %s', (line, food, grams) => {
    const read = readShelfLine(line, shelf);
    expect([read.asks, read.food?.id, read.amount && inBase(read.amount).valueOf()]).toEqual([[], food, grams]);
  });

  test('put into another dish, it weighs there what was put in', () => {
    const [bowl] = kitchenOf({ sessions: [morning], batches: [batchOf('bowl', 's', BOWL, 8)] }).batches;
    const parts = (bowl?.scaled.yields.because.parts ?? []).map(({ rule, figure }) => `${rule} = ${figure}`);
    expect(parts).toContain('Millet: 960 g × 1 = 960 g');
  });
});
