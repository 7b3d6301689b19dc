import { remembered } from '../../../quantity/index.ts';
import type { MethodStep } from '../readMethodStep.ts';
import { signsOf } from './signsOf.ts';
import { STEP_SORTS, type StepSort } from './stepSort.ts';
import { WEIGHTS } from './weights.ts';

/** The weights of each sign, in the order of the sorts. */
export type SignWeights = ReadonlyMap<string, readonly number[]>;

export interface LikelySort {
  readonly sort: StepSort;
  /** From 0 to 1, all of them together 1. */
  readonly share: number;
}

/**
 * How likely each sort is by signs and their weights: multinomial logistic regression (the softmax of the weights' sums), the likeliest first.
 * @example likelySorts(['simmer'], new Map([['simmer', [0, 0, 0, 2, 0, 0, 0]]]))[0] // { sort: 'on the hob', share: 0.55… }
 */
export function likelySorts(signs: readonly string[], weights: SignWeights): readonly LikelySort[] {
  const sums = STEP_SORTS.map((_, n) => signs.reduce((sum, sign) => sum + (weights.get(sign)?.[n] ?? 0), 0));
  const most = Math.max(...sums);
  const powers = sums.map((sum) => Math.exp(sum - most));
  const all = powers.reduce((sum, power) => sum + power, 0);
  return STEP_SORTS.map((sort, n) => ({ sort, share: (powers[n] ?? 0) / all })).sort((a, b) => b.share - a.share);
}

/** Weights are written in tenths. */
const TENTH = 0.1;
const learned = remembered(
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

/** How likely each sort of a step is by what was learned from the texts of the corpus, the likeliest first. */
export const likelySortsOf = (step: MethodStep, before?: MethodStep): readonly LikelySort[] =>
  likelySorts(signsOf(step, before), learned(WEIGHTS));
