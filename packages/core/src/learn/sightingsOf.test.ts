import type { RunEvent } from '../run/index.ts';
import type { Stage, TaskAbout } from '../session/index.ts';
import { figuresOf, sightingsOf, type CookedRun } from './index.ts';

const MINUTE = 60_000;
const task = (id: string, minutes: number, more: Partial<TaskAbout> = {}): TaskAbout => ({
  id,
  batch: 'b',
  dish: 'Millet',
  load: 1,
  loads: 1,
  step: id,
  name: id,
  station: 'hands',
  skills: [],
  window: { earliest: minutes, expected: minutes, latest: minutes },
  attention: { needs: 'hands' },
  cautions: [],
  goesIn: [],
  ...more,
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
const done = (id: string, minute: number) => event({ kind: 'done', task: id }, minute);
const taken = (id: string, from: number, to: number, who?: string): readonly RunEvent[] => [
  ...(who ? [event({ kind: 'given', task: id, who }, from)] : []),
  event({ kind: 'started', task: id }, from),
  done(id, to),
];
const run = (tasks: readonly TaskAbout[], events: readonly RunEvent[]): CookedRun => ({
  id: 'run',
  about: Object.fromEntries(tasks.map((each) => [each.id, each])),
  events,
  recipeOf: { b: 'millet' },
});
const told = (...runs: readonly CookedRun[]) =>
  figuresOf(runs.flatMap(sightingsOf), []).map(({ key, value, n: rests }) => [key.kind, key.of, value, rests]);

/** A load that came up in so many minutes where heat alone says ten, and released in so many where it says twenty. */
const load = (up: number, release: number): CookedRun => {
  const stage = (of: Stage, bookMinutes?: number) =>
    task(of, 6, {
      step: 'press',
      stage: of,
      station: 'cooker',
      attention: { needs: 'nobody' },
      ...(bookMinutes === undefined ? {} : { bookMinutes }),
    });
  return run(
    [stage('load'), stage('come up', 10), stage('hold'), stage('natural', 20)],
    [done('load', 0), done('come up', up), done('hold', up + 9), done('natural', up + 9 + release)],
  );
};

test('one slow load moves the figure by a third of the way, three of them by more', () => {
  // By hand: (1.5 + 2) ÷ 3 = 1.17; (3 × 1.5 + 2) ÷ 5 = 1.3.
  expect(told(load(15, 20))).toEqual([
    ['come up', '', 1.17, 1],
    ['release', '', 1, 1],
  ]);
  const [comesUp] = figuresOf(
    [15, 15, 15].flatMap((up) => sightingsOf(load(up, 20))),
    [],
  );
  expect(comesUp).toMatchObject({
    value: 1.3,
    source: 'this kitchen, 3 loads',
    // By hand: noise √((4 × 0.15² + 2 × 3 × 0.5² ÷ 5) ÷ 7) = 0.2376; with the t of 7 degrees, 1.415 × 0.2376 ÷ √5.
    least: 1.15,
    most: 1.45,
    from: 1.5,
    to: 1.5,
  });
});

test('a tap that was forgotten, or one that came at once, teaches nothing', () => {
  expect(told(load(120, 20)).map(([kind]) => kind)).toEqual(['release']);
  expect(told(load(0, 20)).map(([kind]) => kind)).toEqual(['release']);
  const steps = [task('peel', 10), task('chop', 10), task('rest', 10, { attention: { needs: 'nobody' } })];
  expect(told(run(steps, [done('peel', 15), ...taken('chop', 20, 90), done('rest', 95)]))).toEqual([]);
  expect(
    told(run(steps, [event({ kind: 'started', task: 'peel' }, 0), event({ kind: 'skipped', task: 'peel' }, 9)])),
  ).toEqual([]);
});

test('steps of hands teach of all hands, of the cook’s, and of the step', () => {
  // By hand: 15 and 30 minutes for 10 and 20 are 1.5 each: (6 × 1 + 2 × 1.5) ÷ 8 = 1.125, which a step and a cook are drawn to: (2 × 1.13 + 1.5) ÷ 3, (6 × 1.13 + 1.5) ÷ 7.
  const figures = told(
    run([task('peel', 10), task('chop', 20)], [...taken('peel', 0, 15, 'Teo'), ...taken('chop', 20, 50)]),
  );
  expect(figures).toEqual([
    ['hands', '', 1.13, 2],
    ['cook', 'Teo', 1.18, 1],
    ['step', 'millet/peel', 1.25, 1],
    ['step', 'millet/chop', 1.25, 1],
  ]);
});

test('a pause is no work, and minutes are held against the recipe’s, not against a plan that already goes by hands of its own', () => {
  const paused = [
    event({ kind: 'started', task: 'peel' }, 0),
    event({ kind: 'paused', task: 'peel' }, 5),
    event({ kind: 'resumed', task: 'peel' }, 25),
    done('peel', 30),
  ];
  const [peel] = sightingsOf(run([task('peel', 8, { bookMinutes: 10 })], paused));
  expect(peel).toMatchObject({ real: 10, book: 10, value: 1 });
});

test('what was found done is a bound; what was not yet done lies between two looks; both teach of the oven too', () => {
  const bake = task('bake', 40, { station: 'oven', attention: { needs: 'nobody' } });
  const found = sightingsOf(run([bake], taken('bake', 0, 40)));
  expect(found.map(({ figure, value, bound }) => [figure.kind, figure.of, value, bound])).toEqual([
    ['step', 'millet/bake', 1, 'at most'],
    ['oven', 'oven', 1, 'at most'],
  ]);
  const between = sightingsOf(
    run(
      [bake],
      [
        event({ kind: 'started', task: 'bake' }, 0),
        event({ kind: 'not yet', task: 'bake', minutes: 4 }, 42),
        done('bake', 46),
      ],
    ),
  );
  expect(between.map(({ real, value, bound }) => [real, value, bound])).toEqual([
    [44, 1.1, undefined],
    [44, 1.1, undefined],
  ]);
  // What boils down goes by its weight.
  expect(sightingsOf(run([{ ...bake, stopsAtG: 400 }], taken('bake', 0, 40)))).toEqual([]);
});

test('the turn of a dial teaches of its oven by minutes for 10 °C', () => {
  const turn = task('turn', 5, { turn: { oven: 'oven 2', from: 150, to: 200 } });
  // By hand: 50 °C in 10 minutes are 2 minutes for each 10 °C.
  expect(told(run([turn], taken('turn', 0, 10)))).toEqual([['hotter', 'oven 2', 2, 1]]);
});

describe('trays that come out one after the other', () => {
  const bake = task('bake', 40, {
    station: 'oven',
    attention: { needs: 'nobody' },
    trays: { count: 2, racks: 3 },
  });
  const out = (rack: number, minute: number) => event({ kind: 'tray out', task: 'bake', rack }, minute);
  const began = () => event({ kind: 'started', task: 'bake' }, 0);
  const notYet = (minute: number) => event({ kind: 'not yet', task: 'bake', minutes: 4 }, minute);
  const seen = (...events: readonly RunEvent[]) =>
    sightingsOf(run([bake], events)).map(({ figure, real, bound }) => [figure.kind, figure.of, real, bound]);

  test('each lies between its looks, and the oven is what they took on the whole', () =>
    // By hand: between 40 and 44, and between 44 and 50: 42 and 47, together 44.5.
    expect(seen(began(), notYet(40), out(1, 44), out(3, 50), done('bake', 50))).toEqual([
      ['step', 'millet/bake', 44.5, undefined],
      ['oven', 'oven', 44.5, undefined],
      ['rack', 'oven/1', 42, undefined],
      ['rack', 'oven/3', 47, undefined],
    ]));
  test('of the one that was found done at the first look nothing is known but that it took no longer', () =>
    expect(seen(began(), out(1, 44), out(3, 50), done('bake', 50))).toEqual([
      ['step', 'millet/bake', 45.5, 'at most'],
      ['oven', 'oven', 45.5, 'at most'],
      ['rack', 'oven/3', 47, undefined],
    ]));
  test('where somebody told of one tray only, the step is what it was when all of it was done', () =>
    expect(seen(began(), notYet(40), out(1, 44), done('bake', 50))).toEqual([
      ['step', 'millet/bake', 47, undefined],
      ['oven', 'oven', 47, undefined],
      ['rack', 'oven/1', 42, undefined],
    ]));
  test('a tray that went back in came out when it did so last', () =>
    expect(
      seen(
        began(),
        notYet(40),
        out(1, 44),
        event({ kind: 'tray back', task: 'bake', rack: 1 }, 45),
        out(1, 48),
        done('bake', 52),
      ).find(([kind]) => kind === 'rack'),
    ).toEqual(['rack', 'oven/1', 44, undefined]));
});
