import fc from 'fast-check';
import { sessions } from '../../test/sessions.ts';
import { presentAt, withWishes, type Problem, type Wishes } from '../session/index.ts';
import { check, rehearse, search, smallestConflict, type HandsPace, type Obstacle } from './index.ts';

const two: Problem = {
  format: 'kitchen-schedule/1',
  id: 'two',
  title: 'greens and bread',
  cooks: 1,
  resources: [],
  tasks: [
    { id: 'cut', dish: 'greens', name: 'cut', minutes: 10, attention: 'full' },
    { id: 'cook', dish: 'greens', name: 'cook', minutes: 5, attention: 'none' },
    { id: 'drain', dish: 'greens', name: 'drain', minutes: 2, attention: 'full' },
    { id: 'slice', dish: 'bread', name: 'slice', minutes: 6, attention: 'full' },
  ],
  links: [
    { from: 'cut', to: 'cook', min: 0, max: null },
    { from: 'cook', to: 'drain', min: 0, max: 1 },
  ],
  uses: [],
};

/** Hands that take what the plan says. */
const STEADY: HandsPace = { middle: 0, sessionSpread: 0, stepSpread: 0 };

const wished = (wishes: Wishes): Problem =>
  withWishes({ problem: two, about: {}, ahead: [], faults: [] }, wishes, presentAt(undefined, 1, 0, 'UTC')).problem;

describe('what cannot all hold', () => {
  test('a sound session has no conflict', () => expect(smallestConflict(two)).toEqual([]));
  test('two pins in one minute for one cook are named, and nothing else', () =>
    expect(smallestConflict(wished({ pins: { cut: 20, slice: 22, cook: 40 }, breaks: [] }))).toEqual([
      { kind: 'pin', task: 'cut', minute: 20 },
      { kind: 'pin', task: 'slice', minute: 22 },
    ]));
  test('a pin, a break and the wait between them', () =>
    expect(smallestConflict(wished({ pins: { cook: 10 }, breaks: [{ from: 15, to: 30 }] }))).toEqual([
      { kind: 'pin', task: 'cook', minute: 10 },
      { kind: 'break', from: 15, to: 30 },
      { kind: 'longest wait', from: 'cook', to: 'drain', minutes: 1 },
    ]));
  test('law: with any one of those named let go, the rest can hold', () =>
    fc.assert(
      fc.property(
        sessions,
        fc.array(fc.tuple(fc.nat(40), fc.nat(60)), { minLength: 2, maxLength: 5 }),
        (day, wished) => {
          const hands = day.tasks.filter(({ attention }) => attention !== 'none');
          const pins = new Map(wished.map(([n, at]) => [hands[n % hands.length]?.id, at]));
          const pinned: Problem = {
            ...day,
            tasks: day.tasks.map((task) => (pins.has(task.id) ? { ...task, at: pins.get(task.id) ?? 0 } : task)),
          };
          const named = smallestConflict(pinned);
          fc.pre(named.length > 0);
          const only = (left: readonly Obstacle[]): Problem => ({
            ...pinned,
            tasks: pinned.tasks.map(({ at, ...task }) =>
              at !== undefined && left.some((each) => each.kind === 'pin' && each.task === task.id)
                ? { ...task, at }
                : task,
            ),
            links: pinned.links.map((link) =>
              left.some((each) => each.kind === 'longest wait' && each.from === link.from && each.to === link.to)
                ? link
                : { ...link, max: null },
            ),
          });
          expect(smallestConflict(only(named))).toHaveLength(named.length);
          for (const each of named) expect(smallestConflict(only(named.filter((other) => other !== each)))).toEqual([]);
        },
      ),
      { numRuns: 25 },
    ));
  test('what is named is the smallest also when it is asked by itself: two pins round a vessel and three tight waits', () => {
    const task = (id: string, minutes: number, attention: 'full' | 'none' = 'full', at?: number) => ({
      id,
      dish: id.slice(0, 2),
      name: id,
      minutes,
      attention,
      ...(at === undefined ? {} : { at }),
    });
    const use = (id: string, from: string, to: string, wash: number) => ({ id, resource: 'insert', from, to, wash });
    const pinned: Problem = {
      ...two,
      resources: [{ id: 'insert', kind: 'vessel' }],
      tasks: [
        task('d0t0', 3),
        task('d0t1', 6),
        task('d1t0', 5),
        task('d1t1', 1, 'full', 11),
        task('d1t2', 1),
        task('d1t3', 1),
        task('d1t4', 1, 'none'),
        task('d2t0', 1, 'none'),
        task('d2t1', 1, 'full', 5),
      ],
      links: [
        { from: 'd0t0', to: 'd0t1', min: 0, max: 0 },
        { from: 'd1t0', to: 'd1t1', min: 0, max: null },
        { from: 'd1t1', to: 'd1t2', min: 0, max: 0 },
        { from: 'd1t2', to: 'd1t3', min: 0, max: 0 },
        { from: 'd1t3', to: 'd1t4', min: 0, max: 0 },
        { from: 'd2t0', to: 'd2t1', min: 0, max: 8 },
      ],
      uses: [use('u0', 'd0t0', 'd0t0', 1), use('u1', 'd1t0', 'd1t2', 0), use('u2', 'd2t0', 'd2t0', 0)],
    };
    const named = smallestConflict(pinned);
    expect(named.length).toBeGreaterThan(0);
    const alone: Problem = {
      ...pinned,
      links: pinned.links.map((link) =>
        named.some((each) => each.kind === 'longest wait' && each.from === link.from && each.to === link.to)
          ? link
          : { ...link, max: null },
      ),
    };
    expect(smallestConflict(alone)).toEqual(named);
  });
  test('pins of tasks that are gone fall away', () =>
    expect(wished({ pins: { elsewhere: 3 }, breaks: [] })).toEqual(two));
});

describe('a rehearsal', () => {
  const spread = { cook: { earliest: 3, expected: 5, latest: 20 } };
  test('is the same for a seed, ends between the quickest and the slowest, and says what matters', () => {
    const plan = search(two, { seed: 1, rounds: 200 });
    const rehearsal = rehearse(two, plan, spread, STEADY, { seed: 3, runs: 300 });
    expect(rehearse(two, plan, spread, STEADY, { seed: 3, runs: 300 })).toEqual(rehearsal);
    expect(rehearsal.finishes).toHaveLength(300);
    expect(rehearsal.finishes[0]).toBeGreaterThanOrEqual(15);
    expect(rehearsal.finishes.at(-1)).toBeLessThanOrEqual(10 + 20 + 2);
    expect(rehearsal.matters[0]?.task).toBe('cook');
  });
  test('law: with minutes that never differ every run ends with the plan', () =>
    fc.assert(
      fc.property(sessions, (problem) => {
        const plan = search(problem, { seed: 7, rounds: 60 });
        const again = search(
          { ...problem, links: problem.links.map((link) => ({ ...link, max: null })) },
          {
            seed: 7,
            rounds: 0,
            from: plan,
          },
        );
        const spreads = Object.fromEntries(
          problem.tasks.map(({ id, minutes }) => [id, { earliest: minutes, expected: minutes, latest: minutes }]),
        );
        const { finishes, matters } = rehearse(problem, plan, spreads, STEADY, { seed: 1, runs: 5 });
        expect(new Set(finishes)).toEqual(new Set([again.makespan]));
        expect(matters).toEqual([]);
        expect(check(problem, plan)).toEqual([]);
      }),
      { numRuns: 40 },
    ));
});
