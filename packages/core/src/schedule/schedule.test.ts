import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { sessions } from '../../test/sessions.ts';
import { inventSession, type SessionShape } from './inventSession.ts';
import type { Plan, Problem } from '../session/index.ts';
import {
  check,
  finishChain,
  handsBusy,
  ImpossibleProblem,
  lowerBound,
  search,
  settle,
  startLate,
  whyNotEarlier,
} from './index.ts';

const read = <T>(name: string): T =>
  JSON.parse(readFileSync(`${import.meta.dirname}/../../test/reference/schedule/${name}.json`, 'utf8')) as T;
const named = ['roast-beside-pressure', 'two-loads-one-insert'] as const;

describe('sessions with a proven shortest plan', () => {
  // Source: computed, no published source: constraint programming and integer programming agree on the optima.
  test.each([
    ['roast-beside-pressure', 66],
    ['two-loads-one-insert', 94],
  ])('%s is planned in %i minutes, and keeps every rule', (name, optimum) => {
    const problem = read<Problem>(name);
    const plan = search(problem, { seed: 1, rounds: 20_000 });
    expect(check(problem, plan)).toEqual([]);
    expect(plan.makespan).toBe(optimum);
    expect(lowerBound(problem).minutes).toBeLessThanOrEqual(optimum);
  });

  test.each(named)(
    'the checker accepts the plan that came with %s, and rejects it when a task is moved into another',
    (name) => {
      const problem = read<Problem>(name);
      const plan = read<Plan>(`${name}.plan`);
      expect(check(problem, plan)).toEqual([]);
      for (const task of problem.tasks.filter((each) => each.attention === 'full').slice(1)) {
        const first = problem.tasks[0]?.id ?? '';
        expect(check(problem, { ...plan, starts: { ...plan.starts, [task.id]: plan.starts[first] ?? 0 } })).not.toEqual(
          [],
        );
      }
    },
  );

  // Source: published: Muth and Thompson, Industrial Scheduling, 1963: the job shop of 6 × 6 by Fisher and Thompson; its optimum is 55.
  test('the job shop ft06 is planned in 55', () => {
    const rows = [
      '2 1 0 3 1 6 3 7 5 3 4 6',
      '1 8 2 5 4 10 5 10 0 10 3 4',
      '2 5 3 4 5 8 0 9 1 1 4 7',
      '1 5 0 5 2 5 3 3 4 8 5 9',
      '2 9 1 3 4 5 5 4 0 3 3 1',
      '1 3 3 3 5 9 0 10 4 4 2 1',
    ];
    const jobs = rows
      .map((row) => row.split(' ').map(Number))
      .map((numbers) =>
        Array.from({ length: 6 }, (_, n) => ({ machine: numbers[2 * n] ?? 0, minutes: numbers[2 * n + 1] ?? 0 })),
      );
    const all = jobs.flatMap((job, j) => job.map((step, n) => ({ ...step, id: `j${j}s${n}`, j, n })));
    const problem: Problem = {
      format: 'kitchen-schedule/1',
      id: 'ft06',
      title: 'ft06',
      cooks: 1,
      resources: Array.from({ length: 6 }, (_, m) => ({ id: `m${m}`, kind: 'vessel' as const })),
      tasks: all.map(({ id, minutes, j }) => ({ id, dish: `job ${j}`, name: id, minutes, attention: 'none' as const })),
      links: all
        .filter(({ n }) => n > 0)
        .map(({ id, j, n }) => ({ from: `j${j}s${n - 1}`, to: id, min: 0, max: null })),
      uses: all.map(({ id, machine }) => ({ id: `u-${id}`, resource: `m${machine}`, from: id, to: id })),
    };
    const plan = search(problem, { seed: 3, rounds: 30_000 });
    expect(check(problem, plan)).toEqual([]);
    expect(plan.makespan).toBe(55);
  });
});

