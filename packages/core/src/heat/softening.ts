import type { Celsius, Metres, Sourced } from '../quantity/index.ts';
import { boilingPoint } from './insideCooker.ts';

/** Times as long as at 100 °C, with the band that books and tests give. */
export interface Slower {
  readonly expected: number;
  readonly least: number;
  readonly most: number;
}

/** So many degrees make softening ten times as slow: vegetables and pulses, 20 to 45 °C in the literature. From memory. */
const TENFOLD_C: Sourced<{ readonly expected: number; readonly least: number; readonly most: number }> = {
  value: { expected: 30, least: 42, most: 22 },
  source: 'from memory: the z-value of softening, 22 to 42 °C',
};
export const SOFTENING_SOURCE = TENFOLD_C.source;
/** What is boiled at sea level is boiled at that. */
const BOOK_C = 100;

/**
 * How many times as long food takes to get soft in water of a temperature, against boiling water at sea level: 10^((100 − T) ÷ z).
 * @example softeningTimes(celsius(100)).expected // => 1
 */
export function softeningTimes(water: Celsius): Slower {
  const cooler = Math.max(0, BOOK_C - water);
  const { expected, least, most } = TENFOLD_C.value;
  const times = (z: number) => 10 ** (cooler / z);
  return { expected: times(expected), least: times(least), most: times(most) };
}

/** The same for an open pot at a height. At sea level exactly as the book says: water there boils within a breath of 100 °C. */
export const openPotTimes = (altitude: Metres): Slower =>
  altitude <= SEA_LEVEL_M ? { expected: 1, least: 1, most: 1 } : softeningTimes(boilingPoint(altitude));

/** Books are tried out up to about there. Common practice, no published source. */
const SEA_LEVEL_M = 300;
