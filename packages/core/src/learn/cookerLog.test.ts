import fc from 'fast-check';
import type { RunEvent } from '../run/index.ts';
import type { Stage, TaskAbout } from '../session/index.ts';
import { cookerLog, type CookedRun } from './index.ts';

const MINUTE = 60_000;
const task = (stage: Stage, bookMinutes?: number): TaskAbout => ({
  id: stage,
  batch: 'b',
  dish: 'Millet',
  load: 1,
  loads: 1,
  step: 'press',
  name: stage,
  station: 'cooker',
  skills: [],
  window: { earliest: 5, expected: 6, latest: 8 },
  attention: { needs: 'nobody' },
  cautions: [],
  goesIn: [],
  stage,
  ...(bookMinutes === undefined ? {} : { bookMinutes }),
});
const done = (id: string, minute: number, n: number): RunEvent => ({
  id: `${id}${n}`,
  device: 'd',
  deviceSeq: n,
  clock: n,
  at: minute * MINUTE,
  what: { kind: 'done', task: id },
});
/** A load that came up in so many minutes where the book says ten, and released in so many where it says twenty. */
const run = (up: number, release: number): CookedRun => ({
  about: Object.fromEntries(
    [task('load'), task('come up', 10), task('hold'), task('natural', 20)].map((each) => [each.id, each]),
  ),
  events: [done('load', 0, 1), done('come up', up, 2), done('hold', up + 9, 3), done('natural', up + 9 + release, 4)],
});

test('one slow load moves the figure by a third of the way, three of them by more', () => {
  // By hand: (1.5 + 2) ÷ 3 = 1.17; (3 × 1.5 + 2) ÷ 5 = 1.3.
  expect(cookerLog([run(15, 20)])).toMatchObject({ comeUpTimes: { value: 1.17, n: 1 }, releaseTimes: { value: 1 } });
  expect(cookerLog([run(15, 20), run(15, 20), run(15, 20)]).comeUpTimes).toEqual({
    value: 1.3,
    source: 'this kitchen, 3 loads',
    n: 3,
    // By hand: noise √((4 × 0.15² + 2 × 3 × 0.5² ÷ 5) ÷ 7) = 0.2376; with the t of 7 degrees, 1.415 × 0.2376 ÷ √5.
    least: 1.15,
    most: 1.45,
    from: 1.5,
    to: 1.5,
  });
});

test('a tap that was forgotten, or one that came at once, teaches nothing', () => {
  expect(cookerLog([run(120, 20)]).comeUpTimes).toBeUndefined();
  expect(cookerLog([run(0, 20)]).comeUpTimes).toBeUndefined();
  expect(cookerLog([])).toEqual({});
});

test('law: what is learned lies between the book and what was seen', () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 4, max: 30 }), { minLength: 1, maxLength: 9 }), (minutes) => {
      const value = cookerLog(minutes.map((each) => run(each, 20))).comeUpTimes?.value ?? 0;
      expect(value).toBeGreaterThanOrEqual(Math.min(1, ...minutes.map((each) => each / 10)) - 0.01);
      expect(value).toBeLessThanOrEqual(Math.max(1, ...minutes.map((each) => each / 10)) + 0.01);
    }),
  ));
