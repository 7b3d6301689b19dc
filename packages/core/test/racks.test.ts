import fc from 'fast-check';
import { BOOK } from '../src/food/index.ts';
import { STARTING_EQUIPMENT, type Oven } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession, racksInPlan, trayMinutes } from '../src/session/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const [OVEN] = STARTING_EQUIPMENT.ovens;
const roots = STARTER_RECIPES.find(({ component }) => component.kind === 'roots');
if (!OVEN || !roots) throw new Error('no oven, or nothing to bake');

const day = (recipe: Revision, portions: readonly number[], oven: Partial<Oven> = {}) => {
  const equipment = { ...STARTING_EQUIPMENT, ovens: [{ ...OVEN, ...oven }] };
  return expandSession(
    's',
    portions.map((n, at) => ({ id: `b${at}`, scaled: scaleBatch(recipe, new Fraction(n), foods, equipment) })),
    equipment,
    2,
  );
};
const inOven = (tasks: ReturnType<typeof day>) => Object.values(tasks.about).filter(({ trays }) => trays);

test('law: in every plan each tray has a rack, and no two are on one at once', () =>
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 14 }), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 2, max: 4 }),
      fc.array(fc.option(fc.double({ min: 0.9, max: 1.2, noNaN: true })), { maxLength: 4 }),
      (portions, racks, rackTimes) => {
        const tasks = day(roots, portions, { racks, rackTimes });
        const plan = search(tasks.problem, { seed: 1, rounds: 4 });
        expect(check(tasks.problem, plan)).toEqual([]);
        const told = racksInPlan(tasks.problem, plan, tasks.about);
        const length = new Map(tasks.problem.tasks.map(({ id, minutes }) => [id, minutes]));
        const stands = inOven(tasks).map(({ id, trays }) => {
          const standing = told.filter((each) => each.tasks.includes(id));
          expect(standing.map(({ racks }) => racks.length)).toEqual([trays?.count]);
          const from = plan.starts[id] ?? 0;
          return { racks: standing.flatMap((each) => each.racks), from, to: from + (length.get(id) ?? 0) };
        });
        expect(stands.length).toBeGreaterThan(0);
        for (const [n, one] of stands.entries())
          for (const other of stands.slice(n + 1))
            if (one.from < other.to && other.from < one.to)
              expect(one.racks.filter((rack) => other.racks.includes(rack))).toEqual([]);
      },
    ),
    { numRuns: 40 },
  ));

test('a single tray goes where the oven is even, and takes what it takes there; all racks take what the slowest does', () => {
  const minutes = (portions: number, rackTimes?: readonly number[]) =>
    inOven(day(roots, [portions], { racks: 3, ...(rackTimes ? { rackTimes } : {}) })).map(
      ({ window, trays, bookMinutes }) => [trays?.count, window.expected, bookMinutes],
    );
  const slow = [0.95, 1, 1.2];
  expect(minutes(2)).toEqual([[1, minutes(2)[0]?.[1], undefined]]);
  expect(minutes(2, slow)).toEqual(minutes(2));
  const [[count, book] = []] = minutes(12);
  const [[, here, written] = []] = minutes(12, slow);
  expect(count).toBe(3);
  expect(here).toBe(Math.round((book ?? 0) * 1.2));
  // What is seen is held against the recipe, not against what is reckoned here.
  expect(written).toBe(book);
});

test('a tray on a worse rack than it was planned for takes so much longer', () => {
  const times = [1, 1, 1.1];
  // By hand: one tray is planned for the middle, three with the bottom, which is a tenth slower.
  expect([1, 3].map((rack) => Math.round(trayMinutes({ expected: 40 }, { count: 1, racks: 3, times }, rack)))).toEqual([
    40, 44,
  ]);
  expect([1, 3].map((rack) => Math.round(trayMinutes({ expected: 44 }, { count: 3, racks: 3, times }, rack)))).toEqual([
    40, 44,
  ]);
  expect(trayMinutes({ expected: 40 }, { count: 2, racks: 3 }, 3)).toBe(40);
});
