import fc from 'fast-check';
import type { BatchState, PastMovement, PastState, RecipeState } from '../src/formats/index.ts';
import { Fraction, addDays, type Written } from '../src/quantity/index.ts';
import { GIVEN_AWAY, type MovementKind } from '../src/stock/index.ts';
import { cookedOtherwise, lastTimes, ranOutEarly, weekByWeek, weekThatWas } from '../src/view/index.ts';
import { EQUIPMENT, KALE, MILLET, TODAY, kitchenOf } from './inventKitchen.ts';

const VIEW = kitchenOf({});
const FOODS = [MILLET.component.id, KALE.component.id];
const NOTHING: PastState = {
  from: TODAY,
  until: addDays(TODAY, 6),
  first: TODAY,
  sessions: [],
  batches: [],
  runs: [],
  movements: [],
  before: [],
};
const moved = (
  kind: MovementKind,
  amount: number,
  { food = FOODS[0] ?? '', reason = null, ...more }: Partial<PastMovement> = {},
): PastMovement => ({
  at: `${TODAY}T10:00:00Z`,
  kind,
  lot: 'box',
  food,
  amount: `${amount}`,
  reason,
  place: 'upper',
  placeKind: 'fridge',
  box: null,
  portionG: '200',
  minor: null,
  ...more,
});

/** A deed with boxes, and perhaps what took it back. */
const anyDeed = fc
  .record({
    food: fc.constantFrom(...FOODS),
    kind: fc.constantFrom<MovementKind>('made', 'eaten', 'thrown', 'used', 'counted', 'moved'),
    grams: fc.integer({ min: 1, max: 2000 }),
    reason: fc.constantFrom('stale', GIVEN_AWAY),
    undone: fc.boolean(),
  })
  .map(({ food, kind, grams, reason, undone }): readonly PastMovement[] => {
    const amount = kind === 'made' || kind === 'counted' ? grams : -grams;
    if (kind === 'moved')
      return [moved(kind, -grams, { food }), moved(kind, grams, { food, lot: 'other', placeKind: 'freezer' })];
    const name = kind === 'eaten' ? 'eat' : kind === 'thrown' ? 'throw lot' : undefined;
    return [
      moved(kind, amount, { food, reason: kind === 'thrown' ? reason : null }),
      ...(undone && name ? [moved('corrected', -amount, { food, reason: `undo: ${name}` })] : []),
    ];
  });

test('law: there before, made and counted is eaten, given away, thrown away, used or still there, to the gram, and each figure is the sum of its movements', () =>
  fc.assert(
    fc.property(fc.array(anyDeed, { maxLength: 30 }), fc.nat(3000), (deeds, before) => {
      const movements = deeds.flat();
      const food = FOODS[0] ?? '';
      const { dishes } = weekThatWas(VIEW, {
        ...NOTHING,
        movements,
        before: [{ food, amount: `${before}`, portionG: '200' }],
      });
      for (const dish of dishes) {
        expect(dish.before + dish.made + dish.otherwise).toBeCloseTo(
          dish.eaten + dish.given + dish.thrown + dish.used + dish.left,
          9,
        );
        for (const figure of ['made', 'frozen', 'eaten', 'given', 'thrown', 'used', 'otherwise'] as const)
          expect(
            dish.moves.filter((move) => move.in === figure).reduce((sum, { portions }) => sum + portions, 0),
          ).toBeCloseTo(dish[figure], 9);
        const all = movements.filter((each) => each.food === dish.food);
        const there = all.reduce((sum, { amount }) => sum + Number(amount), dish.food === food ? before : 0);
        expect(dish.left).toBeCloseTo(there / 200, 9);
      }
    }),
  ));

test('law: what was taken back was neither eaten nor thrown away', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 900 }), fc.constantFrom('eat', 'throw lot'), (grams, what) => {
      const kind = what === 'eat' ? 'eaten' : 'thrown';
      const { dishes, thrown, thrownMinor } = weekThatWas(VIEW, {
        ...NOTHING,
        movements: [
          moved(kind, -grams, { minor: 120, reason: 'stale' }),
          moved('corrected', grams, { reason: `undo: ${what}` }),
        ],
      });
      expect(dishes[0]).toMatchObject({ left: 0 });
      expect((dishes[0]?.eaten ?? 1) + (dishes[0]?.thrown ?? 1)).toBeCloseTo(0, 9);
      expect([thrown, thrownMinor]).toEqual([[], 0]);
    }),
  ));

