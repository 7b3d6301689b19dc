import { plainSigns } from '../../quantity/index.ts';

/** Heat, or waiting: where a number without a unit may well be minutes. */
const WAITS =
  /\b(?:lid|fan|oven|hob|heat|sweat|simmer|boil|bake|roast|fry|soften|cook|steam|braise|brown|rest|stand|chill|cool|knead|press|blanch|toast|grill|soak|marinate|infuse|warm|leave|flip|turn|saut[eé]|uncovered|covered|back in)\b/i;
/** With nothing behind it that it could count: the end of a clause, or a word that begins the next one. */
const NUMBER =
  /(?<![\d°.,/\p{L}-])(?:(\d{1,3})\s*(?:-|to)\s*)?(\d{1,3})(?=\s*(?:more\b)?\s*(?:[.,;)](?!\d)|$|(?:or so\b\s*)?\b(?:before|until|till|then|first|while|with|without|lid|lidded|covered|uncovered|under|off (?:the )?(?:heat|hob)|off the|on the (?:hob|heat|rack|side)|in (?:the|its|a)|stirring|turning|shaking|undisturbed|for the|so (?:it|they|that))\b))/giu;
/** Behind these it says how hot, how many or for how many. */
const COUNTS =
  /(?:\b(?:at|to|into|in|on|by|gas|mark|serves|makes|feeds|step|size|of|number|no|level|x|oven|fan|cups?|about)|[x×])\s*$/i;
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
 * Numbers without a unit that may be minutes: a terse hand writes "sweat leeks 10." They are asked, never believed.
 * @example bareMinutesIn('Lid on, 40.') // [{ minutes: 40, at: 8, end: 10 }]
 */
export function bareMinutesIn(text: string): readonly BareMinutes[] {
  const plain = plainSigns(text);
  if (!WAITS.test(plain) && !/\d more\b/i.test(plain)) return [];
  return [...plain.matchAll(NUMBER)].flatMap((match) => {
    const minutes = Number(match[2]);
    const before = plain.slice(0, match.index);
    return minutes === 0 ||
      minutes > LONGEST ||
      (COUNTS.test(before) && !BACK_IN.test(before)) ||
      LAST.test(before) ||
      OR_SO.test(before)
      ? []
      : [{ minutes, at: match.index, end: match.index + match[0].length }];
  });
}

/** Longer is said in hours. */
const LONGEST = 180;
