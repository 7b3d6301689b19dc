import { plainSigns } from '../../quantity/index.ts';

/** A number, or a range of two. */
const NUMBER =
  /(?<![\d°.,/:\p{L}-])(?:(\d{1,3})\s*(?:-|to)\s*)?(\d{1,3})(?![\d.,/:]*\d|\s?[-–]+>|\+|\p{L}|\s?[°%"”×:])/giu;
/** What counts or measures: a number before one of these is taken. */
const MEASURED =
  /^\s*-?\s?(?:\d\/\d\s?)?(?:k?g|mg|ml|cl|dl|l|lit(?:re|er)s?|quarts?|qts?|pints?|pts?|t|el|tl|oz|lbs?|cm|mm|inch(?:es)?|in\.|c|f|degrees?|watts?|cups?|tbsp|tsp|times|x|per|at (?:a time|once)|each|fan|or \d|s|seconds?|secs?|and a (?:half|quarter)|min\w*|hours?|hrs?|h|d|days?|weeks?|months?|o['’]?clock|am|pm)\b/i;
/** Words that can follow minutes without their unit, and begin what comes next. */
const BEGINS =
  /^(?:or so|in (?:the|its|an?)|off|on|at|over|under|before|until|till|then|first|while|with|without|w|stirring|lid|lidded|lids|covered|uncovered|rest|resting|stand|standing|more|max|tops|so (?:it|they|that)|for the|and|but|from|after|by|to)\b/i;
/** Nothing is counted by these words, though they end like several. */
const NOT_SEVERAL =
  /^(?:is|was|as|this|its|us|less|process|press|unless|perhaps|always|sometimes|towards|afterwards)$/i;
/** So far behind a number stands what it counts: "4 very large flat mushrooms". */
const REACH = 4;

/** Does what stands behind a number say what there are so many of? */
function isCounted(behind: string): boolean {
  if (MEASURED.test(behind)) return true;
  const clause = /^[^.,;:()!?]*/.exec(behind)?.[0].trim() ?? '';
  if (clause === '' || BEGINS.test(clause)) return false;
  // What withoutNames left of a tray or a tin.
  if (/^thing\b/.test(clause)) return true;
  return clause
    .split(/\s+/)
    .slice(0, REACH)
    .some((word) => /(?:[^s]s|leaves|halves|loaves|inch)$/i.test(word) && !NOT_SEVERAL.test(word));
}
/** Behind these it says how hot, how many or for how many. */
const COUNTS =
  /(?:\b(?:at|to|into|in|on|by|gas|mark|shape|core|setting|temp(?:erature)?|serves|makes|feeds|step|day|size|of|number|no|level|x|oven|fan|cups?)|[x×<>=])\s*$/i;
/** In the oven once more: what follows is how long. */
const BACK_IN = /\bback in\s*$/i;
/** Behind this it is a moment within what stands before. */
const LAST = /\b(?:(?:the )?last|every|after|half|first)\s*$/i;

/** "(or 6 in the mixer)" is another way. */
const OR_SO = /\((?:or|alternatively)\b[^)]*$/i;

export interface BareMinutes {
  readonly minutes: number;
  readonly at: number;
  readonly end: number;
}

/**
 * Numbers of which nothing says what they count or measure: a terse hand writes "sweat leeks 10." They may be minutes, and are asked, never believed.
 * @example bareMinutesIn('Lid on, 40.') // [{ minutes: 40, at: 8, end: 10 }]
 */
export function bareMinutesIn(text: string): readonly BareMinutes[] {
  const plain = plainSigns(text);
  return [...plain.matchAll(NUMBER)].flatMap((match) => {
    const minutes = Number(match[2]);
    const before = plain.slice(0, match.index);
    const end = match.index + match[0].length;
    return minutes < 2 ||
      minutes > LONGEST ||
      isCounted(plain.slice(end)) ||
      (COUNTS.test(before) && !BACK_IN.test(before)) ||
      LAST.test(before) ||
      OR_SO.test(before)
      ? []
      : [{ minutes, at: match.index, end }];
  });
}

/** Longer is said in hours. */
const LONGEST = 180;
