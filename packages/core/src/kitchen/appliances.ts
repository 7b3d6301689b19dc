import type { Celsius } from '../quantity/index.ts';

export interface Cooker {
  readonly litres: number;
  readonly watts: number;
  /** What its valve holds above the air outside, kPa gauge. */
  readonly gaugeKpa: number;
  /** Least liquid in mL: the manual decides. */
  readonly leastLiquidMl: number;
  readonly steelKg: number;
  /** What its insert weighs empty, g. */
  readonly emptyG?: number;
}

export interface Oven {
  readonly racks: number;
  readonly preheatMinutes: number;
  readonly trayCm2: number;
  /** A fan moves the air: it is set lower. */
  readonly fan?: boolean;
  /** What is written on its dial; °C where nothing is said. */
  readonly dial?: '°C' | '°F';
  /** How hot it gets, °C; left out: hot enough for everything. */
  readonly mostC?: number;
  /** It has a grill, whatever its dial ends at. */
  readonly grill?: boolean;
  /** Minutes for 10 °C hotter, and for 10 °C cooler; left out: as ovens usually take. */
  readonly upMinutes?: number;
  readonly downMinutes?: number;
  /** How long things take in it, against the minutes of recipes: 1.1 is a tenth longer. */
  readonly cooksTimes?: number;
  /** The same of each rack against the oven as a whole, from the top; null where nobody has found otherwise. */
  readonly rackTimes?: readonly (number | null)[];
}

/** What an oven is called in plans and records, by its place in the kitchen. */
export const ovenName = (n: number): string => (n === 0 ? 'oven' : `oven ${n + 1}`);

/** Minutes for each 10 °C: up by the heater, down by waiting. From memory. */
export const OVEN_UP_MINUTES = 1;
export const OVEN_DOWN_MINUTES = 2;

/** A grill is a heat of its own, °C: nothing else is baked at it. Common practice, no published source. */
export const GRILL_C = 260;

/**
 * What an oven is set to: its grill, or a figure of its dial.
 * @example dialWords({ fan: true }, celsius(200)) // "180 °C, fan"
 */
export const dialWords = (oven: Pick<Oven, 'fan' | 'dial'>, heat: Celsius): string =>
  heat === GRILL_C ? 'its grill' : dialFor(oven, heat);

/** A fan oven is set so much lower. Common practice, no published source. */
export const FAN_C_LOWER = 20;

/**
 * What the dial of an oven is set to for a dish whose recipe counts in °C without a fan.
 * Dials are marked in fives at the finest: the figure is rounded to five.
 * @example dialFor({ ...oven, fan: true, dial: '°F' }, celsius(200)) // "355 °F, fan"
 */
export function dialFor({ fan, dial }: Pick<Oven, 'fan' | 'dial'>, heat: Celsius): string {
  const set = heat - (fan ? FAN_C_LOWER : 0);
  const shown = dial === '°F' ? Math.round((set * 9) / 5 / 5 + 32 / 5) * 5 : Math.round(set);
  return `${shown} ${dial ?? '°C'}${fan ? ', fan' : ''}`;
}

export interface Jug {
  /** The blades catch nothing below this. */
  readonly leastMl: number;
  readonly mostMl: number;
  readonly hotMostMl: number;
  /** A weak one blends longer, and wants nuts soaked. */
  readonly weak?: boolean;
}

/** A weak jug takes so much longer. Common practice, no published source. */
export const WEAK_JUG_TIMES = 1.5;

export interface Kettle {
  readonly litres: number;
  readonly watts: number;
}

/** A pot, or a pan: shallow, for frying. */
export interface Pot {
  readonly name: string;
  readonly litres: number;
  /** Inside, cm. */
  readonly acrossCm: number;
  readonly pan?: boolean;
  /** What it weighs empty, g: then what is in it can be weighed in it. */
  readonly emptyG?: number;
}

/** Pots so wide stand on a large burner only, where burners differ, cm. Common practice, no published source. */
export const LARGE_POT_CM = 23;

export interface BoxKind {
  readonly name: string;
  readonly mL: number;
  /** How many the kitchen owns; left out: nobody has counted them. */
  readonly count?: number;
  /** How many lids fit them; left out: each has its own. */
  readonly lids?: number;
  /** How deep, cm: what is in it cools, freezes and thaws by that. */
  readonly depthCm?: number;
}

/** What draws power from a socket or a fuse. */
export const APPLIANCES = [
  'cooker',
  'oven',
  'burner',
  'jug',
  'kettle',
  'rice cooker',
  'microwave',
  'air fryer',
] as const;
export type Appliance = (typeof APPLIANCES)[number];