test('what is given away is no waste, and taken back it is as if it had stayed', () => {
  const gave = moved('thrown', -400, { minor: 150, reason: GIVEN_AWAY });
  const { dishes, thrown, thrownMinor } = weekThatWas(VIEW, { ...NOTHING, movements: [moved('made', 1000), gave] });
  expect(dishes[0]).toMatchObject({ made: 5, given: 2, left: 3 });
  expect(dishes[0]?.thrown).toBeCloseTo(0, 9);
  expect([thrown, thrownMinor]).toEqual([[], 0]);
  const back = [moved('made', 1000), gave, moved('corrected', 400, { reason: 'undo: throw lot' })];
  const [after] = weekThatWas(VIEW, { ...NOTHING, movements: back }).dishes;
  expect(after?.left).toBe(5);
  expect(after?.thrown).toBeCloseTo(0, 9);
  expect(after?.given).toBeCloseTo(0, 9);
});

test('what went into the freezer is told beside: made there, frozen, or moved there; what comes out of it is not', () => {
  const { dishes } = weekThatWas(VIEW, {
    ...NOTHING,
    movements: [
      moved('made', 800, { placeKind: 'freezer' }),
      moved('made', 400),
      moved('frozen', -400),
      moved('frozen', 400, { lot: 'frozen', placeKind: 'freezer' }),
      moved('thawed', -200, { lot: 'frozen', placeKind: 'freezer' }),
      moved('thawed', 200),
    ],
  });
  expect(dishes).toMatchObject([{ made: 6, frozen: 6, left: 6, otherwise: 0 }]);
});

test('boxed again is not made twice', () => {
  const movements = [
    moved('made', 1000),
    moved('corrected', -1000, { reason: 'boxed again' }),
    moved('made', 900, { lot: 'next' }),
  ];
  expect(weekThatWas(VIEW, { ...NOTHING, movements }).dishes).toMatchObject([{ made: 4.5, left: 4.5 }]);
});

/** A batch that was put away. */
const put = (id: string, usedMinor: number, tillMinor: number, portions: string, recipe = 'r') => ({
  id,
  session: 's',
  recipe,
  revision: 1,
  portions,
  freezePortions: '0',
  choice: {},
  finals: [],
  notes: [],
  status: 'put away' as const,
  cost: { usedMinor, tillMinor, portions },
  yieldG: null,
  reopenedAt: null,
  version: 1,
});

test('the last times of a dish: by how many fewer a time would have been enough; one that was not made is not told', () => {
  const recipe = VIEW.recipes.find(({ document }) => document.component.id === FOODS[0])?.id ?? '';
  const past = (thrown: number): PastState => ({
    ...NOTHING,
    batches: [put('a', 1, 1, '8', recipe), put('b', 1, 1, '8', recipe)],
    movements: [moved('made', 3200), moved('eaten', -1000), ...(thrown > 0 ? [moved('thrown', -thrown * 200)] : [])],
  });
  // By hand: four portions of sixteen thrown away, at two times.
  expect(lastTimes(VIEW, past(4), recipe)).toMatchObject({ times: 2, fewer: 2, dish: { made: 16, thrown: 4 } });
  expect(lastTimes(VIEW, past(0), recipe)?.fewer).toBe(0);
  expect(lastTimes(VIEW, NOTHING, recipe)).toBeUndefined();
});

test('money: what went in and the packs, a portion; the budget of as many weeks; what was thrown away', () => {
  const view = {
    ...VIEW,
    kitchen: { ...VIEW.kitchen, equipment: { ...EQUIPMENT, weekBudgetMinor: 6000 } },
    costs: {
      ...VIEW.costs,
      prices: [
        {
          id: 'a',
          food: 'x',
          on: addDays(TODAY, -9),
          minor: 200,
          amount: '1000',
          shop: null,
          from: 'purchase' as const,
        },
        {
          id: 'b',
          food: FOODS[0] ?? '',
          on: addDays(TODAY, -9),
          minor: 200,
          amount: '1000',
          shop: null,
          from: 'purchase' as const,
        },
        { id: 'c', food: FOODS[0] ?? '', on: TODAY, minor: 110, amount: '500', shop: null, from: 'purchase' as const },
        { id: 'd', food: FOODS[0] ?? '', on: TODAY, minor: 999, amount: '500', shop: null, from: 'entered' as const },
      ],
    },
  };
  const past = { ...NOTHING, batches: [put('a', 240, 500, '8'), put('b', 60, 100, '2')] };
  const week = weekThatWas(view, past);
  expect(week.cooked).toEqual({ portions: 10, usedMinor: 300, tillMinor: 600, garnishMinor: 0 });
  // By hand: 110 for 500 g is 220 a kilo, a tenth more than 200.
  expect(week.prices.map(({ food }) => food)).toEqual([FOODS[0]]);
  expect(week.prices[0]?.times).toBeCloseTo(1.1, 9);
  expect([week.paidMinor, week.budgetMinor]).toEqual([110, 6000]);
  expect(weekThatWas(view, { ...past, from: addDays(TODAY, -49) }).budgetMinor).toBe(48_000);
  const thrown = weekThatWas(view, {
    ...NOTHING,
    movements: [
      moved('thrown', -400, { minor: 80, reason: 'stale' }),
      moved('corrected', 100, { reason: 'undo: throw lot' }),
    ],
  });
  expect(thrown.thrown).toEqual([{ name: 'Millet', amountText: '300 g', reason: 'stale', minor: 60 }]);
});

