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

/** Plates of one component that somebody ate, added up: each in times their usual portion. */
export interface PlateSums {
  readonly n: number;
  readonly sum: number;
  /** The sum of their squares. */
  readonly squares: number;
}

/** @example plateSums([1, 2]) // => { n: 2, sum: 3, squares: 5 } */
export const plateSums = (plates: readonly number[]): PlateSums => ({
  n: plates.length,
  sum: plates.reduce((all, each) => all + each, 0),
  squares: plates.reduce((all, each) => all + each * each, 0),
});

/**
 * How much somebody takes, shrunk to the usual while there are few plates; with its range, and on how many plates it rests.
 * @example learnAppetite({ n: 4, sum: 8, squares: 16 }).times // => 1.5
 */
export function learnAppetite({ n, sum, squares }: PlateSums): LearnedAppetite {
  const times = (USUAL_COUNTS + sum) / (USUAL_COUNTS + n);
  const variance = n > 1 ? Math.max(0, (squares - (sum * sum) / n) / (n - 1)) : 0;
  const spread = Math.max(LEAST_SPREAD, Math.sqrt(variance));
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
        { rule: 'a plate, on the average', figure: n === 0 ? 'none' : (sum / n).toFixed(2) },
        { rule: 'likely', figure: `${Math.max(0, times - off).toFixed(2)} to ${(times + off).toFixed(2)}` },
      ],
    },
  };
}