describe('invented sessions with a proven shortest plan', () => {
  // Source: computed, no published source: see the file.
  const { sessions: proven } = read<{
    readonly sessions: readonly (SessionShape & { readonly makespan: number })[];
  }>('invented');
  test.each(proven.filter(({ tasks }) => tasks < 20))('the day of seed $seed reaches $makespan', (shape) => {
    const problem = inventSession(shape);
    const plan = search(problem, { seed: 1, rounds: 50_000 });
    expect(check(problem, plan)).toEqual([]);
    expect(plan.makespan).toBe(shape.makespan);
  });
  test('longer days come close, and never below what is proven', () => {
    const over = proven
      .filter(({ tasks }) => tasks > 20)
      .map((shape) => {
        const problem = inventSession(shape);
        const plan = search(problem, { seed: 1, rounds: 1500 });
        expect(check(problem, plan)).toEqual([]);
        expect(plan.makespan).toBeGreaterThanOrEqual(shape.makespan);
        return plan.makespan / shape.makespan - 1;
      });
    expect(over.reduce((sum, each) => sum + each, 0) / over.length).toBeLessThan(0.05);
  });
});

test('law: an invented session is sound: it has its tasks, the same for a seed, and a plan that keeps every rule', () =>
  fc.assert(
    fc.property(fc.nat(), fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 2 }), (seed, tasks, cooks) => {
      const problem = inventSession({ seed, tasks, cooks });
      expect(inventSession({ seed, tasks, cooks })).toEqual(problem);
      expect(problem.tasks.length).toBeGreaterThanOrEqual(tasks);
      expect(new Set(problem.tasks.map(({ id }) => id)).size).toBe(problem.tasks.length);
      const plan = search(problem, { seed, rounds: 30 });
      expect(check(problem, plan)).toEqual([]);
      expect(plan.makespan).toBeGreaterThanOrEqual(lowerBound(problem).minutes);
    }),
    { numRuns: 80 },
  ));

describe('what the cook has said', () => {
  const few = { numRuns: 60 };
  test('law: a pinned task stands in its minute, and the rest is planned around it', () =>
    fc.assert(
      fc.property(sessions, fc.nat(), fc.nat({ max: 20 }), (problem, which, later) => {
        const free = search(problem, { seed: 7, rounds: 60 });
        const task = problem.tasks[which % problem.tasks.length];
        if (!task) return;
        const at = (free.starts[task.id] ?? 0) + later;
        const pinned = { ...problem, tasks: problem.tasks.map((each) => (each === task ? { ...each, at } : each)) };
        const plan = search(pinned, { seed: 7, rounds: 60, from: free });
        expect(check(pinned, plan)).toEqual([]);
        expect(plan.starts[task.id]).toBe(at);
      }),
      few,
    ));
  test('law: in a break no hands work', () =>
    fc.assert(
      fc.property(sessions, fc.nat({ max: 60 }), fc.integer({ min: 1, max: 30 }), (problem, from, minutes) => {
        const rests = { ...problem, away: [{ from, to: from + minutes, hands: problem.cooks }] };
        const plan = search(rests, { seed: 7, rounds: 60 });
        expect(check(rests, plan)).toEqual([]);
        expect(
          handsBusy(problem, plan)
            .slice(from, from + minutes)
            .every((hands) => hands === 0),
        ).toBe(true);
      }),
      few,
    ));
  test('law: a re-plan from the plan at hand keeps every rule and is no longer', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const plan = search(problem, { seed: 7, rounds: 100 });
        const again = search(problem, { seed: 8, rounds: 0, from: plan });
        expect(check(problem, again)).toEqual([]);
        expect(search(problem, { seed: 8, rounds: 200, from: plan }).makespan).toBeLessThanOrEqual(again.makespan);
      }),
      few,
    ));
});

