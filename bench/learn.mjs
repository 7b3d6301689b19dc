import { figuresOf, posteriorOf, sightingsOf } from '@kestrel-ridge/core/learn';
import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { addDays, day, seeded } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES, componentFood } from '@kestrel-ridge/core/recipe';
import { search } from '@kestrel-ridge/core/schedule';
import { inventSession } from '../packages/core/dist/schedule/inventSession.js';
import { viewOf, weekThatWas } from '@kestrel-ridge/core/view';
import { figure, median } from './figure.mjs';

/** Five years of one session a week. */
const RUNS = 260;
const TASKS = 30;
const ROUNDS = 15;
const FRAME_MS = 16.7;
const MINUTE = 60_000;
const START = Date.parse('2026-03-01T09:00:00Z');

/** A run that was tapped through: each step begun and done, a little longer or shorter than it should take. */
function run(seed, startedAt) {
  const random = seeded(seed);
  const problem = inventSession({ seed: 1 + (seed % 12), tasks: TASKS, cooks: 2 });
  const plan = search(problem, { seed: 1, rounds: 20 });
  let n = 0;
  const about = {};
  const byStart = [...problem.tasks].sort((a, b) => plan.starts[a.id] - plan.starts[b.id]);
  const events = byStart.flatMap(({ id, name, minutes, attention, dish }) => {
    about[id] = {
      id,
      dish,
      name,
      attention: { needs: attention === 'full' ? 'hands' : 'nobody' },
      window: { earliest: minutes, expected: minutes, latest: minutes },
      goesIn: [{ line: 'a', food: `food ${id.length % 5}`, amount: '1', comesOut: false, follows: 'stir in' }],
    };
    const begun = startedAt + plan.starts[id] * MINUTE;
    const event = (what, at) => ({ id: `${seed} ${++n}`, device: 'd', deviceSeq: n, clock: n, at, what });
    return [
      event({ kind: 'started', task: id }, begun),
      event({ kind: 'done', task: id }, begun + minutes * (0.7 + 0.6 * random()) * MINUTE),
    ];
  });
  return { id: `run ${seed}`, problem, plan, about, events, recipeOf: {} };
}
const runs = Array.from({ length: RUNS }, (_, n) => run(n + 1, START + n * 7 * 24 * 60 * MINUTE));
const time = (work) => {
  const all = Array.from({ length: ROUNDS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return median(all);
};
const learn = (of) => figuresOf(of.flatMap(sightingsOf), []);

figure('figures of five years of runs, in frames', time(() => learn(runs)) / FRAME_MS, 'frames', 'record');
// The server asks the last forty: that is what an event costs.
figure('figures after one more event, in frames', time(() => learn(runs.slice(-40))) / FRAME_MS, 'frames', '<=1');
const values = Array.from({ length: 1000 }, (_, n) => ({ value: 1 + Math.sin(n) / 4 }));
figure(
  'one posterior of a thousand observations, in frames',
  time(() => posteriorOf({ mean: 1, weighs: 2, noise: 0.2 }, values)) / FRAME_MS,
  'frames',
  '<=1',
);

const today = day('2026-03-02');
const bought = new Map(BOOK.map((food) => [food.id, food]));
const foods = [...BOOK, ...STARTER_RECIPES.map((document) => componentFood(document, bought, 150))];
const recipes = STARTER_RECIPES.map((document, n) => ({ id: `r${n}`, name: document.name, number: 1, document }));
const week = {
  eaters: [],
  attendance: [],
  appetites: [],
  slots: [],
  eaten: [],
  plates: [],
  templates: [],
  sessions: [],
  batches: [],
  revisions: [],
};
const kitchen = {
  id: 'k',
  name: 'hut',
  equipment: { ...STARTING_EQUIPMENT, zone: 'Europe/Berlin' },
  version: 1,
  today,
  places: [],
};
/** A kitchen with so many years of prices behind it, looked back on for eight weeks. */
function lookBack(years) {
  const prices = Array.from({ length: years * 200 }, (_, n) => ({
    id: `p${n}`,
    food: BOOK[n % 60].id,
    on: addDays(today, -Math.floor((n * 365) / 200)),
    minor: 200 + (n % 50),
    amount: '1000',
    shop: null,
    from: 'purchase',
  }));
  const view = viewOf(kitchen, foods, [], recipes, week, { prices, floors: [], thrown: [] }, null);
  const eight = runs.slice(0, 8);
  const past = {
    from: addDays(today, -55),
    until: today,
    first: addDays(today, -365 * years),
    sessions: eight.map((_, n) => ({
      id: `s${n}`,
      name: 'next',
      startsAt: new Date(START).toISOString(),
      cooks: 2,
      wishes: { pins: {}, breaks: [] },
      status: 'done',
      version: 1,
    })),
    batches: [],
    runs: eight.map((each, n) => ({
      ...each,
      id: `run${n}`,
      session: `s${n}`,
      startedAt: new Date(START + n * 7 * 24 * 60 * MINUTE).toISOString(),
    })),
    movements: Array.from({ length: 600 }, (_, n) => ({
      at: new Date(START).toISOString(),
      kind: n % 3 === 0 ? 'made' : 'eaten',
      lot: `lot ${n % 80}`,
      food: STARTER_RECIPES[n % STARTER_RECIPES.length].component.id,
      amount: n % 3 === 0 ? '800' : '-150',
      reason: null,
      place: 'upper',
      placeKind: 'fridge',
      box: null,
      portionG: '200',
      minor: 100,
    })),
    before: [],
  };
  return time(() => weekThatWas(view, past));
}
const [young, old] = [lookBack(1), lookBack(5)];
figure('eight weeks looked back on, in frames', young / FRAME_MS, 'frames', '<=1');
figure('the same in a kitchen of five years, against one', old / young, 'times', '<=1.5');
