import fc from 'fast-check';
import { BOOK_PACE, rehearse, search, type HandsPace } from '../schedule/index.ts';
import { inventSession } from '../schedule/inventSession.ts';
import { seeded } from '../quantity/index.ts';
import type { Problem } from '../session/index.ts';
import { againstPlan, paceOf } from './index.ts';

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(random(), 1e-12))) * Math.cos(2 * Math.PI * random());

/** What hands of a known pace would be seen to do: so many sessions of so many steps. */
function lived({ middle, sessionSpread, stepSpread }: HandsPace, sessions: number, steps: number, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: sessions }, (_, s) => {
    const day = middle + sessionSpread * normal(random);
    return Array.from({ length: steps }, () => ({
      run: `r${s}`,
      value: Math.exp(day + stepSpread * normal(random)),
    }));
  }).flat();
}

test('without a sighting it is the book’s, and one session hardly moves it', () => {
  expect(paceOf([])).toEqual({ ...BOOK_PACE, sessions: 0, steps: 0 });
  const one = paceOf(lived({ middle: 0.4, sessionSpread: 0, stepSpread: 0.1 }, 1, 12, 3));
  expect(one.middle).toBeLessThan(0.2);
  expect(one.sessionSpread).toBeCloseTo(BOOK_PACE.sessionSpread, 5);
});

test('law: of many sessions the truth is found, and slow days are told from slow steps', () =>
  fc.assert(
    fc.property(
      fc.record({
        middle: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        sessionSpread: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
        stepSpread: fc.double({ min: 0.1, max: 0.5, noNaN: true }),
      }),
      fc.nat(1000),
      (truth, seed) => {
        const found = paceOf(lived(truth, 120, 15, seed));
        expect(Math.abs(found.middle - truth.middle)).toBeLessThan(
          0.03 + truth.sessionSpread / 2 + truth.stepSpread / 8,
        );
        expect(Math.abs(found.sessionSpread - truth.sessionSpread)).toBeLessThan(
          0.02 + truth.sessionSpread / 3 + truth.stepSpread / 8,
        );
        expect(Math.abs(found.stepSpread / truth.stepSpread - 1)).toBeLessThan(0.1);
      },
    ),
    { numRuns: 60 },
  ));

test('what plans go by already is taken off it', () => {
  const pace = paceOf(lived({ middle: Math.log(1.2), sessionSpread: 0.05, stepSpread: 0.1 }, 60, 15, 4));
  expect(Math.abs(againstPlan(pace, 1.2).middle)).toBeLessThan(0.04);
});

/** Sessions of kitchens that differ, each with a past that taught its pace: how often what is said in eight of ten comes true. */
function cameTrue(share: number, taught: (truth: HandsPace, seed: number) => HandsPace): number {
  let held = 0;
  let all = 0;
  for (let seed = 1; seed <= 30; seed++) {
    const random = seeded(seed * 77);
    const truth: HandsPace = {
      middle: 0.35 * (2 * random() - 1),
      sessionSpread: 0.05 + 0.15 * random(),
      stepSpread: 0.15 + 0.2 * random(),
    };
    const problem: Problem = inventSession({ seed, tasks: 14, cooks: 1 });
    const plan = search(problem, { seed, rounds: 60 });
    const said = rehearse(problem, plan, {}, taught(truth, seed), { seed: 5, runs: 120 }).finishes;
    const by = said[Math.ceil(said.length * share) - 1] ?? 0;
    const real = rehearse(problem, plan, {}, truth, { seed: 1000 + seed, runs: 40 }).finishes;
    held += real.filter((finish) => finish <= by).length;
    all += real.length;
  }
  return held / all;
}

test('calibrated: after a dozen sessions what is said in eight of ten comes true in 75 to 85 of 100, over 1200 seeded sessions, where the book’s pace does not', () => {
  const learnedPace = cameTrue(0.8, (truth, seed) => paceOf(lived(truth, 12, 12, seed)));
  expect(learnedPace).toBeGreaterThanOrEqual(0.75);
  expect(learnedPace).toBeLessThanOrEqual(0.85);
  const half = cameTrue(0.5, (truth, seed) => paceOf(lived(truth, 12, 12, seed)));
  expect(Math.abs(half - 0.5)).toBeLessThan(0.12);
  const book = cameTrue(0.8, () => BOOK_PACE);
  expect(Math.abs(book - 0.8)).toBeGreaterThan(Math.abs(learnedPace - 0.8));
});
