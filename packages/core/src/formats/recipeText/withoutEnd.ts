import { durationsIn } from './timesIn.ts';

/** "Fry for 5 minutes and set aside", "knead 10 minutes, chill": what comes behind the time is not what takes it. */
const SET_ASIDE =
  /(?:[,;]\s*|,?\s*(?:and|then)\s+(?:then )?)(?:set (?:it |them )?aside\b[^.]*|(?:chill|cool)(?: (?:it|them|well|completely|while you (?:cook|make|get|prepare)\b[^.,]*))?(?=\.|$))/i;
/** "Onion in the oil for 6 min, off the heat stir in paprika" */
const OFF_THEN =
  /[,;]\s*(?:and |then )*(?:take (?:it )?)?off (?:the )?heat\b,? (?:then |and )?(?:stir|add|mix|fold|whisk|season|beat)[^.\d]*(?=\.|$)/i;

/**
 * A step's words without what is done once its time is over.
 * @example withoutEnd('Fry for 5 minutes and set aside') // 'Fry for 5 minutes'
 */
export const withoutEnd = (plain: string): string =>
  [SET_ASIDE, OFF_THEN].reduce((left, words) => {
    const end = words.exec(left);
    return end && durationsIn(left.slice(0, end.index)).length > 0 ? left.replace(words, '') : left;
  }, plain);
