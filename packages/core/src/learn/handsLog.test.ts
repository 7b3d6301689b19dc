import { seeded } from '../quantity/index.ts';
import type { RunEvent } from '../run/index.ts';
import type { TaskAbout } from '../session/index.ts';
import { handsLog, type CookedRun } from './index.ts';

const MINUTE = 60_000;
const step = (id: string, minutes: number): TaskAbout => ({
  id,
  batch: 'b',
  dish: 'Soup',
  load: 1,
  loads: 1,
  step: id,
  name: id,
  station: 'hands',
  skills: [],
  attention: { needs: 'hands' },
  cautions: [],
  goesIn: [],
  window: { earliest: minutes, expected: minutes, latest: minutes },
});
let n = 0;
const event = (what: RunEvent['what'], minute: number): RunEvent => ({
  id: `e${++n}`,
  device: 'd',
  deviceSeq: n,
  clock: n,
  at: minute * MINUTE,
  what,
});
const taken = (id: string, from: number, to: number, who?: string): readonly RunEvent[] => [
  ...(who ? [event({ kind: 'given', task: id, who }, from)] : []),
  event({ kind: 'started', task: id }, from),
  event({ kind: 'done', task: id }, to),
];
const run = (minutes: readonly number[], events: readonly RunEvent[]): CookedRun => ({
  about: Object.fromEntries(minutes.map((each, at) => [`s${at}`, step(`s${at}`, each)])),
  events,
});

test('steps that were begun and done are held against their minutes, the book counting like six', () => {
  // By hand: 15 and 30 minutes for steps of 10 and 20 are 1.5 each; (6 × 1 + 2 × 1.5) ÷ 8 = 1.125.
  const told = handsLog([run([10, 20], [...taken('s0', 0, 15), ...taken('s1', 20, 50)])]);
  expect(told).toMatchObject({ all: { value: 1.13, n: 2 }, byCook: {} });
});

test('a step that was only ticked off, skipped, or that is none for hands tells nothing; a forgotten tap neither', () => {
  const alone = { ...step('s0', 10), attention: { needs: 'nobody' as const } };
  expect(handsLog([run([10], [event({ kind: 'done', task: 's0' }, 15)])]).all).toBeUndefined();
  expect(
    handsLog([
      run([10], [event({ kind: 'started', task: 's0' }, 0), event({ kind: 'skipped', task: 's0' }, 9)]),
      { about: { s0: alone }, events: taken('s0', 0, 15) },
      run([10], taken('s0', 0, 90)),
      run([10], taken('s0', 0, 1)),
    ]).all,
  ).toBeUndefined();
});

test('what stood still is not counted', () => {
  const events = [
    event({ kind: 'started', task: 's0' }, 0),
    event({ kind: 'paused', task: 's0' }, 4),
    event({ kind: 'resumed', task: 's0' }, 24),
    event({ kind: 'done', task: 's0' }, 30),
  ];
  expect(handsLog([run([10], events)]).all?.value).toBe(1);
});

test('a planted cook who is quicker with the knife is found within the interval, in four of five kitchens', () => {
  const held = Array.from({ length: 300 }, (_, seed) => {
    const random = seeded(seed + 1);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const chi = [1, 2, 3, 4].reduce((sum) => sum + normal() ** 2, 0);
    const noise = Math.min(0.5, 0.35 * Math.sqrt(4 / chi));
    const truth = Math.min(1.6, Math.max(0.5, 1 + (normal() * noise) / Math.sqrt(6)));
    const steps = Array.from({ length: 24 }, () => 10);
    const events = steps.flatMap((minutes, at) => {
      const times = Math.min(4.5, Math.max(0.25, truth + normal() * noise));
      return taken(`s${at}`, at * 60, at * 60 + minutes * times, 'Teo');
    });
    const told = handsLog([run(steps, events)]).byCook['Teo'];
    return told !== undefined && told.least <= truth + 0.005 && truth - 0.005 <= told.most;
  }).filter(Boolean).length;
  expect(held / 300).toBeGreaterThanOrEqual(0.75);
  expect(held / 300).toBeLessThanOrEqual(0.86);
});
