import { cell, readTable } from '../../test/readTable.ts';
import { celsius, kilograms, kpaAbsolute, kpaGauge, metres, minutes, watts } from '../quantity/index.ts';
import {
  boilingPoint,
  comeUp,
  heatNeeded,
  holdAtAltitude,
  naturalRelease,
  outsidePressure,
  steamTemperature,
  ventLoss,
  temperatureInside,
  type PotLoad,
} from './index.ts';

// Source: published: ISO 2533 and IAPWS-IF97; altitude.csv and steam.csv.
test.each(readTable('altitude'))(
  'at $altitude_m m the air has $pressure_kPa kPa and water boils at $boiling_C °C',
  (row) => {
    const altitude = metres(Number(cell(row, 'altitude_m')));
    expect(outsidePressure(altitude)).toBeCloseTo(Number(cell(row, 'pressure_kPa')), 2);
    expect(boilingPoint(altitude)).toBeCloseTo(Number(cell(row, 'boiling_C')), 1);
  },
);

describe.each([0, 500, 1180, 1500, 2500, 3000])('inside a sealed cooker at %i m', (altitude) => {
  test.each(readTable('steam'))('gauge $gauge_kPa kPa', (row) => {
    expect(
      Math.abs(
        temperatureInside(kpaGauge(Number(cell(row, 'gauge_kPa'))), metres(altitude)) -
          Number(cell(row, `t_${altitude}m`)),
      ),
    ).toBeLessThan(0.011);
  });
});

// Source: IAPWS-IF97, region 4 tables (from memory), recomputed.
test.each([
  [100, 372.755919],
  [1000, 453.035632],
  [10000, 584.149488],
])('steam at %f kPa absolute is saturated at %f K', (pressure, kelvin) =>
  expect(steamTemperature(kpaAbsolute(pressure)) + 273.15).toBeCloseTo(kelvin, 5),
);

describe('coming up', () => {
  const load = (more: Partial<PotLoad> = {}): PotLoad => ({
    water: kilograms(1.5),
    dryFood: kilograms(0.4),
    steel: kilograms(1.2),
    waterAt: celsius(20),
    restAt: celsius(20),
    ...more,
  });
  const target = celsius(117.14);
  const up = (pot: PotLoad) => comeUp(pot, target, watts(1000), 0.8).value;

  // Source: computed from steam tables and Choi and Okos 1986 (from memory); 80 % is assumed.
  test('1.5 kg water, 0.4 kg dry chickpeas, 1.2 kg steel: 745.4 kJ, 15.5 min', () => {
    expect(heatNeeded(load(), target)).toBeCloseTo(745.4, 1);
    expect(up(load())).toBeCloseTo(15.5, 1);
  });
  test('with kettle water at 95 °C: 274.0 kJ, 5.7 min, 37 %', () => {
    expect(heatNeeded(load({ waterAt: celsius(95) }), target)).toBeCloseTo(274.0, 1);
    expect(up(load({ waterAt: celsius(95) })) / up(load())).toBeCloseTo(0.37, 2);
  });
  test('double the food and water, the same steel: 29.8 min', () =>
    expect(up(load({ water: kilograms(3), dryFood: kilograms(0.8) }))).toBeCloseTo(29.8, 1));
  test('natural release of it in a 20 °C room: 12.4 min; of double: 23.9', () => {
    const release = (pot: PotLoad) => naturalRelease(pot, target, celsius(99.97), celsius(20));
    expect(release(load())).toBeCloseTo(12.4, 1);
    expect(release(load({ water: kilograms(3), dryFood: kilograms(0.8) }))).toBeCloseTo(23.9, 1);
  });
});

// Source: US extension-service advice (from memory).
test.each([
  [0, 0],
  [600, 0],
  [1180, 9.7],
  [3000, 40],
])('at %i m minutes under pressure grow by %f %%', (altitude, percent) =>
  expect(holdAtAltitude(minutes(100), metres(altitude)).value - 100).toBeCloseTo(percent, 1),
);

// Source: computed from the heat of steam: 3.2 % of 1.5 kg.
test('a quick vent from 117.14 to 99.97 °C turns 48 g of 1.5 kg of water to steam', () =>
  expect(ventLoss(kilograms(1.5), celsius(117.14), celsius(99.97)) * 1000).toBeCloseTo(48, 0));
