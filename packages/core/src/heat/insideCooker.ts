import { kpaAbsolute, type Celsius, type KpaAbsolute, type KpaGauge, type Metres } from '../quantity/index.ts';
import { outsidePressure } from './atmosphere.ts';
import { steamTemperature } from './saturation.ts';

/** Gauge, not absolute: the valve holds its pressure above the air outside, so the same cooker is cooler uphill. */
export const pressureInside = (valve: KpaGauge, outside: KpaAbsolute): KpaAbsolute => kpaAbsolute(valve + outside);

/**
 * Temperature inside a sealed cooker at an altitude, in °C.
 * Source: published: IAPWS-IF97 and ISO 2533.
 * @example temperatureInside(kpaGauge(80), metres(1180)).toFixed(2) // => '114.77'
 */
export const temperatureInside = (valve: KpaGauge, altitude: Metres): Celsius =>
  steamTemperature(pressureInside(valve, outsidePressure(altitude)));

/** Where water boils in an open pot, in °C. */
export const boilingPoint = (altitude: Metres): Celsius => steamTemperature(outsidePressure(altitude));