describe('a session', () => {
  const START = Date.parse(`${TODAY}T09:00:00Z`);
  const session = {
    id: 's',
    name: 'Sunday',
    startsAt: `${TODAY}T09:00:00Z`,
    cooks: 1,
    wishes: { pins: {}, breaks: [] },
    status: 'done' as const,
    version: 1,
  };
  const at = (doneMinute: number | undefined) => ({
    ...NOTHING,
    sessions: [session],
    runs: [
      {
        id: 'r',
        session: 's',
        startedAt: new Date(START).toISOString(),
        problem: {
          format: 'kitchen-schedule/1' as const,
          id: 'p',
          title: 'p',
          cooks: 1,
          resources: [],
          tasks: [{ id: 'chop', dish: 'd', name: 'chop', minutes: 10, attention: 'full' as const }],
          links: [],
          uses: [],
        },
        plan: { instance: 'p', makespan: 10, starts: { chop: 0 }, washes: [] },
        about: {},
        events:
          doneMinute === undefined
            ? []
            : [
                {
                  id: 'e',
                  device: 'd',
                  deviceSeq: 1,
                  clock: 1,
                  at: START + doneMinute * 60_000,
                  what: { kind: 'done' as const, task: 'chop' },
                },
              ],
      },
    ],
  });

  test('is held against its plan', () => {
    const [told] = weekThatWas(VIEW, at(14)).sessions;
    expect(told).toMatchObject({ hands: 14, handsPlanned: 10, lateness: { minutes: 4 } });
    expect(told?.doubt).toBeUndefined();
  });

  test('that was never ended, or by a clock that was wrong, is told and not counted', () => {
    expect(weekThatWas(VIEW, at(undefined)).sessions[0]?.doubt).toBe('it was never ended');
    expect(weekThatWas(VIEW, at(60 * 40)).sessions[0]?.doubt).toBe('a clock was wrong');
    expect(weekThatWas(VIEW, at(2)).sessions[0]?.doubt).toBe('its steps were ticked off at once');
    const past = at(14);
    const runs = past.runs.map((run) => ({
      ...run,
      problem: { ...run.problem, links: [{ from: 'chop', to: 'chop', min: 0, max: null }] },
    }));
    expect(weekThatWas(VIEW, { ...past, runs }).sessions[0]?.doubt).toBe('its plan cannot be read');
  });
});

