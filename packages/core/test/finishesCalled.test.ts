import type { PastState, RunState } from '../src/formats/index.ts';
import { MINUTE_MS, addDays, seeded, type Day } from '../src/quantity/index.ts';
import type { RunEvent, RunFact } from '../src/run/index.ts';
import { search, type HandsPace } from '../src/schedule/index.ts';
import { inventSession } from '../src/schedule/inventSession.ts';
import type { TaskAbout } from '../src/session/index.ts';
import { finishesCalled } from '../src/view/index.ts';

const FIRST = '2026-03-01' as Day;
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(random(), 1e-12))) * Math.cos(2 * Math.PI * random());

/** A session that was cooked by hands of this pace, with a tap at every start and end. */
function cooked(n: number, seed: number, { middle, sessionSpread, stepSpread }: HandsPace, random: () => number) {
  const problem = inventSession({ seed, tasks: 8, cooks: 1 });
  const plan = search(problem, { seed, rounds: 40 });
  const day = middle + sessionSpread * normal(random);
  const tasks = problem.tasks.map((task) => ({
    ...task,
    minutes:
      task.attention === 'full'
        ? Math.max(1, Math.round(task.minutes * Math.exp(day + stepSpread * normal(random))))
        : task.minutes,
  }));
  const links = problem.links.map((link) => ({ ...link, max: null }));
  const lived = search({ ...problem, tasks, links }, { seed, rounds: 0, from: plan });
  const startsAt = `${addDays(FIRST, n)}T10:00:00.000Z`;
  const begun = Date.parse(startsAt);
  let clock = 0;
  const event = (what: RunFact, minute: number): RunEvent => ({
    id: `${n}-${++clock}`,
    device: 'tablet',
    deviceSeq: clock,
    clock,
    at: begun + minute * MINUTE_MS,
    what,
  });
  const events = tasks.flatMap(({ id, minutes }) => {
    const start = lived.starts[id] ?? 0;
    return [event({ kind: 'started', task: id }, start), event({ kind: 'done', task: id }, start + minutes)];
  });
  const about = Object.fromEntries(
    problem.tasks.map(({ id, dish, name, minutes, attention }): [string, TaskAbout] => [
      id,
      {
        id,
        batch: null,
        dish,
        load: 0,
        loads: 1,
        step: id,
        name,
        station: 'hands',
        skills: [],
        window: { earliest: minutes, expected: minutes, latest: minutes },
        attention: attention === 'full' ? { needs: 'hands' } : { needs: 'nobody' },
        cautions: [],
        goesIn: [],
      },
    ]),
  );
  const run: RunState = { id: `r${n}`, session: `s${n}`, startedAt: startsAt, problem, plan, about, events };
  const session = {
    id: `s${n}`,
    name: 'Cooking',
    startsAt,
    cooks: 1,
    wishes: {},
    status: 'done' as const,
    version: 1,
    batches: [],
  } as unknown as PastState['sessions'][number];
  return { run, session };
}

function pastOf(sessions: number, seed: number): PastState {
  const random = seeded(seed * 31);
  const truth = { middle: 0.3 * (2 * random() - 1), sessionSpread: 0.05 + 0.1 * random(), stepSpread: 0.2 };
  const all = Array.from({ length: sessions }, (_, n) => cooked(n, seed * 100 + n, truth, random));
  return {
    from: FIRST,
    until: addDays(FIRST, sessions),
    first: FIRST,
    sessions: all.map(({ session }) => session),
    batches: [],
    runs: all.map(({ run }) => run),
    movements: [],
    before: [],
  };
}

test('calibrated: of finishes called for 8 of 10 with three sessions behind them, seven to nine of ten hold over 15 seeded kitchens', () => {
  const later = Array.from({ length: 15 }, (_, n) => finishesCalled(pastOf(7, n + 1)).slice(3)).flat();
  expect(later).toHaveLength(15 * 4);
  const held = later.filter((each) => each.held).length / later.length;
  expect(held).toBeGreaterThan(0.7);
  expect(held).toBeLessThan(0.9);
});

test('a call knows neither its own session nor a later one', () => {
  const past = pastOf(5, 7);
  const first = { ...past, sessions: past.sessions.slice(0, 2), runs: past.runs.slice(0, 2) };
  expect(finishesCalled(first)).toEqual(finishesCalled(past).slice(0, 2));
});

test('a session that nobody ended is left out, and teaches nothing', () => {
  const past = pastOf(4, 3);
  const [one, ...others] = past.runs;
  const open = { ...past, runs: [...(one ? [{ ...one, events: one.events.slice(0, 3) }] : []), ...others] };
  const without = { ...past, sessions: past.sessions.slice(1), runs: others };
  expect(finishesCalled(open)).toEqual(finishesCalled(without));
});
