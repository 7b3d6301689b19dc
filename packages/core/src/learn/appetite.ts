import type { Because } from '../quantity/index.ts';

/** What somebody's plates say of how much they take of a component, in times the usual portion. */
export interface LearnedAppetite {
  readonly times: number;
  /** On so many plates it rests. */
  readonly n: number;
  readonly least: number;
  readonly most: number;
  readonly because: Because;
}

/** The usual portion counts like so many plates: a single large helping changes little. Common practice, no published source. */
const USUAL_COUNTS = 4;
/** Plates differ by at least that much, whatever a few of them say. */
const LEAST_SPREAD = 0.25;
/** Four fifths of what may be expected lie within. */
const FOUR_FIFTHS = 1.28;

/**
 * How much somebody takes, shrunk to the usual while there are few plates; with its range, and on how many plates it rests.
 * @param plates portions that were eaten, each in times this eater's usual portion
 * @example learnAppetite([2, 2, 2, 2]).times // => 1.5
 */
export function learnAppetite(plates: readonly number[]): LearnedAppetite {
  const n = plates.length;
  const sum = plates.reduce((all, each) => all + each, 0);
  const times = (USUAL_COUNTS + sum) / (USUAL_COUNTS + n);
  const mean = n > 0 ? sum / n : 1;
  const spread = Math.max(
    LEAST_SPREAD,
    n > 1 ? Math.sqrt(plates.reduce((all, each) => all + (each - mean) ** 2, 0) / (n - 1)) : LEAST_SPREAD,
  );
  const off = (FOUR_FIFTHS * spread) / Math.sqrt(USUAL_COUNTS + n);
  return {
    times,
    n,
    least: Math.max(0, times - off),
    most: times + off,
    because: {
      rule:
        n === 0
          ? 'nothing was eaten yet: the usual portion'
          : 'what was eaten, with the usual portion counted as four plates',
      figure: `${times.toFixed(2)} times the usual portion`,
      source: `this kitchen, ${n} ${n === 1 ? 'plate' : 'plates'}`,
      parts: [
        { rule: 'plates', figure: plates.map((each) => each.toFixed(1)).join(', ') || 'none' },
        { rule: 'likely', figure: `${Math.max(0, times - off).toFixed(2)} to ${(times + off).toFixed(2)}` },
      ],
    },
  };
}