describe('cooked otherwise than written', () => {
  const batch = (more: Partial<BatchState>): BatchState => ({
    id: 'b',
    session: 's',
    recipe: 'r0',
    revision: 1,
    portions: `${MILLET.portions}`,
    freezePortions: '0',
    choice: {},
    finals: [],
    notes: [],
    status: 'put away',
    cost: null,
    yieldG: null,
    reopenedAt: null,
    version: 1,
    ...more,
  });
  const view = {
    ...VIEW,
    recipes: [
      { ...VIEW.recipes[0], id: 'r0', number: 1, document: MILLET, fault: undefined } as unknown as RecipeState,
    ],
  };
  const told = (more: Partial<BatchState>) =>
    cookedOtherwise(view, { batches: [batch(more)] }).map(({ leftOut, swapped, amounts }) => ({
      leftOut,
      swapped,
      amounts,
    }));
  const [line] = MILLET.lines;
  const written = line?.amount as Written;
  const times = (share: number): Written => ({ ...written, n: new Fraction(written.n).mul(share).toFraction() });
  const name = VIEW.foods.get(line?.food ?? '')?.name ?? '';

  test('what was left out, and what went in by more than anybody measures off, is told; the rest is not', () => {
    expect(told({})).toEqual([]);
    expect(told({ finals: [{ line: line?.id ?? '', amount: times(1.01) }] })).toEqual([]);
    expect(told({ finals: [{ line: line?.id ?? '', amount: times(0) }] })).toEqual([
      { leftOut: [name], swapped: [], amounts: [] },
    ]);
    const [more] = told({ finals: [{ line: line?.id ?? '', amount: times(1.5) }] });
    expect(more?.amounts.map(({ food }) => food)).toEqual([name]);
  });

  test('a swap is told by both names', () => {
    const [swap] = told({
      choice: { swaps: [{ line: line?.id ?? '', food: KALE.lines[0]?.food ?? '', amount: { n: '100', unit: 'g' } }] },
    });
    expect(swap?.swapped).toEqual([{ from: name, to: VIEW.foods.get(KALE.lines[0]?.food ?? '')?.name }]);
  });

  test('nothing is claimed of a revision that is not at hand, nor of what is only planned', () => {
    const finals = [{ line: line?.id ?? '', amount: times(0) }];
    expect(told({ revision: 7, finals })).toEqual([]);
    expect(told({ status: 'planned', finals })).toEqual([]);
  });
});

test('days with nothing in them are empty, and no more', () => {
  expect(weekThatWas(VIEW, NOTHING)).toMatchObject({
    sessions: [],
    dishes: [],
    thrown: [],
    thrownMinor: 0,
    paidMinor: 0,
    prices: [],
  });
});

describe('what ran out before the last meal that was planned with it', () => {
  const food = FOODS[0] ?? '';
  const at = (days: number) => ({ at: `${addDays(TODAY, days)}T19:00:00Z` });
  const slots = [1, 3, 5].map((days) => ({
    day: addDays(TODAY, days),
    meal: 'dinner' as const,
    parts: [{ food, portions: 1 }],
    guests: 0,
  }));
  const told = (movements: readonly PastMovement[], today = addDays(TODAY, 7)) =>
    ranOutEarly({ ...VIEW, today, week: { ...VIEW.week, slots } }, { ...NOTHING, movements }).map(({ on, meals }) => [
      on,
      meals,
    ]);
  const gone = [moved('made', 400, at(0)), moved('eaten', -200, at(1)), moved('eaten', -190, at(2))];

  test('two meals of later days, and a spoonful that is left is nothing', () =>
    expect(told(gone)).toEqual([[addDays(TODAY, 2), 2]]));
  test('a meal of today, or one that is still to come, may be cooked for', () => {
    expect(told(gone, addDays(TODAY, 3))).toEqual([]);
    expect(told(gone, addDays(TODAY, 4))).toEqual([[addDays(TODAY, 2), 1]]);
  });
  test('what was made again, or put back, has not run out', () => {
    expect(told([...gone, moved('made', 800, at(4))])).toEqual([]);
    expect(told([...gone, moved('corrected', 190, { ...at(2), reason: 'undo: eat' })])).toEqual([]);
  });
  test('what lasts to the last of its meals is told by nobody', () =>
    expect(told([moved('made', 400, at(0)), moved('eaten', -400, at(5))])).toEqual([]));
});

test('law: week by week is what all of them are together, and no movement of theirs is in two of them', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ day: fc.integer({ min: 0, max: 27 }), grams: fc.integer({ min: 1, max: 900 }) }), {
        maxLength: 20,
      }),
      (deeds) => {
        const past: PastState = {
          ...NOTHING,
          until: addDays(TODAY, 27),
          movements: deeds.map(({ day, grams }) => ({
            ...moved('thrown', -grams, { reason: 'spoilt', minor: grams }),
            at: `${addDays(TODAY, day)}T10:00:00Z`,
          })),
        };
        const weeks = weekByWeek(VIEW, past);
        expect(weeks.map(({ from }) => from)).toEqual([0, 7, 14, 21].map((days) => addDays(TODAY, days)));
        expect(weeks.reduce((sum, { thrownMinor }) => sum + thrownMinor, 0)).toBe(weekThatWas(VIEW, past).thrownMinor);
        for (const { late, hands, portionMinor } of weeks)
          expect([late, hands, portionMinor]).toEqual(Array(3).fill(undefined));
      },
    ),
  ));
