import { remembered } from '../../../quantity/index.ts';

/** The weights of each sign, in the order of the sorts. */
export type SignWeights = ReadonlyMap<string, readonly number[]>;

export interface Likely<Sort extends string> {
  readonly sort: Sort;
  /** From 0 to 1, all of them together 1. */
  readonly share: number;
}

/**
 * How likely each sort is by signs and their weights: multinomial logistic regression (the softmax of the weights' sums), the likeliest first.
 * @example likelyOf(['done', 'told'], ['keeps'], new Map([['keeps', [0, 2]]]))[0] // { sort: 'told', share: 0.88… }
 */
export function likelyOf<Sort extends string>(
  sorts: readonly Sort[],
  signs: readonly string[],
  weights: SignWeights,
): readonly Likely<Sort>[] {
  const sums = sorts.map((_, n) => signs.reduce((sum, sign) => sum + (weights.get(sign)?.[n] ?? 0), 0));
  const most = Math.max(...sums);
  const powers = sums.map((sum) => Math.exp(sum - most));
  const all = powers.reduce((sum, power) => sum + power, 0);
  return sorts.map((sort, n) => ({ sort, share: (powers[n] ?? 0) / all })).sort((a, b) => b.share - a.share);
}

/** Weights are written in tenths. */
const TENTH = 0.1;

/** Weights as they are written: each line a sign, a bar, a whole number of tenths for each sort. */
export const weightsIn = remembered(
  (written: string): SignWeights =>
    new Map(
      written
        .trim()
        .split('\n')
        .map((line) => {
          const [sign = '', numbers = ''] = line.split('|');
          return [sign, numbers.split(' ').map((n) => Number(n) * TENTH)] as const;
        }),
    ),
);
