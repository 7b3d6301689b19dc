import fc from 'fast-check';
import type { BatchState, WeekState } from '../src/formats/index.ts';
import { addDays, momentAt } from '../src/quantity/index.ts';
import { MEALS_A_DAY, PROFILES, firstMealOf, servedAt, suggestWeek, type Slot } from '../src/week/index.ts';
import {
  NEW_SESSION,
  askOf,
  brokenMeals,
  costAhead,
  newSessionAt,
  repairsOf,
  stripsOf,
  suggestedChange,
  tasksOf,
  tryWeek,
  usedTogether,
  viewOf,
  weekDays,
  type KitchenView,
  type WeekChange,
} from '../src/view/index.ts';
import {
  BOWL,
  DISHES,
  FOODS,
  KALE,
  MILLET,
  TODAY,
  ZONE,
  anyKitchen,
  batchOf,
  boxOf,
  eaterOf,
  kitchenOf,
  lotOf,
  sessionOf,
} from './inventKitchen.ts';

const clock = (text: string, days = 0) => momentAt(addDays(TODAY, days), text, ZONE);
const dinner = (days: number, ...foods: readonly string[]): Slot => ({
  day: addDays(TODAY, days),
  meal: 'dinner',
  guests: 0,
  parts: foods.map((food) => ({ food, portions: 1 })),
});
const four = ['a', 'b', 'c', 'd'].map((id) => eaterOf(id));

/** The rows as the server would keep them after a change, read anew. */
function kept(view: KitchenView, { slots = [], size = [], add = [], drop = [] }: WeekChange, now: number): KitchenView {
  const into = (session: string | undefined): string =>
    session ?? (view.session?.status === 'planned' ? view.session.id : NEW_SESSION);
  const made = [...new Set(add.map(({ session }) => into(session)))].flatMap((id) => {
    const startsAt = newSessionAt(id, now);
    return startsAt === undefined
      ? []
      : [{ ...sessionOf(id, TODAY, '00:00'), startsAt: new Date(startsAt).toISOString() }];
  });
  const added = add.map((each, n): BatchState => ({
    ...batchOf(`new ${n}`, into(each.session), MILLET, each.portions, each.freezePortions),
    recipe: each.recipe,
  }));
  const week: WeekState = {
    ...view.week,
    slots: [
      ...slots,
      ...view.week.slots.filter((was) => !slots.some(({ day, meal }) => day === was.day && meal === was.meal)),
    ],
    sessions: [...view.week.sessions, ...made],
    batches: [
      ...view.week.batches.map((batch): BatchState => {
        const other = size.find(({ id }) => id === batch.id);
        return {
          ...batch,
          ...(drop.includes(batch.id) ? { status: 'dropped' } : {}),
          ...(other ? { portions: `${other.portions}`, freezePortions: `${other.freezePortions}` } : {}),
        };
      }),
      ...added,
    ],
  };
  return viewOf(
    view.kitchen,
    FOODS,
    view.lots.map(({ state }) => state),
    DISHES,
    week,
    view.costs,
    null,
  );
}
const brokenIn = (view: KitchenView, now: number) => brokenMeals(view, stripsOf(view, {}, now), now);

test('law: what is offered to mend a week is what stands there once it is kept, and what it calls mended is', () => {
  fc.assert(
    fc.property(anyKitchen, fc.constantFrom('06:00', '14:00', '20:30'), (view, hour) => {
      const now = clock(hour);
      const broken = brokenIn(view, now);
      fc.pre(broken.length > 0);
      for (const { change, broken: left } of repairsOf(view, broken, now)) {
        const after = brokenIn(kept(view, change, now), now);
        expect(after.map(({ number, lacks }) => [number, lacks])).toEqual(
          left.map(({ number, lacks }) => [number, lacks]),
        );
        expect(left.length).toBeLessThanOrEqual(broken.length);
      }
    }),
    { numRuns: 15 },
  );
});