describe('any session', () => {
  const few = { numRuns: 120 };

  test('law: a plan keeps every rule, and is never shorter than the bound', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const plan = search(problem, { seed: 7, rounds: 150 });
        expect(check(problem, plan)).toEqual([]);
        expect(plan.makespan).toBeGreaterThanOrEqual(lowerBound(problem).minutes);
      }),
      few,
    ));

  test('law: hands are never double-booked, washes counted', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const plan = search(problem, { seed: 7, rounds: 60 });
        expect(Math.max(0, ...handsBusy(problem, plan))).toBeLessThanOrEqual(problem.cooks);
      }),
      few,
    ));

  test('law: the same seed gives the same plan', () =>
    fc.assert(
      fc.property(sessions, fc.nat({ max: 1000 }), (problem, seed) =>
        expect(search(problem, { seed, rounds: 80 })).toEqual(search(problem, { seed, rounds: 80 })),
      ),
      { numRuns: 40 },
    ));

  test('law: one cook more never raises the bound', () =>
    fc.assert(
      fc.property(sessions, (problem) =>
        expect(lowerBound({ ...problem, cooks: problem.cooks + 1 }).minutes).toBeLessThanOrEqual(
          lowerBound(problem).minutes,
        ),
      ),
      few,
    ));

  test('law: a settled plan keeps every rule, is no longer, and every start has its reason', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const found = search(problem, { seed: 7, rounds: 60 });
        const plan = settle(problem, found);
        expect(check(problem, plan)).toEqual([]);
        expect(plan.makespan).toBeLessThanOrEqual(found.makespan);
        for (const { id } of problem.tasks) expect(whyNotEarlier(problem, plan, id).holds).not.toBe('nothing');
      }),
      few,
    ));

  test('law: what starts late keeps every rule and delays nothing', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const plan = settle(problem, search(problem, { seed: 7, rounds: 30 }));
        const late = startLate(problem, plan, problem.tasks[0]?.id ?? '');
        expect(check(problem, late)).toEqual([]);
        expect(late.makespan).toBe(plan.makespan);
      }),
      few,
    ));

  test('better plans are told as they are found, each shorter or with fewer washes', () => {
    const told: Plan[] = [];
    const problem = read<Problem>('two-loads-one-insert');
    const plan = search(problem, { seed: 1, rounds: 4000, better: (each) => told.push(each) });
    expect(told.at(-1)).toEqual(plan);
    told
      .slice(1)
      .forEach((each, n) =>
        expect(each.makespan * 100 + each.washes.length).toBeLessThan(
          (told[n]?.makespan ?? 0) * 100 + (told[n]?.washes.length ?? 0),
        ),
      );
  });
});

describe('the reason of a start', () => {
  const problem = read<Problem>('two-loads-one-insert');
  const plan = read<Plan>('two-loads-one-insert.plan');

  test('the first thing stands at the beginning', () =>
    expect(whyNotEarlier(problem, plan, 'd1t1')).toEqual({ holds: 'beginning' }));
  test('coming up follows the loading at once', () =>
    expect(whyNotEarlier(problem, plan, 'd1t3')).toMatchObject({ holds: 'after', task: 'd1t2' }));
  // In the plan that came with the session the insert is emptied at 37 and washed from 37 to 42; the next dish begins to heat in it at 42.
  test('the second dish waits for the wash of the insert', () =>
    expect(whyNotEarlier(problem, plan, 'd2t2')).toMatchObject({
      holds: 'vessel',
      resource: 'insert',
      lastTask: 'd1t6',
      washed: true,
    }));
});

test('tasks that wait for each other in a circle are refused', () => {
  const problem = read<Problem>('two-loads-one-insert');
  expect(() =>
    search(
      { ...problem, links: [...problem.links, { from: 'd1t7', to: 'd1t1', min: 0, max: null }] },
      { seed: 1, rounds: 1 },
    ),
  ).toThrow(ImpossibleProblem);
});

test('law: the chain that sets the finish ends last, and each of it starts no later than the next', () =>
  fc.assert(
    fc.property(sessions, (problem) => {
      const plan = settle(problem, search(problem, { seed: 1, rounds: 60 }));
      const holds = Object.fromEntries(problem.tasks.map(({ id }) => [id, whyNotEarlier(problem, plan, id)]));
      const chain = finishChain(problem, plan, holds);
      const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
      const last = chain.at(-1) ?? '';
      expect((plan.starts[last] ?? 0) + (minutes.get(last) ?? 0)).toBe(plan.makespan);
      expect(new Set(chain).size).toBe(chain.length);
    }),
    { numRuns: 60 },
  ));
