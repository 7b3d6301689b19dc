import { Fraction, type Reasoned, shortest } from '../quantity/index.ts';
import type { Law } from '../recipe/index.ts';

export type FactorLaw = Exclude<Law, { law: 'water for grain' | 'pot and minute' }>;

/** Spices, salt, chilli: one and a half times for each doubling. Source: common practice, no published source. */
export const SLOWER_EXPONENT = 0.585;

/**
 * How many times the written amount goes in when the batch is `factor` times the recipe and is cooked in so many loads.
 * @example multiplier({ law: 'slower', exponent: 0.585 }, new Fraction(2), 1).value.valueOf() // => 1.5
 */
export function multiplier(law: FactorLaw, factor: Fraction, loads: number): Reasoned<Fraction> {
  switch (law.law) {
    case 'in proportion':
      return { value: factor, because: { rule: 'grows with the batch', figure: `× ${shown(factor)}` } };
    case 'to taste':
    case 'slower': {
      const exponent = law.law === 'slower' ? law.exponent : SLOWER_EXPONENT;
      // Scaling down stays linear: a small pot with too much caraway cannot be mended, a large one can be seasoned again.
      if (factor.compare(1) <= 0)
        return { value: factor, because: { rule: 'shrinks with the batch', figure: `× ${shown(factor)}` } };
      const value = new Fraction(Math.round(factor.valueOf() ** exponent * 100), 100);
      return {
        value,
        because: {
          rule: `grows slower than the batch (exponent ${exponent}); taste, then add the rest`,
          figure: `× ${shown(value)} for a batch × ${shown(factor)}`,
          source: 'common practice, no published source',
        },
      };
    }
    case 'per load':
      return { value: new Fraction(loads), because: { rule: 'once for each load', figure: `× ${loads}` } };
    default:
      return law satisfies never;
  }
}

const shown = (n: Fraction): string => shortest(n.valueOf(), 2);