test('the least change stands first: the missing half is cooked in the session that is early enough', () => {
  const view = kitchenOf({
    eaters: four,
    sessions: [sessionOf('top-up', addDays(TODAY, 2), '10:00')],
    batches: [batchOf('kale', 'top-up', KALE, 4)],
    lots: [boxOf('box', MILLET, 'fridge', 2, TODAY)],
    slots: [dinner(2, MILLET.component.id)],
  });
  const now = clock('08:00');
  const [first] = repairsOf(view, brokenIn(view, now), now);
  expect(first).toMatchObject({ way: 'cook what is missing', broken: [], meals: [] });
  expect(first?.change.add).toEqual([
    {
      recipe: DISHES.find(({ document }) => document === MILLET)?.id,
      portions: expect.any(Number) as number,
      freezePortions: 0,
      session: 'top-up',
    },
  ]);
  // Its raw stock is not there: that stands with it.
  expect(first?.buy.map(({ food }) => food.name)).toContain('millet');
});

test('where nothing can be ready in time, a little less for everybody comes before another meal', () => {
  const view = kitchenOf({
    eaters: four,
    lots: [boxOf('box', MILLET, 'fridge', 3, TODAY), boxOf('kale', KALE, 'fridge', 9, TODAY)],
    slots: [dinner(0, MILLET.component.id)],
  });
  const now = clock('17:30');
  const ways = repairsOf(view, brokenIn(view, now), now);
  expect(ways[0]?.way).toBe('smaller portions');
  expect(ways.some(({ way }) => way === 'cook what is missing')).toBe(false);
  expect(ways[0]?.meals[0]?.parts[0]?.portions).toBe(0.75);
  expect(ways[0]?.broken).toEqual([]);
});

describe('a suggested week', () => {
  const week = (view: KitchenView, now: number, keepSet = true) => {
    const ask = askOf(view, { locked: {}, handsAtMost: undefined, keepSet }, now);
    return {
      ask,
      change: suggestedChange(
        view,
        ask,
        suggestWeek({ ...ask, weights: PROFILES['least work'] }, { seed: 1, rounds: 4000 }),
      ),
    };
  };
  const pantry = ['millet', 'kale', 'leek'].flatMap((name) => {
    const food = FOODS.find((each) => each.name === name);
    return food ? [lotOf(name, food.id, 'cupboard', 9000, { priced: { minor: 300, amount: '1000' } })] : [];
  });

  test('fills no meal that has been served, and none that was set by hand', () => {
    const hand = dinner(1, KALE.component.id);
    const { change } = week(kitchenOf({ eaters: four, lots: pantry, slots: [hand] }), clock('13:00'));
    expect(change.slots?.some(({ day, meal }) => day === TODAY && meal === 'lunch')).toBe(false);
    expect(change.slots?.some(({ day, meal }) => day === hand.day && meal === hand.meal)).toBe(false);
    expect(change.slots?.length).toBeGreaterThan(0);
  });

  test('starts nothing tonight that would have had to soak since morning', () => {
    const soaks = (sessions: KitchenView['week']['sessions']) =>
      askOf(
        kitchenOf({ eaters: four, sessions }),
        { locked: {}, handsAtMost: undefined },
        clock('16:00'),
      ).candidates.find(({ name }) => name === 'Borlotti')?.cooks?.into;
    // Not tonight, but in the top-up some days later.
    expect(soaks([sessionOf('tonight', TODAY, '18:00')])).toEqual([1]);
    expect(soaks([sessionOf('later', addDays(TODAY, 2), '10:00')])).toContain(0);
  });

  test('law: a dish feeds no meal before it is cooked, for the search as for the strip', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 6 }),
        fc.constantFrom('00:30', '09:00', '13:00', '19:00', '23:30'),
        fc.constantFrom('05:00', '12:00', '21:00'),
        (days, at, hour) => {
          const now = clock(hour);
          const start = Math.max(clock(at, days), now);
          const view = kitchenOf({
            eaters: four,
            sessions: [sessionOf('s', addDays(TODAY, days), at)],
            batches: [batchOf('m', 's', MILLET, 40)],
          });
          const { sessions } = askOf(view, { locked: {}, handsAtMost: undefined }, now);
          const cookedFrom = sessions[0]?.from ?? -1;
          const item = stripsOf(view, {}, now).find(({ batch }) => batch);
          expect(item?.supply[0]?.fromMeal).toBe(cookedFrom);
          expect(cookedFrom).toBe(firstMealOf([], weekDays(TODAY), ZONE, start));
          const before = cookedFrom - 1;
          const day = weekDays(TODAY)[Math.floor(before / MEALS_A_DAY)];
          if (day)
            expect(servedAt([], day, before % MEALS_A_DAY === 0 ? 'lunch' : 'dinner', ZONE)).toBeLessThan(
              start + 2 * 3_600_000,
            );
        },
      ),
      { numRuns: 60 },
    );
  });

  test('its preview is what the week shows once it is taken: dishes, cost, what is short', () => {
    const view = kitchenOf({ eaters: four, lots: pantry, sessions: [sessionOf('s', TODAY, '08:00')] });
    const now = clock('06:00');
    const { change } = week(view, now);
    const tried = tryWeek(view, change, now);
    const after = kept(view, tried.change, now);
    const open = after.batches.map(({ scaled }) => scaled);
    expect(open.length).toBeGreaterThan(0);
    expect(tried.usedMinor).toBe(usedTogether(costAhead(after, open)));
    expect(tried.usedMinor).toBeGreaterThan(0);
    expect(tried.dishes.map(({ name, portions }) => `${name} ${portions}`).sort()).toEqual(
      after.batches.map(({ recipe, state }) => `${recipe.document.component.name} ${state.portions}`).sort(),
    );
    expect(brokenIn(after, now)).toEqual([...tried.broken]);
    // Hands: the steps of the day as it will be planned, dish by dish.
    const [session] = after.week.sessions;
    if (!session) throw new Error('no session');
    const { tasks } = tasksOf(session, after.batches, after.kitchen.equipment, session.cooks, session.wishes).tasks
      .problem;
    expect(tried.hands.value).toBe(
      tasks.reduce((sum, task) => sum + (task.attention === 'full' ? task.minutes : 0), 0),
    );
    expect((tried.hands.because.parts ?? []).reduce((sum, { figure }) => sum + parseInt(figure, 10), 0)).toBe(
      tried.hands.value,
    );
  });
});

