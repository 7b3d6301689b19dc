import type { MethodStep } from '../readMethodStep.ts';
import { likelyOf, weightsIn, type Likely } from './likely.ts';
import { signsOf } from './signsOf.ts';
import { STEP_SORTS, type StepSort } from './stepSort.ts';
import { WEIGHTS } from './weights.ts';

/** How likely each sort of a step is by what was learned from the texts of the corpus, the likeliest first. */
export const likelySortsOf = (step: MethodStep, before?: MethodStep): readonly Likely<StepSort>[] =>
  likelyOf(STEP_SORTS, signsOf(step, before), weightsIn(WEIGHTS));
