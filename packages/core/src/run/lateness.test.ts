import fc from 'fast-check';
import { search } from '../schedule/index.ts';
import { inventSession } from '../schedule/inventSession.ts';
import { seeded } from '../quantity/index.ts';
import type { Plan, Problem } from '../session/index.ts';
import { foldRun, projectRun, whyLate, type RunEvent } from './index.ts';

const START = Date.parse('2026-03-01T09:00:00Z');
const MINUTE = 60_000;

const PLANS: readonly (readonly [Problem, Plan])[] = [1, 2, 3].map((seed) => {
  const problem = inventSession({ seed, tasks: 12, cooks: 1 + (seed % 2) });
  return [problem, search(problem, { seed: 1, rounds: 200 })];
});

/** Each task begins some minutes after it was planned or could, and takes a little more or less than it should. */
function cooked(problem: Problem, plan: Plan, seed: number): readonly RunEvent[] {
  const random = seeded(seed);
  const ends = new Map<string, number>();
  let n = 0;
  const event = (what: RunEvent['what'], at: number): RunEvent => ({
    id: `e${++n}`,
    device: 'd',
    deviceSeq: n,
    clock: n,
    at: Math.round(at),
    what,
  });
  return [...problem.tasks]
    .sort((a, b) => (plan.starts[a.id] ?? 0) - (plan.starts[b.id] ?? 0))
    .flatMap(({ id, minutes }) => {
      const after = problem.links
        .filter((link) => link.to === id)
        .map((link) => (ends.get(link.from) ?? START) + link.min * MINUTE);
      const begun = Math.max(START + (plan.starts[id] ?? 0) * MINUTE, ...after) + Math.floor(random() * 6) * MINUTE;
      const end = begun + Math.max(1, Math.round(minutes * (0.6 + random()))) * MINUTE;
      ends.set(id, end);
      return [event({ kind: 'started', task: id }, begun), event({ kind: 'done', task: id }, end)];
    });
}

test('law: what moved the finish sums to how much it moved', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...PLANS),
      fc.nat(500),
      fc.integer({ min: -20, max: 60 }),
      ([problem, plan], seed, late) => {
        const facts = foldRun(cooked(problem, plan, seed));
        const view = projectRun(problem, plan, START, facts, START + 600 * MINUTE);
        expect(view.finished).toBe(true);
        const plannedStart = START - late * MINUTE;
        const { minutes, causes } = whyLate(problem, plan, plannedStart, START, view.tasks);
        expect(minutes).toBeCloseTo((view.endsAt - plannedStart) / MINUTE - plan.makespan, 6);
        expect(causes.reduce((sum, cause) => sum + cause.minutes, 0)).toBeCloseTo(minutes, 6);
        for (const { task } of causes)
          expect(task === undefined || problem.tasks.some(({ id }) => id === task)).toBe(true);
      },
    ),
    { numRuns: 80 },
  ));

/** Chop, then boil what was chopped, then blend. */
const SOUP: Problem = {
  format: 'kitchen-schedule/1',
  id: 'soup',
  title: 'soup',
  cooks: 1,
  resources: [],
  tasks: [
    { id: 'chop', dish: 'soup', name: 'chop', minutes: 10, attention: 'full' },
    { id: 'boil', dish: 'soup', name: 'boil', minutes: 30, attention: 'none' },
    { id: 'blend', dish: 'soup', name: 'blend', minutes: 5, attention: 'full' },
  ],
  links: [
    { from: 'chop', to: 'boil', min: 0, max: null },
    { from: 'boil', to: 'blend', min: 0, max: null },
  ],
  uses: [],
};
const PLAN: Plan = { instance: 'soup', makespan: 45, starts: { chop: 0, boil: 10, blend: 40 }, washes: [] };

test('a soup that began 4 minutes late, was chopped for 16 and stood 3 before it was blended is 13 minutes late, and each is told', () => {
  const at = (what: RunEvent['what'], minute: number, n: number): RunEvent => ({
    id: `e${n}`,
    device: 'd',
    deviceSeq: n,
    clock: n,
    at: START + minute * MINUTE,
    what,
  });
  const events = [
    at({ kind: 'started', task: 'chop' }, 0, 1),
    at({ kind: 'done', task: 'chop' }, 16, 2),
    at({ kind: 'started', task: 'boil' }, 16, 3),
    at({ kind: 'done', task: 'boil' }, 46, 4),
    at({ kind: 'started', task: 'blend' }, 49, 5),
    at({ kind: 'done', task: 'blend' }, 54, 6),
  ];
  const view = projectRun(SOUP, PLAN, START, foldRun(events), START + 60 * MINUTE);
  expect(whyLate(SOUP, PLAN, START - 4 * MINUTE, START, view.tasks)).toEqual({
    minutes: 13,
    causes: [
      { task: 'chop', minutes: 6, cause: 'took longer' },
      { task: undefined, minutes: 4, cause: 'began late' },
      { task: 'blend', minutes: 3, cause: 'began late' },
    ],
  });
});

test('a run without anything in it is as late as it began', () => {
  const empty: Problem = { ...SOUP, tasks: [], links: [] };
  expect(whyLate(empty, { ...PLAN, starts: {}, makespan: 0 }, START, START + 5 * MINUTE, [])).toEqual({
    minutes: 5,
    causes: [{ task: undefined, minutes: 5, cause: 'began late' }],
  });
});
