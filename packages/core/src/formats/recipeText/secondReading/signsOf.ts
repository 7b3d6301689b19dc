import { isVerb, onNoHeat } from '../kitchenVerbs.ts';
import type { MethodStep } from '../readMethodStep.ts';
import { sortOf } from './stepSort.ts';
import { wordSigns, wordsIn } from './wordSigns.ts';

/** All that is told to do needs no heat: "Peel and chop everything, 20 minutes". */
export const isOnlyHandwork = ({ text }: MethodStep): boolean => {
  const verbs = wordsIn(text).filter(isVerb);
  return verbs.length > 0 && verbs.every(onNoHeat);
};

/** Up to so many minutes, each a length of its own. */
const LENGTHS = [2, 5, 9, 14, 25, 45];

/**
 * What the second reading looks at: each word and each pair of words side by side, how long it is, whether all its verbs are of handwork, and what the step before it was. Numbers are all alike.
 * @example signsOf(readMethodStep('Simmer 20 min')) // ["simmer", "^ simmer", "#", "simmer #", "min", "# min", "<=25", "behind nothing"]
 */
export function signsOf(step: MethodStep, before?: MethodStep): readonly string[] {
  const length = LENGTHS.find((most) => step.minutes.latest <= most);
  return [
    ...wordSigns(step.text),
    ...new Set(
      wordsIn(step.text)
        .filter(isVerb)
        .map((verb) => `does ${verb}`),
    ),
    !step.timed ? 'untimed' : length === undefined ? 'longer' : `<=${length}`,
    ...(isOnlyHandwork(step) ? ['nothing but handwork'] : []),
    `behind ${before ? sortOf(before) : 'nothing'}`,
  ];
}
