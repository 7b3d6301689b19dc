import fc from 'fast-check';
import { celsius } from '../src/quantity/index.ts';
import { GRILL_C, dialWords, type Oven } from '../src/kitchen/index.ts';
import { figuresOf, sightingsOf } from '../src/learn/index.ts';
import { foldRun, projectRun, type RunEvent } from '../src/run/index.ts';
import { check, heatsOf, search } from '../src/schedule/index.ts';
import { expandSession, withDials, type PlannedBatch } from '../src/session/index.ts';
import { STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { EQUIPMENT, FOODS } from './inventKitchen.ts';

const foods = new Map(FOODS.map((food) => [food.id, food]));
const roots = STARTER_RECIPES.find(({ component }) => component.name === 'Roast roots') as Revision;
const at = (heat: number, name: string, grill = false): Revision => ({
  ...roots,
  component: { ...roots.component, id: `00000000-0000-4000-8000-${String(heat).padStart(12, '0')}`, name },
  uses: roots.uses.map((use) =>
    use.station === 'oven' ? { ...use, celsius: heat, toleranceC: 0, ...(grill ? { grill } : {}) } : use,
  ),
});
const OVEN: Oven = { racks: 2, preheatMinutes: 12, trayCm2: 1500 };
const session = (ovens: readonly Oven[], ...recipes: readonly Revision[]) => {
  const equipment = { ...EQUIPMENT, ovens };
  const batches = recipes.map((recipe, n): PlannedBatch => ({
    id: `b${n}`,
    scaled: scaleBatch(recipe, new Fraction(4), foods, equipment),
  }));
  const tasks = expandSession('s', batches, equipment, 1);
  const plan = search(tasks.problem, { seed: 1, rounds: 300 });
  return { bare: plan, ...withDials(tasks, plan, heatsOf(tasks.problem, plan), ovens), bareTasks: tasks };
};

test('law: a session has one step for each heat of an oven, each in time, and the plan with its turns still keeps every rule', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(150, 175, 200, 225), { minLength: 1, maxLength: 3 }),
      fc.integer({ min: 1, max: 2 }),
      (heats, ovens) => {
        const { tasks, plan, bare, bareTasks } = session(
          Array.from({ length: ovens }, () => OVEN),
          ...heats.map((heat) => at(heat, `at ${heat}`)),
        );
        expect(check(bareTasks.problem, bare)).toEqual([]);
        expect(check(tasks.problem, plan)).toEqual([]);
        const set = Object.values(tasks.about).filter(({ name }) => / on, | to /.test(name) && name.startsWith('Oven'));
        const used = new Set(
          tasks.problem.uses
            .filter(({ temperature }) => temperature !== undefined)
            .map(({ resource, temperature }) => `${resource} ${temperature}`),
        );
        expect(set).toHaveLength(used.size);
        const minutes = new Map(tasks.problem.tasks.map((task) => [task.id, task.minutes]));
        for (const { id, turn } of Object.values(tasks.about)) {
          if (!turn) continue;
          const end = (plan.starts[id] ?? 0) + (minutes.get(id) ?? 0);
          for (const use of tasks.problem.uses.filter(
            ({ resource, temperature }) => resource === turn.oven && temperature === turn.to,
          ))
            expect(plan.starts[use.from]).toBeGreaterThanOrEqual(end);
          for (const use of tasks.problem.uses.filter(
            ({ resource, temperature }) => resource === turn.oven && temperature === turn.from,
          ))
            expect((plan.starts[use.to] ?? 0) + (minutes.get(use.to) ?? 0)).toBeLessThanOrEqual(plan.starts[id] ?? -1);
        }
      },
    ),
    { numRuns: 15 },
  );
});

test('an oven takes as long to change as it is said to take', () => {
  const minutes = (oven: Partial<Oven>) => {
    const { tasks } = session([{ ...OVEN, ...oven }], at(150, 'cool'), at(200, 'hot'));
    return tasks.problem.tasks.find(({ id }) => id.startsWith('dial/'))?.minutes;
  };
  // By hand: 50 °C up at 1 min, or down at 2 min, for each 10 °C; the search takes the shorter.
  expect(minutes({})).toBe(5);
  expect(minutes({ upMinutes: 3 })).toBe(10);
  expect(minutes({ upMinutes: 1.5, downMinutes: 4 })).toBe(8);
});

test('an oven with a fixed grill can grill, whatever its dial ends at; one that is not said to have any cannot', () => {
  const grilled = at(GRILL_C, 'grilled', true);
  const faults = (oven: Partial<Oven>) =>
    session([{ ...OVEN, mostC: 250, ...oven }], grilled).tasks.faults.map(({ kind }) => kind);
  expect(faults({})).toContain('too hot');
  expect(faults({ grill: true })).toEqual([]);
  expect(dialWords({ fan: true }, celsius(GRILL_C))).toBe('its grill');
});

test('in a run the turn waits for what is in the oven, is offered, and what comes hotter waits for it; its minutes are learned', () => {
  const { tasks, plan } = session([{ ...OVEN, downMinutes: 9 }], at(150, 'cool'), at(200, 'hot'));
  const turn = Object.values(tasks.about).find((each) => each.turn);
  if (!turn?.turn) throw new Error('no turn');
  const began = Date.parse('2026-03-02T08:00:00Z');
  const MIN = 60_000;
  let clock = 0;
  const event = (kind: 'started' | 'done', task: string, minute: number): RunEvent => ({
    id: `${kind} ${task}`,
    device: 'a',
    deviceSeq: ++clock,
    clock,
    at: began + minute * MIN,
    what: { kind, task },
  });
  const stand = (events: readonly RunEvent[], minute: number) =>
    projectRun(tasks.problem, plan, began, foldRun(events), began + minute * MIN);
  const before = Object.keys(plan.starts).filter((id) => (plan.starts[id] ?? 0) < (plan.starts[turn.id] ?? 0));
  const done = before.map((id) =>
    event('done', id, (plan.starts[id] ?? 0) + (tasks.problem.tasks.find((task) => task.id === id)?.minutes ?? 0)),
  );
  const now = plan.starts[turn.id] ?? 0;
  expect(stand([], 1).tasks.find(({ id }) => id === turn.id)?.status).toBe('waiting');
  expect(stand(done, now).toStart.map(({ id }) => id)).toContain(turn.id);
  const next = tasks.problem.uses.find(({ temperature }) => temperature === turn.turn?.to)?.from ?? '';
  expect(stand(done, now).tasks.find(({ id }) => id === next)?.status).toBe('waiting');
  const turned = [...done, event('started', turn.id, now), event('done', turn.id, now + 10)];
  expect(stand(turned, now + 10).tasks.find(({ id }) => id === turn.id)?.status).toBe('done');
  // By hand: 50 °C in 10 minutes are 2 minutes for each 10 °C.
  const learned = (events: readonly RunEvent[]) =>
    figuresOf(sightingsOf({ id: 'run', about: tasks.about, events, recipeOf: {} }), []).map(({ key, value, n }) => ({
      ...key,
      value,
      n,
    }));
  expect(learned(turned)).toEqual([{ kind: 'hotter', of: 'oven', value: 2, n: 1 }]);
  expect(learned(done)).toEqual([]);
});
