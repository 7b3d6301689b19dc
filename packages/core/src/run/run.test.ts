import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { sessions } from '../../test/sessions.ts';
import { search } from '../schedule/index.ts';
import type { Plan, Problem } from '../session/index.ts';
import { foldRun, projectRun, type RunEvent, type RunFact } from './index.ts';

const problem = JSON.parse(
  readFileSync(`${import.meta.dirname}/../../test/reference/schedule/two-loads-one-insert.json`, 'utf8'),
) as Problem;
const plan = JSON.parse(
  readFileSync(`${import.meta.dirname}/../../test/reference/schedule/two-loads-one-insert.plan.json`, 'utf8'),
) as Plan;
const START = Date.parse('2026-03-01T09:00:00Z');
const MINUTE = 60_000;

const event = (n: number, what: RunFact, atMinute: number, device = 'tablet'): RunEvent => ({
  id: `${device}-${n}`,
  device,
  deviceSeq: n,
  clock: n,
  at: START + atMinute * MINUTE,
  what,
});
const at = (events: readonly RunEvent[], minute: number) =>
  projectRun(problem, plan, START, foldRun(events), START + minute * MINUTE);
const find = (view: ReturnType<typeof at>, id: string) => {
  const task = view.tasks.find((each) => each.id === id);
  if (!task) throw new Error(id);
  return task;
};
const minuteOf = (ms: number) => (ms - START) / MINUTE;

describe('the fold of a run', () => {
  const fact: fc.Arbitrary<RunFact> = fc.oneof(
    fc.record({
      kind: fc.constantFrom(
        'started' as const,
        'done' as const,
        'reopened' as const,
        'skipped' as const,
        'paused' as const,
        'resumed' as const,
      ),
      task: fc.constantFrom('a', 'b', 'c'),
    }),
    fc.record({
      kind: fc.constant('not yet' as const),
      task: fc.constantFrom('a', 'b', 'c'),
      minutes: fc.integer({ min: 1, max: 30 }),
    }),
    fc.record({
      kind: fc.constantFrom('ticked' as const, 'unticked' as const),
      task: fc.constantFrom('a', 'b', 'c'),
      line: fc.constantFrom('salt', 'millet'),
    }),
    fc.record({
      kind: fc.constant('amount' as const),
      task: fc.constantFrom('a', 'b'),
      line: fc.constant('salt'),
      plus: fc.record({ n: fc.constantFrom('1', '1/2'), unit: fc.constant('tsp' as const) }),
    }),
  );
  const log = fc
    .array(
      fc.record({
        what: fact,
        clock: fc.integer({ min: 1, max: 12 }),
        device: fc.constantFrom('tablet', 'phone'),
        at: fc.nat({ max: 200 }),
      }),
      { maxLength: 20 },
    )
    .map((rows) =>
      rows.map((row, n): RunEvent => ({
        id: `${n}`,
        device: row.device,
        deviceSeq: n,
        clock: row.clock,
        at: START + row.at * MINUTE,
        what: row.what,
      })),
    );

  test('law: any order of arrival and any repetition gives the same run', () =>
    fc.assert(
      fc.property(log, fc.infiniteStream(fc.nat()), (events, keys) => {
        const shuffled = [...events, ...events.slice(0, 5)]
          .map((each) => ({ each, key: Number(keys.next().value) }))
          .sort((a, b) => a.key - b.key)
          .map(({ each }) => each);
        expect(new Map([...foldRun(shuffled)].sort())).toEqual(new Map([...foldRun(events)].sort()));
      }),
    ));

  test('law: a done task stays done when it was, unless it is opened again', () =>
    fc.assert(
      fc.property(log, (events) => {
        const later = events.filter((each) => each.what.kind !== 'reopened');
        const done = event(0, { kind: 'done', task: 'a' }, 5);
        expect(foldRun([{ ...done, clock: 0 }, ...later]).get('a')?.doneAt).toBe(START + 5 * MINUTE);
      }),
    ));
});

