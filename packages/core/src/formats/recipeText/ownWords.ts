import { sentencesOf } from './splitMethod.ts';
import { beforeTheEnd, durationsIn } from './timesIn.ts';

/** "Fry for 5 minutes and set aside", "knead 10 minutes, chill": what comes behind the time is not what takes it. */
const SET_ASIDE =
  /(?:[,;]\s*|,?\s*(?:and|then)\s+(?:then )?)(?:set (?:it |them )?aside\b[^.]*|(?:let|leave)(?: (?:it|them|that|(?:the|your) [\p{L}-]+))?(?: to)? cool\b[^.,;\d]{0,30}(?=\.|$)|(?:chill|cool)(?: (?:it|them|well|completely|while you (?:cook|make|get|prepare)\b[^.,]*))?(?=\.|$))/iu;
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

/** "While they roast, soften the onion": what goes on elsewhere says nothing of where this is done; that it is done meanwhile stays. */
const withoutWhile = (plain: string): string =>
  plain.replace(
    /^(?:while|as) (?:(?:they|it|that|those|these)(?: (?:is|are))?|(?:the )?[\p{L} -]{2,30}?(?: (?:is|are))?) (?:roast|bak|cook|simmer|boil|steam|fry|rest|soak|cool|drain)\w*,?\s+/iu,
    'Meanwhile ',
  );

/** "Don't soak the beans." is nothing that is done in the step. */
const UNDONE_FIRST = /^(?:don['’]?t|do not|no need to|never)\b[^.!?]*[.!?]\s+/i;
/** "(don't boil!)", "warm it, but do not let it simmer": nor is that. */
const UNDONE_ASIDE =
  /\((?:don['’]?t|do not|never|not|no need to)\b[^()]*\)|,?\s*\b(?:but |and )?(?:don['’]?t|do not|never) (?:let (?:it|them) )?(?:boil|simmer|brown|fry|cook|burn|bubble)\b/gi;
/** "Chill while you cook": that is done elsewhere. */
const WHILE_YOU = /\bwhile you (?:cook|bake|fry|roast|boil|simmer|make|get|prepare)\b[^.,;]*/gi;

/** "Freeze the other (thaw 24 h, then the same)": what is done on another day. */
const ON_ANOTHER_DAY = /\([^()]*\b(?:thaw|defrost|reheat|from frozen)\w*\b[^()]*\)/gi;

/** Without sentences that tell what comes in for the last minutes: where those go is not where this is done. */
const withoutLasts = (plain: string): string => {
  const [first = '', ...more] = sentencesOf(plain);
  return [
    first,
    ...more.filter((each) => beforeTheEnd(each) === undefined || /\b(?:lid|cover\w*|foil|uncover\w*)\b/i.test(each)),
  ].join(' ');
};

/**
 * What is left of a step's words without what is done elsewhere, comes in at the end, or is not done at all: these say nothing of where it is done and by whom.
 * @example ownWords('While they roast, soften the onion') // 'Meanwhile soften the onion'
 */
export const ownWords = (whole: string): string =>
  withoutWhile(withoutLasts(whole))
    .replace(WHILE_YOU, 'meanwhile')
    .replace(UNDONE_FIRST, '')
    .replace(UNDONE_ASIDE, '')
    .replace(ON_ANOTHER_DAY, '');
