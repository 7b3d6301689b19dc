import type { MethodStep } from '../readMethodStep.ts';
import { sentencesOf } from '../splitMethod.ts';
import { more, whetherStep, type StepDoubt } from '../stepDoubt.ts';
import { isTold } from '../toldOnly.ts';
import { toldShare } from './toldOrDone.ts';

/** Held for a remark at least so likely, a step is asked; held for one less likely than that, a remark is. Chosen by counting on texts that nothing was learned from, no published source. */
export const REMARK_FROM = 0.7;
export const STEP_UP_TO = 0.05;

/**
 * A sentence that tells of the dish and is nothing to do, by the rules and by what was learned: where only the rules say so, it stays in the method and is asked.
 * @example isRemark('Keeps 4 days in the fridge.') // => true
 */
export const isRemark = (sentence: string): boolean => isTold(sentence) && toldShare(sentence) > STEP_UP_TO;

/**
 * A step that may be a remark, by the rules or by what was learned: "Store in a tin for 3 days" is none that a plan makes anybody do.
 * @example remarkDoubt(readMethodStep('Ready after 5 days, keeps 2 months.'))?.question // "Is this a step of the recipe?"
 */
export function remarkDoubt({ text, timed, kind, afterwards }: MethodStep): StepDoubt | undefined {
  const sentences = sentencesOf(text);
  const likely = sentences.every((sentence) => toldShare(sentence) >= REMARK_FROM);
  if (!likely && !sentences.every(isTold)) return undefined;
  // Without a time it is work for somebody's hands.
  return whetherStep(timed || kind === 'ahead' || afterwards ? text : more(text, 'done by hand'), likely);
}