describe('where a run stands', () => {
  test('at the start the first thing for the hands is now, and it ends as planned', () => {
    const view = at([], 0);
    expect(view.now?.id).toBe('d1t1');
    expect(minuteOf(view.endsAt)).toBe(94);
  });

  test('a clock starts with the step that it follows, and is due when its time is over', () => {
    const events = [event(1, { kind: 'done', task: 'd1t1' }, 5), event(2, { kind: 'done', task: 'd1t2' }, 8)];
    expect(find(at(events, 9), 'd1t3')).toMatchObject({
      status: 'running',
      start: START + 8 * MINUTE,
      end: START + 18 * MINUTE,
    });
    expect(find(at(events, 20), 'd1t3').status).toBe('due');
    expect(at(events, 20).clocks.map((clock) => clock.id)).toEqual(['d1t3']);
  });

  test('"not yet" pushes what depends on it, and only that', () => {
    const events = [event(1, { kind: 'done', task: 'd1t1' }, 5), event(2, { kind: 'done', task: 'd1t2' }, 7)];
    const before = at(events, 17);
    const after = at([...events, event(3, { kind: 'not yet', task: 'd1t3', minutes: 6 }, 17)], 17);
    expect(minuteOf(find(after, 'd1t3').end)).toBe(23);
    expect(minuteOf(find(after, 'd1t4').start) - minuteOf(find(before, 'd1t4').start)).toBe(6);
    expect(minuteOf(find(after, 'd2t2').start) - minuteOf(find(before, 'd2t2').start)).toBe(6);
    expect(find(after, 'd2t1').start).toBe(find(before, 'd2t1').start);
    expect(minuteOf(after.endsAt) - minuteOf(before.endsAt)).toBe(6);
  });

  test('what is done early pulls the rest forward, with the waits that were planned between; the finish with it', () => {
    const late = [event(1, { kind: 'done', task: 'd1t1' }, 5), event(2, { kind: 'done', task: 'd1t2' }, 7)];
    const early = [event(1, { kind: 'done', task: 'd1t1' }, 3), event(2, { kind: 'done', task: 'd1t2' }, 4)];
    const [planned, sooner] = [at(late, 8), at(early, 8)];
    expect(minuteOf(find(planned, 'd1t4').start) - minuteOf(find(sooner, 'd1t4').start)).toBe(3);
    expect(sooner.endsAt).toBeLessThanOrEqual(planned.endsAt);
  });

  test('what was over long before its time does not hold back what is early; a wait that was planned stays', () => {
    // By hand: the bake may go in at 20 (dough), is planned at 25, and the oven has been hot since 10.
    const bake: Problem = {
      ...problem,
      resources: [],
      uses: [],
      links: [
        { from: 'heat', to: 'bake', min: 0, max: null },
        { from: 'dough', to: 'bake', min: 0, max: null },
      ],
      tasks: [
        { id: 'heat', dish: 'd', name: 'heat', minutes: 10, attention: 'none' },
        { id: 'dough', dish: 'd', name: 'dough', minutes: 20, attention: 'full' },
        { id: 'bake', dish: 'd', name: 'bake', minutes: 30, attention: 'none' },
      ],
    };
    const planned: Plan = { instance: 'b', makespan: 55, starts: { heat: 0, dough: 0, bake: 25 }, washes: [] };
    const view = (events: readonly RunEvent[], minute: number) =>
      projectRun(bake, planned, START, foldRun(events), START + minute * MINUTE);
    const heat = event(1, { kind: 'done', task: 'heat' }, 10);
    const early = view([heat, event(2, { kind: 'done', task: 'dough' }, 12)], 12);
    expect(early.tasks.find(({ id }) => id === 'bake')).toMatchObject({ status: 'ready', start: START + 17 * MINUTE });
    // The cook may say that it is in before: then its clock runs.
    expect(early.toStart.map(({ id }) => id)).toEqual(['bake']);
    const inNow = view(
      [heat, event(2, { kind: 'done', task: 'dough' }, 12), event(3, { kind: 'started', task: 'bake' }, 13)],
      14,
    );
    expect(inNow.clocks).toMatchObject([{ id: 'bake', end: START + 43 * MINUTE }]);
    // Late uses the wait up first.
    const late = view([heat, event(2, { kind: 'done', task: 'dough' }, 23)], 23);
    expect(late.tasks.find(({ id }) => id === 'bake')?.start).toBe(START + 25 * MINUTE);
    // Nobody says anything: at its time it runs.
    expect(view([heat, event(2, { kind: 'done', task: 'dough' }, 12)], 18).clocks.map(({ id }) => id)).toEqual([
      'bake',
    ]);
  });

  test('a clock that is paused stands still, and goes on with what was left', () => {
    const begun = [event(1, { kind: 'done', task: 'd1t1' }, 5), event(2, { kind: 'done', task: 'd1t2' }, 7)];
    const paused = [...begun, event(3, { kind: 'paused', task: 'd1t3' }, 10)];
    const left = find(at(begun, 10), 'd1t3').end - (START + 10 * MINUTE);
    expect(find(at(paused, 25), 'd1t3')).toMatchObject({ paused: true, end: START + 25 * MINUTE + left });
    const on = [...paused, event(4, { kind: 'resumed', task: 'd1t3' }, 30)];
    expect(find(at(on, 31), 'd1t3').end).toBe(START + 30 * MINUTE + left);
    // A device whose time runs behind takes nothing away.
    const wrong = [...paused, event(4, { kind: 'resumed', task: 'd1t3' }, 2)];
    expect(find(at(wrong, 11), 'd1t3').end).toBe(find(at(begun, 11), 'd1t3').end);
  });

  test('what runs alone and follows nothing waits until somebody switches it on', () => {
    const kettle: Problem = {
      ...problem,
      resources: [],
      uses: [],
      links: [{ from: 'kettle', to: 'pour', min: 0, max: 8 }],
      tasks: [
        { id: 'kettle', dish: 'd', name: 'kettle', minutes: 4, attention: 'none' },
        { id: 'pour', dish: 'd', name: 'pour', minutes: 1, attention: 'full' },
      ],
    };
    const twoTasks: Plan = { instance: 'k', makespan: 5, starts: { kettle: 0, pour: 4 }, washes: [] };
    const view = (events: readonly RunEvent[], minute: number) =>
      projectRun(kettle, twoTasks, START, foldRun(events), START + minute * MINUTE);
    expect(view([], 9).toStart.map(({ id }) => id)).toEqual(['kettle']);
    expect(minuteOf(view([], 9).endsAt)).toBe(14);
    const on = view([event(1, { kind: 'started', task: 'kettle' }, 9)], 10);
    expect(on.toStart).toEqual([]);
    expect(on.clocks).toMatchObject([{ id: 'kettle', end: START + 13 * MINUTE }]);
  });

  test('hands that are free early are offered what their food and vessels allow', () => {
    const events = [event(1, { kind: 'done', task: 'd1t1' }, 1), event(2, { kind: 'done', task: 'd1t2' }, 2)];
    // Chopping for the soup is planned for minute 7; nothing but the hands held it there.
    expect(at(events, 2).now?.id).toBe('d2t1');
    // Browning waits for the insert and for the heat: it is not offered.
    expect(find(at([...events, event(3, { kind: 'done', task: 'd2t1' }, 4)], 5), 'd2t3').status).toBe('waiting');
  });

  test('law: tapped through in any order of what is offered, a run ends; clocks are never negative and done tasks never move', () =>
    fc.assert(
      fc.property(sessions, fc.infiniteStream(fc.nat()), (any, choices) => {
        const found = search(any, { seed: 1, rounds: 0 });
        const events: RunEvent[] = [];
        let now = START;
        for (let n = 1; n <= any.tasks.length; n++) {
          const view = projectRun(any, found, START, foldRun(events), now);
          const open = view.tasks.filter(
            (task) => task.status === 'ready' || task.status === 'running' || task.status === 'due',
          );
          for (const task of view.tasks) {
            expect(task.end).toBeGreaterThanOrEqual(task.start);
            if (task.status === 'done') expect(task.end).toBe(events.find((each) => each.what.task === task.id)?.at);
          }
          if (open.length === 0) {
            now += MINUTE;
            n--;
            expect(now).toBeLessThan(START + 1000 * MINUTE);
            continue;
          }
          const chosen = open[Number(choices.next().value) % open.length];
          if (chosen)
            events.push({
              id: `${n}`,
              device: 'd',
              deviceSeq: n,
              clock: n,
              at: now,
              what: { kind: 'done', task: chosen.id },
            });
          now += MINUTE;
        }
        expect(projectRun(any, found, START, foldRun(events), now).finished).toBe(true);
      }),
      { numRuns: 60 },
    ));
});
