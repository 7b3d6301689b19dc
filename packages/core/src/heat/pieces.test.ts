import fc from 'fast-check';
import { cell, readTable } from '../../test/readTable.ts';
import { LOSS_KG_PER_M2H, firstCoefficient, firstEigenvalue, openPotLoss, pieceTimeRatio } from './index.ts';

// Source: published: Incropera, Fundamentals of Heat and Mass Transfer, one-term coefficients of the sphere (conduction.csv).
test.each(readTable('conduction').map((row) => [Number(cell(row, 'Bi')), row] as const))(
  'the sphere’s first term at Bi %f',
  (biot, row) => {
    const zeta = firstEigenvalue(biot);
    expect(zeta).toBeCloseTo(Number(cell(row, 'sphere_zeta1')), 4);
    expect(firstCoefficient(zeta)).toBeCloseTo(Number(cell(row, 'sphere_C1')), 4);
  },
);

test('law: twice the size takes between twice and four times as long, longer where heat comes fast', () =>
  fc.assert(
    fc.property(fc.double({ min: 1, max: 6, noNaN: true }), (cm) => {
      const oven = pieceTimeRatio(2 * cm, cm, 'oven');
      const water = pieceTimeRatio(2 * cm, cm, 'water');
      expect(oven).toBeGreaterThan(2);
      expect(water).toBeLessThan(4.01);
      expect(water).toBeGreaterThan(oven);
      expect(pieceTimeRatio(cm, 2 * cm, 'oven')).toBeCloseTo(1 / oven, 6);
    }),
  ));

describe('an open pot', () => {
  // Source: computed: 1 kW all into steam is 35.3 kg/(m² h) from a pot of 24 cm; no boil may lose more than its heat gives.
  test('no way of boiling loses more than a kilowatt can drive off a 24 cm pot', () => {
    for (const loss of Object.values(LOSS_KG_PER_M2H)) expect(loss).toBeLessThan(35.3);
  });
  // Source: from memory: lid on 1 to 3, gentle simmer 5 to 15, strong simmer 15 to 25, rolling boil 20 to 50 kg/(m² h).
  test.each([
    ['lid on', 1, 3],
    ['gentle simmer', 5, 15],
    ['strong simmer', 15, 25],
    ['rolling boil', 20, 50],
  ] as const)('%s stays in its range', (boil, least, most) => {
    expect(LOSS_KG_PER_M2H[boil]).toBeGreaterThanOrEqual(least);
    expect(LOSS_KG_PER_M2H[boil]).toBeLessThanOrEqual(most);
  });
  test('law: it goes with the minutes and with the square of the width', () =>
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 40 }), fc.integer({ min: 1, max: 90 }), (cm, minutes) => {
        const one = openPotLoss('gentle simmer', cm, minutes);
        expect(openPotLoss('gentle simmer', cm, 2 * minutes)).toBeCloseTo(2 * one, 6);
        expect(openPotLoss('gentle simmer', 2 * cm, minutes)).toBeCloseTo(4 * one, 6);
      }),
    ));
});
