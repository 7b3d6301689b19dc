import fc from 'fast-check';
import { celsius } from '../quantity/index.ts';
import { coolingClock, evenSplit, labelSheets, placeOnSheet } from './index.ts';

const HOUR = 3_600_000;

describe('the cooling clock', () => {
  // Source: FDA Food Code 2022, 3-501.14.
  test('runs in two stages from 57 °C on, and expectation and limits start from one moment and temperature', () => {
    const hot = coolingClock({ since: 0, depthCm: 5, kg: 2 }, []);
    expect(hot.at57).toBeGreaterThan(0);
    expect(hot.stages[0]?.by).toBe(hot.at57 + 2 * HOUR);
    // It is still hot: it takes longer from 95 °C than from 57 °C, by just the time to 57 °C within a few minutes.
    const warm = coolingClock({ since: 0, depthCm: 5, kg: 2, from: celsius(57) }, []);
    const later = (hot.stages[0]?.expected ?? 0) - (warm.stages[0]?.expected ?? 0);
    expect(later).toBeGreaterThan(0);
    expect(later).toBeLessThanOrEqual(hot.at57);
    // What was measured at 57 °C or below starts the clock earlier than expected.
    expect(coolingClock({ since: 0, depthCm: 5, kg: 2 }, [{ at: HOUR / 4, celsius: celsius(55) }]).at57).toBe(HOUR / 4);
    const { stages } = warm;
    expect(stages.map(({ to, by }) => [to, by / HOUR])).toEqual([
      [21, 2],
      [5, 6],
    ]);
  });
  test('five centimetres in the fridge alone do not keep it, and it says so; ice would', () => {
    const clock = coolingClock({ since: 0, depthCm: 5, kg: 4, from: celsius(57) }, []);
    expect(clock.keeps).toBe(false);
    expect((clock.stages[0]?.expected ?? 0) / HOUR).toBeCloseTo(4.6, 1);
    expect(clock.ice).toBeCloseTo((4 * 4.19 * 36) / 333.6, 2);
  });
  test('what nobody measured is unknown; the first reading at or below counts', () => {
    expect(coolingClock({ since: 0, depthCm: 5, kg: 2 }, []).stages[0]?.reached).toBeUndefined();
    const readings = [
      { at: 2 * HOUR, celsius: celsius(19) },
      { at: HOUR, celsius: celsius(30) },
      { at: 3 * HOUR, celsius: celsius(10) },
    ];
    expect(coolingClock({ since: 0, depthCm: 5, kg: 2 }, readings).stages.map(({ reached }) => reached)).toEqual([
      2 * HOUR,
      undefined,
    ]);
  });
  test('law: a reading at any temperature moves what is expected: at it when it says so, later the hotter it is', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 95 }),
        fc.integer({ min: 10, max: 120 }),
        fc.integer({ min: 2, max: 8 }),
        (degrees, minutes, depth) => {
          const at = minutes * 60_000;
          const told = (value: number) =>
            coolingClock({ since: 0, depthCm: depth, kg: 2 }, [{ at, celsius: celsius(value) }]);
          const [warm, hotter] = [told(degrees), told(Math.min(95, degrees + 5))];
          warm.stages.forEach(({ expected }, n) => {
            expect(expected ?? 0).toBeGreaterThan(at);
            expect(hotter.stages[n]?.expected ?? 0).toBeGreaterThanOrEqual(expected ?? Infinity);
          });
          expect(warm.at57).toBeGreaterThan(at);
          // Both stages move by the same minutes.
          const before = coolingClock({ since: 0, depthCm: depth, kg: 2 }, []).stages.map(
            ({ expected }) => expected ?? 0,
          );
          const moved = warm.stages.map(({ expected }, n) => (expected ?? 0) - (before[n] ?? 0));
          expect(moved[0]).toBeCloseTo(moved[1] ?? NaN, 3);
        },
      ),
    ));
  test('law: what is shallower is expected no later', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10 }), (depth) => {
        const at = (cm: number) => coolingClock({ since: 0, depthCm: cm, kg: 1 }, []).stages[0]?.expected ?? Infinity;
        expect(at(depth)).toBeLessThanOrEqual(at(depth + 1));
      }),
    ));
});

test('law: an even split gives every gram away, and every portion as much as any other', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 20_000 }),
      fc.integer({ min: 0, max: 4000 }),
      fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 20 }),
      (net, pot, boxes) => {
        const parts = evenSplit(net + pot, pot, boxes) ?? [];
        const portions = boxes.reduce((sum, each) => sum + each, 0);
        expect(parts.reduce((sum, each) => sum + each, 0)).toBe(net);
        parts.forEach((grams, n) =>
          expect(Math.abs(grams - (net * (boxes[n] ?? 0)) / portions)).toBeLessThanOrEqual(1),
        );
      },
    ),
  ));
test('a pot that weighs more empty than full is no split', () =>
  expect(evenSplit(900, 1200, [1, 1, 1])).toBeUndefined());

test('law: labels lie on the paper, and no two on one place', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...labelSheets),
      fc.integer({ min: 1, max: 60 }),
      fc.nat({ max: 20 }),
      (sheet, n, skip) => {
        const placed = Array.from({ length: n }, (_, at) => placeOnSheet(at, sheet, skip));
        for (const { xMm, yMm } of placed) {
          expect(xMm).toBeGreaterThanOrEqual(0);
          expect(yMm).toBeGreaterThanOrEqual(0);
          expect(xMm + sheet.widthMm).toBeLessThanOrEqual(210.01);
          expect(yMm + sheet.heightMm).toBeLessThanOrEqual(297.01);
        }
        expect(new Set(placed.map(({ page, xMm, yMm }) => `${page} ${xMm} ${yMm}`)).size).toBe(n);
      },
    ),
  ));

describe('where it stands while it cools', () => {
  const stage = (
    stands: { at: number; air: number }[],
    readings: { at: number; celsius: ReturnType<typeof celsius> }[] = [],
  ) =>
    coolingClock(
      { since: 0, depthCm: 5, kg: 2, stands: stands.map(({ at, air }) => ({ at, air: celsius(air) })) },
      readings,
    ).stages;
  test('law: the longer it stands in the room before the fridge, the later it is expected; the limits do not wait for it', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 240 }), fc.integer({ min: 1, max: 120 }), (minutes, more) => {
        const at = (n: number) =>
          stage([
            { at: 0, air: 20 },
            { at: n * 60_000, air: 4 },
          ]).map(({ expected }) => expected ?? Infinity);
        const [sooner, later] = [at(minutes), at(minutes + more)];
        sooner.forEach((expected, n) => expect(later[n]).toBeGreaterThanOrEqual(expected - 1));
      }),
    ));
  test('in air of 20 °C it never comes to 5 °C; moved into the fridge from the start, it is as if nothing had been said', () => {
    expect(stage([{ at: 0, air: 20 }])[1]?.expected).toBeUndefined();
    expect(stage([{ at: 0, air: 4 }]).map(({ expected }) => expected)).toEqual(
      stage([]).map(({ expected }) => expected),
    );
  });
  test('what was measured settles where the curve goes on from, whatever it stood in before', () => {
    const reading = [{ at: HOUR, celsius: celsius(40) }];
    const inRoom = stage(
      [
        { at: 0, air: 20 },
        { at: HOUR, air: 4 },
      ],
      reading,
    );
    const cold = stage([], reading);
    inRoom.forEach(({ expected }, n) => expect(expected).toBeCloseTo(cold[n]?.expected ?? 0, 0));
  });
});
