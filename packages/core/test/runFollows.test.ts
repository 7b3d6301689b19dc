import fc from 'fast-check';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import {
  asCooked,
  finalsOf,
  foldRun,
  leaveOutMeans,
  projectRun,
  type PlannedRun,
  type RunEvent,
  type RunFact,
} from '../src/run/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession } from '../src/session/index.ts';
import { asRun } from '../src/view/index.ts';
import { EQUIPMENT, FOODS, MILLET, TODAY, batchOf, kitchenOf, sessionOf } from './inventKitchen.ts';

const START = Date.parse('2026-03-02T08:00:00Z');
const MIN = 60_000;
const foods = new Map(FOODS.map((food) => [food.id, food]));
const batches = STARTER_RECIPES.map((recipe) => ({
  id: recipe.component.name,
  scaled: scaleBatch(recipe, new Fraction(recipe.component.kind === 'grain' ? 30 : 8), foods, EQUIPMENT),
}));
const { problem, about } = expandSession('s', batches, EQUIPMENT, 1);
const run: PlannedRun = { problem, about, plan: search(problem, { seed: 1, rounds: 200 }), startedAt: START };
let seq = 0;
const event = (what: RunFact, at: number): RunEvent => ({
  id: `e${++seq}`,
  device: 'a',
  deviceSeq: seq,
  clock: seq,
  at,
  what,
});
const stand = (events: readonly RunEvent[], now: number) => {
  const cooked = asCooked(run, foldRun(events));
  return projectRun(cooked.problem, cooked.plan, START, cooked.facts, now);
};

const longestStand = Math.max(...problem.links.map(({ min }) => min));

test('law: in whatever order the cook takes up what is ready, the run comes to its end, and nothing is done before what it waits for', () => {
  fc.assert(
    fc.property(fc.infiniteStream(fc.nat(1000)), (choices) => {
      const events: RunEvent[] = [];
      const doneAt = new Map<string, number>();
      let now = START;
      let stuck = 0;
      for (let steps = 0; steps < 400; steps++) {
        const view = stand(events, now);
        if (view.finished) break;
        const open = [...view.ready, ...view.toStart, ...view.clocks];
        const pick = open[(choices.next().value ?? 0) % Math.max(1, open.length)];
        if (pick) {
          for (const { from, to } of problem.links) if (to === pick.id) expect(doneAt.has(from)).toBe(true);
          stuck = 0;
          if (view.toStart.includes(pick)) events.push(event({ kind: 'started', task: pick.id }, now));
          else {
            events.push(event({ kind: 'done', task: pick.id }, now));
            doneAt.set(pick.id, now);
          }
        }
        // Nothing to be done but to wait: never longer than food itself has to stand.
        else expect((stuck += 1)).toBeLessThanOrEqual(longestStand);
        now += MIN;
      }
      expect(stand(events, now).finished).toBe(true);
    }),
    { numRuns: 25 },
  );
});

test('done early pulls forward what needs nobody too, by as many minutes', () => {
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const alone = problem.tasks.filter(
    (task) => task.attention === 'none' && problem.links.some(({ to }) => to === task.id),
  );
  let looked = 0;
  for (const { id } of alone) {
    const waits = problem.links.filter(({ to }) => to === id).map(({ from }) => from);
    const others = problem.uses.some((use) => use.from === id);
    const planned = run.plan.starts[id] ?? 0;
    const ends = waits.map((from) => (run.plan.starts[from] ?? 0) + (minutes.get(from) ?? 0));
    if (others || Math.min(...ends) < 6) continue;
    looked += 1;
    // Everything before it is done five minutes before its time.
    const events = problem.tasks
      .filter((task) => task.id !== id && (run.plan.starts[task.id] ?? 0) + task.minutes <= planned)
      .map((task) =>
        event(
          { kind: 'done', task: task.id },
          START + Math.max(0, (run.plan.starts[task.id] ?? 0) + task.minutes - 5) * MIN,
        ),
      );
    const task = stand(events, START + Math.max(0, planned - 6) * MIN).tasks.find((each) => each.id === id);
    expect(task?.start).toBeLessThanOrEqual(START + (planned - 5) * MIN);
  }
  expect(looked).toBeGreaterThan(0);
});

