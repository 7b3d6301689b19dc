import { fixed, counted } from '../quantity/index.ts';
import type { Because } from '../quantity/index.ts';
import { posteriorOfSums, sumsOf, type Prior, type Sums } from './posterior.ts';

/** What somebody's plates say of how much they take of a component, in times the usual portion. */
export interface LearnedAppetite {
  readonly times: number;
  /** On so many plates it rests. */
  readonly n: number;
  readonly least: number;
  readonly most: number;
  readonly because: Because;
}

/** The usual portion, which counts like four plates: a single large helping changes little. Common practice, no published source. */
const USUAL: Prior = { mean: 1, weighs: 4, noise: 0.25 };

/** Plates of one component that somebody ate, added up: each in times their usual portion. */
export type PlateSums = Sums;

/** @example plateSums([1, 2]) // => { n: 2, sum: 3, squares: 5 } */
export const plateSums: (plates: readonly number[]) => PlateSums = sumsOf;

/** @example addedSums([plateSums([1]), plateSums([2])]) // => { n: 2, sum: 3, squares: 5 } */
export const addedSums = (all: readonly PlateSums[]): PlateSums =>
  all.reduce(
    (sum, each) => ({ n: sum.n + each.n, sum: sum.sum + each.sum, squares: sum.squares + each.squares }),
    plateSums([]),
  );

/**
 * How much somebody takes, shrunk to the usual while there are few plates; with its range, and on how many plates it rests. `usual`: what it is shrunk to, of one meal what is
 * known of all meals together.
 * @example learnAppetite({ n: 4, sum: 8, squares: 16 }).times // => 1.5
 */
export function learnAppetite(sums: PlateSums, usual = USUAL.mean): LearnedAppetite {
  const { n, sum } = sums;
  const { mean: times, least, most } = posteriorOfSums({ ...USUAL, mean: usual }, sums);
  return {
    times,
    n,
    least: Math.max(0, least),
    most,
    because: {
      rule:
        n === 0
          ? 'nothing was eaten yet: the usual portion'
          : 'what was eaten, with the usual portion counted as four plates',
      figure: `${fixed(times, 2)} times the usual portion`,
      source: `this kitchen, ${counted(n, 'plate')}`,
      parts: [
        { rule: 'a plate, on the average', figure: n === 0 ? 'none' : fixed(sum / n, 2) },
        { rule: 'likely', figure: `${fixed(Math.max(0, least), 2)} to ${fixed(most, 2)}` },
      ],
    },
  };
}