test('what the shop knows the week knows: a food that is not there costs its newest price, by its own day', () => {
  const rows = (...prices: readonly [string, number][]) =>
    prices.map(([on, minor], n) => ({
      id: `${n}`,
      food: MILLET.lines[0]?.food ?? '',
      on: addDays(TODAY, Number(on)),
      minor,
      amount: '1000',
      shop: null,
      from: 'entered' as const,
    }));
  const cost = (...prices: readonly [string, number][]) => {
    const view = kitchenOf({
      sessions: [sessionOf('s', TODAY, '08:00')],
      batches: [batchOf('m', 's', MILLET, 8)],
      costs: { prices: rows(...prices), floors: [], thrown: [] },
    });
    return costAhead(
      view,
      view.batches.map(({ scaled }) => scaled),
    )[0];
  };
  expect(cost()?.unknown).toContain('millet');
  expect(cost(['-3', 400])?.unknown).not.toContain('millet');
  const dear = cost(['-3', 400], ['-1', 800], ['-9', 100]);
  expect(dear?.usedMinor).toBe(cost(['-1', 800])?.usedMinor ?? 0);
  expect(dear?.usedMinor).toBeGreaterThan(cost(['-3', 400])?.usedMinor ?? Infinity);
});

test('a bowl is mended by cooking what it is made of too', () => {
  const view = kitchenOf({
    eaters: four,
    sessions: [sessionOf('s', addDays(TODAY, 1), '09:00')],
    slots: [dinner(1, BOWL.component.id)],
  });
  const now = clock('08:00');
  const [first] = repairsOf(view, brokenIn(view, now), now);
  expect(first?.way).toBe('cook what is missing');
  expect(first?.buy.map(({ food }) => food.id)).toContain(MILLET.component.id);
});
