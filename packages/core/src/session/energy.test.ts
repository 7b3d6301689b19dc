import fc from 'fast-check';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { energyCost, energyOf, type TaskAbout } from './index.ts';

const task = (station: TaskAbout['station'], minutes: number, more: Partial<TaskAbout> = {}): TaskAbout => ({
  id: `${station} ${minutes} ${more.stage ?? ''}`,
  batch: 'b',
  dish: 'd',
  load: 0,
  loads: 1,
  step: 's',
  name: 'n',
  station,
  skills: [],
  window: { earliest: minutes, expected: minutes, latest: minutes },
  attention: { needs: 'nobody' },
  cautions: [],
  goesIn: [],
  ...more,
});

// By hand: 15 min at 1000 W are 0.25 kWh; 20 min of holding at 15 % are 0.05.
test('a sealed cooker draws while it comes up, and little after', () => {
  const lines = energyOf(
    [task('cooker', 15, { stage: 'come up' }), task('cooker', 20, { stage: 'hold' })],
    STARTING_EQUIPMENT,
  );
  expect(lines.map(({ kWh }) => Number(kWh.toFixed(3)))).toEqual([0.25, 0.05]);
  expect(energyCost(lines, 30).value.minor).toBe(9);
  expect(energyCost(lines, undefined).value.minor).toBeUndefined();
});

test('two trays at one heat share the oven; at two heats they do not', () => {
  const oven = (...tasks: readonly TaskAbout[]) =>
    energyOf(tasks, STARTING_EQUIPMENT).find(({ use }) => use === 'oven, holding')?.minutes;
  expect(oven(task('oven', 30, { celsius: 200 }), task('oven', 40, { celsius: 200 }))).toBe(40);
  expect(oven(task('oven', 30, { celsius: 180 }), task('oven', 40, { celsius: 200 }))).toBe(70);
});

test('law: the whole is the sum of its lines, and hands alone draw nothing', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom('oven', 'burner', 'jug', 'hands' as const), fc.integer({ min: 1, max: 90 })), {
        maxLength: 8,
      }),
      (tasks) => {
        const lines = energyOf(
          tasks.map(([station, minutes]) => task(station, minutes)),
          STARTING_EQUIPMENT,
        );
        const { value } = energyCost(lines, 31);
        expect(value.kWh).toBeCloseTo(
          lines.reduce((sum, { kWh }) => sum + kWh, 0),
          9,
        );
        if (tasks.every(([station]) => station === 'hands')) expect(value.kWh).toBe(0);
      },
    ),
  ));
