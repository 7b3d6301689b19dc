import fc from 'fast-check';
import { BOOK } from '../src/food/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Revision, type Step } from '../src/recipe/index.ts';
import { foldRun, leftTheHeat, type RunEvent } from '../src/run/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession, type Plan } from '../src/session/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const borlotti = STARTER_RECIPES.find(({ component }) => component.kind === 'legume') as Revision;
const season = borlotti.steps.find(({ id }) => id === 'season') as Extract<Step, { kind: 'work' }>;

/** Borlotti whose onions are fried before, in the cooker itself, as somebody might write them down. */
const fried = (fry: Step['per'], last: Step['per'], use: Revision['uses']): Revision => ({
  ...borlotti,
  steps: [
    ...borlotti.steps.filter(({ kind }) => kind === 'ahead'),
    ...borlotti.steps.filter(({ id }) => id === 'drain' || id === 'chop'),
    {
      ...season,
      id: 'fry',
      name: 'Fry the onions',
      per: fry,
      after: [{ step: 'chop', min: 0, max: null }],
      cautions: [],
    },
    ...borlotti.steps
      .filter(({ kind }) => kind === 'pressure')
      .map((step) => ({ ...step, after: [...step.after, { step: 'fry', min: 0, max: null }] })),
    { ...season, per: last },
  ],
  uses: use,
});
const PER = fc.constantFrom<Step['per']>('batch', 'load');

test('law: whatever a recipe says of its station, the one cooker holds one load, and what is at pressure is in it', () => {
  fc.assert(
    fc.property(
      PER,
      PER,
      fc.constantFrom(['fry', 'season'], ['fry', 'press'], ['press', 'season'], ['press', 'press'], undefined),
      fc.integer({ min: 8, max: 40 }),
      (fry, last, ends, portions) => {
        const recipe = fried(
          fry,
          last,
          ends ? [{ station: 'cooker', from: ends[0] ?? '', to: ends[1] ?? '', wash: 5, group: 'borlotti' }] : [],
        );
        const scaled = scaleBatch(recipe, new Fraction(portions), foods, STARTING_EQUIPMENT);
        const { problem, about } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
        const plan: Plan = search(problem, { seed: 1, rounds: 20 });
        expect(check(problem, plan)).toEqual([]);
        const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
        const loads = scaled.loads.value.loads;
        const inside = Array.from({ length: loads }, (_, n) => {
          const mine = Object.values(about).filter(({ load, stage }) => load === n + 1 && stage && stage !== 'kettle');
          expect(mine.length).toBeGreaterThan(3);
          const starts = mine.map(({ id }) => plan.starts[id] ?? -1);
          const ends = mine.map(({ id }) => (plan.starts[id] ?? 0) + (minutes.get(id) ?? 0));
          return [Math.min(...starts), Math.max(...ends)] as const;
        });
        inside.slice(1).forEach(([from], n) => expect(from).toBeGreaterThanOrEqual(inside[n]?.[1] ?? Infinity));
      },
    ),
    { numRuns: 40 },
  );
});

test('a plan in which a use is held by no task is refused', () => {
  const scaled = scaleBatch(borlotti, new Fraction(8), foods, STARTING_EQUIPMENT);
  const { problem } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
  const plan = search(problem, { seed: 1, rounds: 20 });
  const astray = { ...problem, uses: problem.uses.map((use) => ({ ...use, to: 'nothing' })) };
  expect(check(astray, plan).map(({ rule }) => rule)).toContain('vessel');
});

test('it cools from when it left the heat, not from when it was seasoned', () => {
  const scaled = scaleBatch(borlotti, new Fraction(8), foods, STARTING_EQUIPMENT);
  const { about } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
  const doneAt = (step: string, stage: string | undefined, at: number, n: number): RunEvent => {
    const task = Object.values(about).find((each) => each.step === step && each.stage === stage);
    return { id: `${n}`, device: 'd', deviceSeq: n, clock: n, at, what: { kind: 'done', task: task?.id ?? '' } };
  };
  const kettle = [doneAt('press', 'kettle', 1, 1), doneAt('press', 'load', 2, 2)];
  expect(leftTheHeat('b', borlotti, about, foldRun(kettle))).toBeUndefined();
  const all = [...kettle, doneAt('press', 'empty', 60, 3), doneAt('season', undefined, 75, 4)];
  expect(leftTheHeat('b', borlotti, about, foldRun(all))?.at).toBe(60);
  expect(leftTheHeat('another', borlotti, about, foldRun(all))).toBeUndefined();
});
