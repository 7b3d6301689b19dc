import { remembered } from '../../../quantity/index.ts';
import { likelyOf, weightsIn } from './likely.ts';
import { TOLD_WEIGHTS } from './toldWeights.ts';
import { wordSigns } from './wordSigns.ts';

/** A sentence of a method is done, or it tells of the dish: how long it keeps, for how many it is, how else it is eaten. */
export const TOLD_OR_DONE = ['done', 'told'] as const;

/**
 * How likely a sentence tells of the dish and is nothing to do, from 0 to 1, by what was learned from the texts of the corpus.
 * @example toldShare('Keeps 4 days in the fridge.') // 0.99…
 */
export const toldShare = remembered(
  (sentence: string): number =>
    likelyOf(TOLD_OR_DONE, wordSigns(sentence), weightsIn(TOLD_WEIGHTS)).find(({ sort }) => sort === 'told')?.share ??
    0,
);
