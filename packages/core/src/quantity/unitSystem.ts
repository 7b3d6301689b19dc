import { Fraction } from './fraction.ts';
import { ofBase, type Quantity } from './amount.ts';
import { MEASURES, type Measure, type MeasureName, type Written } from './measures.ts';

/** Whose cups and spoons are meant. */
export const UNIT_SYSTEMS = ['US', 'imperial', 'metric cup', 'nutrition label'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

const UK = 'UK units law (from memory)';
const COMMON = 'common national usage (from memory)';
const LABEL = 'published: 21 CFR 101.9(b)(5)(viii)';
const imperialGallon = new Fraction('4546.09');

const mL = (name: string, factor: Fraction | number, source: string): Measure => ({
  name,
  base: 'mL',
  factor: new Fraction(factor),
  source,
});

/** Where a system differs from the US customary one; a US cup is meant where it has none of its own. */
const OTHER: Readonly<Record<Exclude<UnitSystem, 'US'>, Readonly<Partial<Record<MeasureName, Measure>>>>> = {
  imperial: {
    'fl oz': mL('fl oz', imperialGallon.div(160), UK),
    pint: mL('pint', imperialGallon.div(8), UK),
    quart: mL('quart', imperialGallon.div(4), UK),
    gallon: mL('gallon', imperialGallon, UK),
    cup: mL('cup', imperialGallon.div(16), UK),
    tbsp: mL('tbsp', 15, COMMON),
    tsp: mL('tsp', 5, COMMON),
  },
  'metric cup': { cup: mL('cup', 250, COMMON), tbsp: mL('tbsp', 15, COMMON), tsp: mL('tsp', 5, COMMON) },
  'nutrition label': {
    cup: mL('cup', 240, LABEL),
    tbsp: mL('tbsp', 15, LABEL),
    tsp: mL('tsp', 5, LABEL),
    'fl oz': mL('fl oz', 30, LABEL),
    oz: { name: 'oz', base: 'g', factor: new Fraction(28), source: LABEL },
  },
};

/**
 * A measure in a unit system.
 * @example measureIn('metric cup', 'cup').factor.toString() // => '250'
 */
export const measureIn = (system: UnitSystem, name: MeasureName): Measure =>
  system === 'US' ? MEASURES[name] : (OTHER[system][name] ?? MEASURES[name]);

/**
 * What a written amount comes to in base units.
 * @example inBase(quantityOf({ n: '1', unit: 'lb' })).toString() // => '453.59237'
 */
export const quantityOf = (written: Written, system: UnitSystem = 'US'): Quantity => {
  const { base, factor } = measureIn(system, written.unit);
  return ofBase(base, new Fraction(written.n).mul(factor));
};