describe('a load that is not begun', () => {
  const session = sessionOf('s', TODAY, '09:00');
  const [millet] = kitchenOf({ sessions: [session], batches: [batchOf('Millet', 's', MILLET, 30)] }).batches;
  if (!millet) throw new Error('no millet');
  const view = kitchenOf({ sessions: [session], batches: [millet.state] });
  const loads = millet.scaled.loads.value.loads;
  const second = Object.values(about).find((task) => task.batch === 'Millet' && task.load === loads);
  if (!second) throw new Error('no load');
  const dropped = event({ kind: 'load dropped', task: second.id }, START + MIN);

  test('can be left out: its steps go, the rest is cooked, and all is done sooner', () => {
    expect(loads).toBeGreaterThan(1);
    const means = leaveOutMeans(
      run,
      new Map(),
      { batch: 'Millet', load: loads },
      { endsAt: stand([], START).endsAt, now: START },
    );
    expect(means?.steps).toBeGreaterThan(3);
    const facts = foldRun([dropped]);
    const cooked = asCooked(run, facts);
    for (const task of Object.values(about))
      if (task.batch === 'Millet')
        expect([task.id, cooked.facts.get(task.id)?.skipped ?? false]).toEqual([task.id, task.load === loads]);
    const end = stand([dropped], START + MIN).endsAt;
    expect(end).toBeLessThanOrEqual(stand([], START + MIN).endsAt);
  });
  test('takes its share of everything with it: what goes in, what is boxed, and a portion stays a portion', () => {
    const facts = foldRun([dropped]);
    for (const { line, amount } of finalsOf('Millet', millet.scaled, about, facts)) {
      const planned = millet.scaled.lines.find((each) => each.line.id === line)?.amount.value;
      const whole = planned?.kind === 'mass' ? planned.g : planned?.kind === 'volume' ? planned.mL : planned?.each;
      expect(Number(amount.n)).toBeCloseTo(((whole?.valueOf() ?? 0) * (loads - 1)) / loads, 2);
    }
    const cooked = asRun(view, millet, { about, facts });
    expect(Number(new Fraction(cooked.state.portions).valueOf())).toBeCloseTo((30 * (loads - 1)) / loads, 6);
    expect(Math.abs(cooked.scaled.portionG / millet.scaled.portionG - 1)).toBeLessThan(0.05);
  });
  test('cannot be left out once it has begun', () =>
    expect(
      leaveOutMeans(
        run,
        foldRun([event({ kind: 'started', task: second.id }, START)]),
        { batch: 'Millet', load: loads },
        { endsAt: START, now: START },
      ),
    ).toBeUndefined());
});

test('law: with one cook no knife work runs under a pan that is tossed every two minutes; with two it may', () => {
  const tossed = STARTER_RECIPES.map((recipe): Revision => ({
    ...recipe,
    steps: recipe.steps.map((step) =>
      step.kind === 'work' && step.attention.needs === 'look'
        ? { ...step, attention: { needs: 'look', everyMinutes: 2 } }
        : step,
    ),
  }));
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 50 }), (seed) => {
      const session = expandSession(
        's',
        tossed.map((recipe) => ({
          id: recipe.component.name,
          scaled: scaleBatch(recipe, new Fraction(8), foods, EQUIPMENT),
        })),
        EQUIPMENT,
        1,
      );
      const plan = search(session.problem, { seed, rounds: 60 });
      expect(check(session.problem, plan)).toEqual([]);
      const span = (id: string) =>
        [
          plan.starts[id] ?? 0,
          (plan.starts[id] ?? 0) + (session.problem.tasks.find((task) => task.id === id)?.minutes ?? 0),
        ] as const;
      const pans = session.problem.tasks.filter(({ lookEvery }) => lookEvery === 2);
      const knives = Object.values(session.about).filter(({ cutting }) => cutting);
      expect(pans.length * knives.length).toBeGreaterThan(0);
      for (const pan of pans)
        for (const knife of knives) {
          const [[a, b], [c, d]] = [span(pan.id), span(knife.id)];
          expect(b <= c || d <= a).toBe(true);
        }
    }),
    { numRuns: 8 },
  );
});
