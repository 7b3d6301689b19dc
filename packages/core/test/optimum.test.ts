import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { check, lowerBound, search } from '../src/schedule/index.ts';
import { inventSession } from '../src/schedule/inventSession.ts';
import type { Problem } from '../src/session/index.ts';
import { referenceSolver } from './referenceSolver.ts';
import { sessions } from './sessions.ts';

const solver = referenceSolver();
const found = (problem: Problem) => {
  const plan = search(problem, { seed: 1, rounds: 20_000 });
  expect(check(problem, plan)).toEqual([]);
  return plan.makespan;
};

// Source: computed: each shortest plan is confirmed by integer programming (HiGHS), which says that no plan is a minute shorter.
test.each(['roast-beside-pressure', 'two-loads-one-insert'])('no plan of %s is a minute shorter', async (name) => {
  const problem = JSON.parse(readFileSync(`${import.meta.dirname}/reference/schedule/${name}.json`, 'utf8')) as Problem;
  const { within, isShortest } = await solver;
  const makespan = found(problem);
  expect(within(problem, makespan)).toBe('yes');
  expect(isShortest(problem, makespan)).toBe(true);
});

test.each([1, 2, 3, 4])('nor of the invented day of seed %i', async (seed) => {
  const problem = inventSession({ seed, tasks: 9, cooks: 1 + (seed % 2) });
  const { within, isShortest } = await solver;
  const makespan = found(problem);
  expect(within(problem, makespan)).toBe('yes');
  expect(isShortest(problem, makespan)).toBe(true);
});

test('law: of small sessions the search finds the shortest plan, and the bound never lies above it', async () => {
  const { isShortest } = await solver;
  fc.assert(
    fc.property(
      sessions.filter(({ tasks }) => tasks.length <= 9),
      (problem) => {
        const makespan = found(problem);
        expect(isShortest(problem, makespan)).toBe(true);
        expect(lowerBound(problem).minutes).toBeLessThanOrEqual(makespan);
      },
    ),
    { numRuns: 12, seed: 7 },
  );
});
