import { Fraction } from './fraction.ts';
import type { BaseUnit } from './amount.ts';

/** A unit or a scoop: how many base units it holds, exactly. */
export interface Measure {
  readonly name: string;
  readonly base: BaseUnit;
  readonly factor: Fraction;
  readonly source: string;
}

const HANDBOOK_44 = 'published: NIST Handbook 44, Appendix C';
const SP_811 = 'published: NIST SP 811';
const SI = 'definition (SI)';

/** 231 cubic inches of 2.54 cm are a US gallon; a cup is a sixteenth of it. */
const usCup = new Fraction(473176473, 2000000);
const pound = new Fraction(45359237, 100000);

const measure = (name: string, base: BaseUnit, factor: Fraction | number, source: string): Measure => ({
  name,
  base,
  factor: new Fraction(factor),
  source,
});

/** The units that amounts may be written in. */
export const MEASURES = {
  g: measure('g', 'g', 1, SI),
  kg: measure('kg', 'g', 1000, SI),
  oz: measure('oz', 'g', pound.div(16), SP_811),
  lb: measure('lb', 'g', pound, SP_811),
  mL: measure('mL', 'mL', 1, SI),
  L: measure('L', 'mL', 1000, SI),
  tsp: measure('tsp', 'mL', usCup.div(48), HANDBOOK_44),
  tbsp: measure('tbsp', 'mL', usCup.div(16), HANDBOOK_44),
  'fl oz': measure('fl oz', 'mL', usCup.div(8), HANDBOOK_44),
  cup: measure('cup', 'mL', usCup, HANDBOOK_44),
  pint: measure('pint', 'mL', usCup.mul(2), HANDBOOK_44),
  quart: measure('quart', 'mL', usCup.mul(4), HANDBOOK_44),
  gallon: measure('gallon', 'mL', usCup.mul(16), HANDBOOK_44),
  each: measure('each', 'each', 1, 'a count'),
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof MEASURES;
export const isMeasureName = (name: string): name is MeasureName => Object.hasOwn(MEASURES, name);

/** An amount as somebody wrote it: a number (also `1/3`) and a unit. */
export interface Written {
  readonly n: string;
  readonly unit: MeasureName;
}
