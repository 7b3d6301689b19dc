import fc from 'fast-check';
import { seeded } from '../src/quantity/index.ts';
import {
  PROFILES,
  partsOf,
  scoreOf,
  suggestWeek,
  suggestWeeks,
  type Draft,
  type Candidate,
  type ComponentKind,
  type WeekAsk,
} from '../src/week/index.ts';
import { scorer } from '../src/week/suggest/scorer.ts';
import { referenceWeek } from './referenceWeek.ts';

const KINDS: readonly ComponentKind[] = ['grain', 'legume', 'sauce', 'greens', 'roots', 'dish'];

/** A small invented week: some boxes, some dishes that may be cooked. */
function invented(seed: number, days: number, foods: number): WeekAsk {
  const random = seeded(seed);
  const upTo = (n: number) => Math.floor(random() * (n + 1));
  const meals = days * 2;
  const candidates = Array.from({ length: foods }, (_, n): Candidate => {
    const kind = KINDS[n % KINDS.length] ?? 'grain';
    return {
      food: `f${n}`,
      name: `f${n}`,
      kind,
      frozen: upTo(1) * upTo(4),
      cold: random() < 0.4 ? [{ portions: 1 + upTo(4), lastMeal: upTo(meals) }] : [],
      cooks: {
        recipe: `r${n}`,
        sizes: [4, 8],
        handsOnce: 5 + upTo(20),
        handsEach: upTo(3),
        costEach: 20 + upTo(80),
        costGuessed: false,
        clears: [upTo(1) * 0.5, upTo(1) * 0.3],
        keepsMeals: 2 + upTo(4),
        freezes: random() < 0.6,
        proteinG: undefined,
        fibreG: undefined,
        inSeason: false,
      },
      eatenBy: Array.from({ length: meals }, () => (random() < 0.12 ? 0 : random() < 0.15 ? 0.5 : 1)),
      liked: 0,
    };
  });
  return {
    people: Array.from({ length: meals }, () => 1 + upTo(2)),
    presses: [
      { name: 'leek', portions: 1 + upTo(4) },
      { name: 'kale', portions: upTo(3) },
    ],
    cookedFrom: upTo(1),
    candidates,
    settled: {},
    mostBatches: 4,
    weights: { ...PROFILES['least waste'], protein: 0, liking: 0 },
  };
}

test('small weeks are within two hundredths of the best there is, and never better than that', async () => {
  const best = await referenceWeek();
  let found = 0;
  let bound = 0;
  for (let seed = 1; seed <= 8; seed++) {
    const ask = invented(seed, 3, 6);
    const least = best(ask);
    const { score } = suggestWeek(ask, { seed: 1, rounds: 30_000 });
    expect(score).toBeGreaterThanOrEqual(least - 1e-4);
    found += score;
    bound += least;
  }
  expect(found / bound).toBeLessThan(1.02);
}, 120_000);

const ask = fc
  .tuple(fc.integer({ min: 1, max: 1000 }), fc.integer({ min: 1, max: 4 }), fc.integer({ min: 0, max: 9 }))
  .map(([seed, days, foods]) => invented(seed, days, foods));

test('law: nobody is given what nobody at the table eats, what is settled stays, what is locked is cooked', () =>
  fc.assert(
    fc.property(ask, fc.nat({ max: 5 }), (week, at) => {
      const m = at % week.people.length;
      const settled = week.candidates.slice(0, 1).map(({ food }) => food);
      const locked = week.candidates.map((each, n) =>
        n === 1 && each.cooks ? { ...each, cooks: { ...each.cooks, locked: 8 } } : each,
      );
      const { draft, eaten } = suggestWeek(
        { ...week, candidates: locked, settled: settled.length > 0 ? { [m]: settled } : {} },
        { seed: 3, rounds: 300 },
      );
      if (settled.length > 0) expect(draft.meals[m]).toContain(0);
      if (locked.length > 1) expect(draft.sizes[1]).toBe(8);
      eaten.at.forEach((served, meal) => {
        for (const { candidate, portions } of served) {
          const share = locked[candidate]?.eatenBy[meal] ?? 0;
          expect(portions).toBeLessThanOrEqual((week.people[meal] ?? 0) * share + 1e-9);
        }
      });
    }),
    { numRuns: 60 },
  ));

test('law: no portion is eaten that is not there', () =>
  fc.assert(
    fc.property(ask, (week) => {
      const { draft, eaten } = suggestWeek(week, { seed: 5, rounds: 300 });
      week.candidates.forEach((candidate, c) => {
        const ate = eaten.at
          .flat()
          .filter((each) => each.candidate === c)
          .reduce((sum, { portions }) => sum + portions, 0);
        const there =
          candidate.frozen + candidate.cold.reduce((sum, { portions }) => sum + portions, 0) + (draft.sizes[c] ?? 0);
        expect(ate).toBeLessThanOrEqual(there + 1e-9);
      });
    }),
    { numRuns: 60 },
  ));

test('law: the fast score of a draft is the score of its parts', () =>
  fc.assert(
    fc.property(ask, fc.array(fc.integer({ min: -1, max: 9 }), { minLength: 40, maxLength: 40 }), (week, random) => {
      const at = (n: number) => Math.min(random[n % random.length] ?? -1, week.candidates.length - 1);
      const draft: Draft = {
        meals: week.people.map((_, m): [number, number, number] =>
          m % 3 === 0 ? [at(m), at(m), at(m)] : [at(m * 3), at(m * 3 + 1), at(m * 3 + 2)],
        ),
        sizes: week.candidates.map((_, c) => Math.max(0, at(c)) * 2),
      };
      const full = { ...week, weights: PROFILES['most variety'], handsAtMost: 60, costAtMost: 900 };
      expect(scorer(full)(draft)).toBeCloseTo(scoreOf(partsOf(draft, full), full), 6);
    }),
  ));

test('of four weeks, each is the best of the four at what it is to be good at, by its own score', () => {
  const week = invented(11, 5, 18);
  const weeks = suggestWeeks(week, 1);
  expect(weeks.map(({ goodAt }) => goodAt)).toEqual(Object.keys(PROFILES));
  for (const { goodAt, draft } of weeks) {
    const own = scorer({ ...week, weights: PROFILES[goodAt] });
    for (const other of weeks) expect(own(draft)).toBeLessThanOrEqual(own(other.draft) * 1.02 + 0.5);
  }
});

test('the same seed gives the same week', () => {
  const week = invented(7, 4, 8);
  expect(suggestWeek(week, { seed: 2, rounds: 2000 }).draft).toEqual(
    suggestWeek(week, { seed: 2, rounds: 2000 }).draft,
  );
});

test.each([
  ['nobody eats', { people: [0, 0, 0, 0] }],
  [
    'nothing may be eaten',
    { candidates: invented(2, 2, 4).candidates.map((each) => ({ ...each, eatenBy: [0, 0, 0, 0] })) },
  ],
  ['there is no food at all', { candidates: [] }],
  ['sixty eat', { people: [60, 60, 60, 60] }],
])('when %s, there is a week all the same', (_what, more) => {
  const { parts } = suggestWeek({ ...invented(2, 2, 4), ...more }, { seed: 1, rounds: 500 });
  expect(Object.values(parts).every(Number.isFinite)).toBe(true);
});
