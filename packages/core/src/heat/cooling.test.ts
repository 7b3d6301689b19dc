import fc from 'fast-check';
import { cell, readTable } from '../../test/readTable.ts';
import { celsius, kilograms, minutes } from '../quantity/index.ts';
import {
  COOLING_RULE,
  coolingMinutes,
  freezingTime,
  iceFor,
  newtonMinutes,
  slabCoefficient,
  slabEigenvalue,
  thawingTime,
} from './index.ts';

// Source: published: Incropera, Fundamentals of Heat and Mass Transfer, one-term coefficients; conduction.csv.
test.each(readTable('conduction'))('a slab at Bi $Bi', (row) => {
  const zeta = slabEigenvalue(Number(cell(row, 'Bi')));
  expect(zeta).toBeCloseTo(Number(cell(row, 'slab_zeta1')), 5);
  expect(slabCoefficient(zeta)).toBeCloseTo(Number(cell(row, 'slab_C1')), 5);
});

// Source: computed by the same method; what the air takes is assumed.
test.each([
  [5, 4.6],
  [10, 10.5],
])('a covered box of %i cm in air of 4 °C cools from 57 to 21 °C in %f h', (depth, hours) =>
  expect(coolingMinutes(depth, celsius(57), celsius(21), celsius(4)) / 60).toBeCloseTo(hours, 1),
);

// Source: computed from FDA Food Code 2022, 3-501.14.
describe('a stirred pot', () => {
  const { from, first, then } = COOLING_RULE;
  test('with τ of 60 min in 4 °C: 68.2 min to 21 °C, 238.2 to 5 °C', () => {
    expect(newtonMinutes(minutes(60), from, first.to, celsius(4))).toBeCloseTo(68.2, 1);
    expect(newtonMinutes(minutes(60), from, then.to, celsius(4))).toBeCloseTo(238.2, 1);
  });
  test('keeps the six hours up to a τ of 90.67 min, the two hours up to 105.5; in 5 °C it never ends', () => {
    expect(newtonMinutes(minutes(90.67), from, then.to, celsius(4)) / 60).toBeCloseTo(6, 2);
    expect(newtonMinutes(minutes(105.5), from, first.to, celsius(4)) / 60).toBeCloseTo(2, 2);
    expect(newtonMinutes(minutes(60), from, then.to, celsius(5))).toBe(Infinity);
  });
});

// Source: computed from the heat of melting.
test('ice for 4 kg of soup: 3.47 kg from 90 to 21 °C, 2.61 from 57 to 5', () => {
  expect(iceFor(kilograms(4), celsius(90), celsius(21))).toBeCloseTo(3.47, 2);
  expect(iceFor(kilograms(4), celsius(57), celsius(5))).toBeCloseTo(2.61, 2);
});

// Source: Plank 1913 (from memory); computed.
test.each([
  [5, 58.2],
  [3, 32.8],
  [1, 10.2],
])('a slab of %i cm thaws in 4 °C in %f h', (depth, hours) =>
  expect(thawingTime(depth, celsius(4)).expected / 60).toBeCloseTo(hours, 1),
);

test('law: what is deeper cools, freezes and thaws more slowly; a warmer fridge thaws faster', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 6 }), (depth, more) => {
      const cool = (cm: number) => coolingMinutes(cm, celsius(57), celsius(21), celsius(4));
      expect(cool(depth + more)).toBeGreaterThan(cool(depth));
      expect(freezingTime(depth + more, celsius(-18)).expected).toBeGreaterThan(
        freezingTime(depth, celsius(-18)).expected,
      );
      expect(thawingTime(depth, celsius(7)).expected).toBeLessThan(thawingTime(depth, celsius(4)).expected);
    }),
  ));
