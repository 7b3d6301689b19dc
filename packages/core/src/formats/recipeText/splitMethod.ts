import { STEP_NAME_MOST } from '../../recipe/index.ts';
import { wayOf } from './otherWay.ts';
import { beforeTheEnd, durationsIn } from './timesIn.ts';
import { bareMinutesIn } from './bareMinutes.ts';
import { boiledOffIn, shareOffIn, thicknessIn } from './boiledOffIn.ts';
import { blends, boilsStarch, isVerb, withoutNames } from './kitchenVerbs.ts';
import { leadIn } from './leadIn.ts';
import { isPressure, isRelease } from './pressureIn.ts';

/** "Prep time: 15 min" stands above a recipe, and is no step of it. */
const HEADER = /^(?:prep(?:aration)?|cook(?:ing)?|total|active|ready(?: in)?)(?:\s*time)?\s*:?\s*\d/i;
/** A point behind these ends no sentence. */
const ABBREVIATED = /\b(?:approx|tbsp|tsp|oz|lb|no|ca|incl|excl|pkg|lg|med|e\.g|i\.e)\.$/i;
/** "… then uncovered 10", "then at 200C for 20 more": in the minutes of the clause before. */
const BARE_NUMBER = /(?:^|[^\d°])\b(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?(?:\s+more)?\s*\.?$/;
/** "Then cut 12": so many of them, and no minutes. */
const SO_MANY = /\b(?:cut|slice|divide|portion|shape|form|roll|score|serves?|feeds|makes?)\b/i;
/** The minutes at the end of a clause that has them without their unit: "then uncovered 10". */
export const bareNumberIn = (clause: string): { readonly from: number; readonly to: number } | undefined => {
  const bare = SO_MANY.test(clause) ? null : BARE_NUMBER.exec(clause);
  return bare?.[1] === undefined ? undefined : { from: Number(bare[1]), to: Number(bare[2] ?? bare[1]) };
};
/** A look now and then at what stands before it. */
const STIRS =
  /^(?:(?:and|but) )?(?:stir|turn|shake|swap|rotate|toss|baste|skim)\w*\b(?![^.]*\b(?:in|add|with)\b)[^.]{0,30}\b(?:every|once|twice|half ?way|occasionally|now and then|from time|often|sometimes)\b/i;
const OTHERWISE = /^(?:alternatively|otherwise|or)\b/i;
/** "Simmer 20 minutes, blend": this comes behind what took the time, and takes its own. */
const THEN_ON =
  /[,;]\s+(?:and\s+)?(?=(?:blend|blitz|pulse|pur[eé]e(?!,? (?:in\b|\d))|whizz|(?:bring|simmer|boil|reduce|bake|roast|steam)(?! (?:it |them )?(?:for )?(?:the last|a (?:further|final)|another)))\b)/i;
const AMONG_ADDED = /\b(?:add|stir in|tip in)\b[^.;]{0,60}$/i;
const STANDS_ON =
  /[,;]\s+(?:and\s+|then\s+)?(?=(?:stand|rest|leave|let|cool|chill)\b)|(?:[,;]\s+|\s+)(?:and|then)\s+(?=(?:heat|warm|reheat)(?: (?:it|gently))? (?:through|up|for)\b)/i;
const LEAD_THEN = /[,;]\s+(?:and\s+)?(?:then\s+)?(?=(?:boil|simmer|cook|roast|bake|steam)(?:e?d)?\b)/i;
const THEN = /(?:,|;)?\s+(?:and\s+)?then\s+/i;

const BEFORE_REDUCING = /[,;]\s+(?:and\s+)?then\s+|;\s+/gi;

const ASKS = /^(?:still )?(?:too|not|still) [^?.]{2,25}\?$/i;
const UNDONE = /^(?:don[’']?t|do not|no need to|never)\b/i;

/** "OR Pressure cooker: 25 min" */
const OR_ANOTHER_WAY =
  /^or(?: in an?| in the)?[:,]?\s+(?=(?:oven|air[- ]?fryer|microwave|hob|stove ?top|pressure cooker|slow cooker|rice cooker|grill|skillet|stove)\b[^:.]{0,12}:)/i;
const EVENING_LABEL = /^(?:the )?(?:night|evening|day) before\s*:/i;
const EVENING_SAID = /\b(?:evening|night|day) before\b/i;
const MORNING = /^(?:(?:in the |next )?morning|(?:the )?next day|on the day|day (?:2|two))\b/i;

/** Who writes all in small letters ends a sentence with its point alone. */
const ANY_START = /(?<=[.!?;])\s+(?=\p{L})/u;
/** A sentence that begins with a capital; "100C" and "I" are none. */
const SENTENCE_CAPITAL = /(?:^|[.!?;]\s+)[\d.)\s]*[“"'(]?\p{Lu}/u;
const POINT_START = /(?<=\p{L}{2}\)?[.!?])\s+(?=\p{L}|\d+(?:-\d+)? ?(?:min|hour|hr)\p{L}*[.,]?(?:\s|$))/u;
/** So many times as many sentences as begin with a capital. Common practice, no published source. */
const MOSTLY_SMALL = 2;
/** In fewer, a point may stand for a word that is cut short: "5 min. approx. before serving". Common practice, no published source. */
const FEW = 4;
const CAPITAL_START =
  /(?<=[.!?;])\s+(?=[\p{Lu}“"'(]|\d+ (?:days?|weeks?|months?)\b|~? ?\d+(?: ?(?:-|–|to) ?\d+)? (?:servings?|portions?)\b)/u;

/** The sentences of a paragraph. */
export function sentencesOf(paragraph: string): readonly string[] {
  const capital = paragraph.split(CAPITAL_START);
  const points = paragraph.split(POINT_START);
  // Who writes "I" with a capital may write no other.
  const parts = !SENTENCE_CAPITAL.test(paragraph)
    ? paragraph.split(ANY_START)
    : points.length >= FEW && points.length > MOSTLY_SMALL * capital.length
      ? points
      : capital;
  return parts.reduce<string[]>((all, part) => {
    const before = all.at(-1);
    // "Don't soak the beans." is nothing to do: it is said with what comes next.
    const cutShort = ABBREVIATED.test(before ?? '') && !isVerb(/^\p{Lu}\p{L}+/u.exec(part)?.[0] ?? '');
    // "Too thin? Simmer 5 min." is done only then.
    if (before !== undefined && (cutShort || ASKS.test(before) || (UNDONE.test(before) && !/[.!?]\s/.test(before))))
      all[all.length - 1] = `${before} ${part}`;
    else all.push(part);
    return all;
  }, []);
}

/** "Boil 10 minutes, then simmer 20": two things with their times are two steps; a number alone takes the unit of the one before. */
function clausesOf(sentence: string): readonly string[] {
  // "Night before: boil them 10 minutes, and simmer an hour": all of it is of that night.
  if (EVENING_LABEL.test(sentence)) return [sentence];
  const then = THEN_ON.exec(sentence);
  // "Add garlic, thyme, purée; a minute": one thing more of a list, and no deed.
  const on =
    then && /^pur/i.test(sentence.slice(then.index + then[0].length)) && AMONG_ADDED.test(sentence.slice(0, then.index))
      ? null
      : then;
  const cooked = sentence.slice(0, on?.index ?? 0);
  if (on && !isPressure(sentence) && durationsIn(cooked).length > 0 && !blends(withoutNames(cooked)))
    return [
      cooked,
      ...clausesOf(sentence.slice(on.index + on[0].length)).map((clause, n) => (n === 0 ? `Then ${clause}` : clause)),
    ];
  // "Blend lemon and garlic; stand 10 min": the minutes are those of standing.
  const stands = STANDS_ON.exec(sentence);
  const made = sentence.slice(0, stands?.index ?? 0);
  if (stands && blends(withoutNames(made)) && durationsIn(made).length === 0 && durationsIn(sentence).length > 0)
    return [made, ...clausesOf(sentence.slice(stands.index + stands[0].length))];
  // "Soaked the night before, boiled hard for ten minutes": what is cooked is not begun ahead.
  const cooks = LEAD_THEN.exec(sentence);
  if (cooks && leadIn(sentence.slice(0, cooks.index))) {
    const behind = sentence.slice(cooks.index + cooks[0].length);
    if (!leadIn(behind) && durationsIn(behind).length > 0)
      return [sentence.slice(0, cooks.index), ...clausesOf(`Then ${behind}`)];
  }
  // "Purée 2 minutes, then wine; let it reduce by half": what boils down takes its own time.
  const reduces = [...sentence.matchAll(BEFORE_REDUCING)].find(({ index, 0: { length } }) => {
    const behind = sentence.slice(index + length);
    return durationsIn(sentence.slice(0, index)).length > 0 && durationsIn(behind).length === 0 && shareOffIn(behind);
  });
  if (reduces)
    return [
      ...clausesOf(sentence.slice(0, reduces.index)),
      `Then ${sentence.slice(reduces.index + reduces[0].length)}`,
    ];
  const [first = '', ...rest] = sentence.split(THEN);
  // "Soak the lentils, then chop and fry": the soak alone is begun ahead.
  if (rest.length > 0 && /\b(?:soak|sprout)/i.test(first) && leadIn(first) && !leadIn(rest.join(', then ')))
    return [first, ...clausesOf(`Then ${rest.join(', then ')}`)];
  // What is boiled before it goes under pressure is a step of its own; how the pressure is let out is none.
  if (isPressure(sentence)) {
    const at = rest.findIndex(isPressure);
    return at === 0 && !isPressure(first) && durationsIn(first).length > 0
      ? [first, `Then ${rest.join(', then ')}`]
      : [sentence];
  }
  if (rest.length === 0 || durationsIn(first).length === 0) return [sentence];
  // "1 hr, then foil off for the last 15" is within the hour.
  if (rest.some((clause) => beforeTheEnd(clause) !== undefined)) return [sentence];
  const clauses = rest.map((clause) => `Then ${clause}`);
  // "Soak for 15 minutes, then blitz" stands for a quarter of an hour, and not in the blender.
  return clauses.every(
    (clause) =>
      durationsIn(clause).length > 0 || bareNumberIn(clause) !== undefined || (blends(clause) && !blends(first)),
  )
    ? [first, ...clauses]
    : [sentence];
}

/** What is longer than a step's name may be, at a comma before that. */
function noLonger(part: string): readonly string[] {
  if (part.length < STEP_NAME_MOST) return [part];
  const at = part.lastIndexOf(', ', STEP_NAME_MOST - 2);
  return at <= 0
    ? [part.slice(0, STEP_NAME_MOST - 1), ...noLonger(part.slice(STEP_NAME_MOST - 1))]
    : [part.slice(0, at), ...noLonger(part.slice(at + 2))];
}
/** So much is said in one breath, letters. Common practice, no published source. */
const ONE_BREATH = 250;
const NEXT_BREATH =
  /\s+(?:and|but)\s+(?:then\s+)?(?=(?:you\s+)?(\p{L}+))|\s+(?:and\s+)?(?=(?:in the meantime|meanwhile)\s)/iu;
/** A sentence that goes on and on, as it is told: each deed that "and" brings is one of its own. */
function inBreaths(sentence: string): readonly string[] {
  if (sentence.length <= ONE_BREATH || (!NEXT_BREATH.test(sentence) && sentence.length < STEP_NAME_MOST))
    return [sentence];
  const parts: string[] = [];
  let rest = sentence;
  let from = 0;
  for (let found = NEXT_BREATH.exec(rest); found; found = NEXT_BREATH.exec(rest.slice(from))) {
    const at = from + found.index;
    const deed =
      found[1] === undefined ||
      /^(?:you|meanwhile)$/i.test(found[1]) ||
      isVerb(found[1]) ||
      /^in the meantime\b/i.test(rest.slice(at + found[0].length));
    if (deed && at > 0) {
      parts.push(rest.slice(0, at));
      rest = rest.slice(at + found[0].length);
      from = 0;
    } else from = at + found[0].length;
  }
  // Each ends with a point, as the next of them begins anew.
  return [...parts, rest]
    .map((part) => part.trim().replace(/[,.]$/, ''))
    .filter(Boolean)
    .flatMap(noLonger)
    .map((part) => `${part.charAt(0).toUpperCase()}${part.slice(1)}.`);
}

/**
 * The steps of a method: a paragraph is one step, and as many more as it says times. What is said without a time stays together, as hands do it in one go; how the
 * pressure is let out belongs to what is cooked at it.
 * @example splitMethod(['Rinse. Simmer for 20 minutes. Let stand for 5 minutes.']) // ['Rinse.', 'Simmer for 20 minutes.', 'Let stand for 5 minutes.']
 */
export function splitMethod(method: readonly string[]): readonly string[] {
  const steps: { text: string; timed: boolean }[] = [];
  const paragraphs = method.filter((each) => !HEADER.test(each)).map((each) => each.replace(OR_ANOTHER_WAY, ''));
  const ways = new Set(paragraphs.flatMap((each) => wayOf(each) ?? []));
  for (const paragraph of paragraphs) {
    // "Stovetop: …" beside "Pressure cooker: …": all of it is done, or none.
    if (ways.size > 1 && wayOf(paragraph) !== undefined) {
      steps.push({ text: paragraph, timed: true });
      continue;
    }
    let begins = true;
    for (const text of sentencesOf(paragraph).flatMap(inBreaths).flatMap(clausesOf)) {
      const before = steps.at(-1);
      // A step is no longer than its name may be.
      const last = before && before.text.length + text.length < STEP_NAME_MOST ? before : undefined;
      const timed =
        durationsIn(text).length > 0 ||
        leadIn(text) !== undefined ||
        isPressure(text) ||
        bareMinutesIn(text).length > 0 ||
        (boiledOffIn(text) ?? thicknessIn(text) ?? shareOffIn(text)) !== undefined ||
        (/^Then /.test(text) && bareNumberIn(text) !== undefined);
      // "Add the nuts for the last 5 minutes" happens within the step before, in whichever paragraph that stands.
      const within =
        last !== undefined &&
        last.timed &&
        !isPressure(last.text) &&
        !timed &&
        beforeTheEnd(text) !== undefined &&
        // "Simmer the farro. Toast the nuts in the oven for the last 6 minutes": of what bakes, and not of that.
        !(
          /\b(?:toast|roast|bake|crisp|warm)\b[^.;]*\bin the oven\b/i.test(text) &&
          !/\b(?:oven|roast|bak)/i.test(last.text)
        ) &&
        // "Meanwhile, cook the rice, adding the peas for the final 3 minutes": in a pot of its own.
        !/^(?:meanwhile|in the meantime)\b/i.test(text) &&
        !boilsStarch(text);
      const otherwise = last !== undefined && OTHERWISE.test(text) && (begins || last.timed);
      const release = last !== undefined && isPressure(last.text) && isRelease(text) && !isPressure(text);
      const together = last !== undefined && !begins && !isPressure(last.text) && !last.timed && !timed;
      const stirred = last !== undefined && last.timed && !isPressure(last.text) && !timed && STIRS.test(text);
      // "Night before: stir the dry. Mix the wet.": all of that evening.
      const sameEvening =
        last !== undefined && !begins && !timed && EVENING_LABEL.test(last.text) && !MORNING.test(text);
      // "In the pressure cooker with the water. Full pressure, 45 minutes.": one cycle.
      const sealed =
        last !== undefined &&
        isPressure(last.text) &&
        isPressure(text) &&
        durationsIn(last.text).length === 0 &&
        durationsIn(text).length > 0 &&
        !isRelease(last.text);
      // "Stir it the evening before. Into the fridge overnight.": one night.
      const sameNight =
        last !== undefined &&
        !begins &&
        EVENING_SAID.test(last.text) &&
        durationsIn(last.text).length === 0 &&
        /\bover ?night\b/i.test(text);
      if (last && (sealed || sameNight)) last.text = `${last.text} ${text}`;
      else if (last && release) last.text = `${begins ? last.text.replace(/[.\s]*$/, '.') : last.text} ${text}`;
      else if (last && (within || otherwise || together || stirred || sameEvening)) last.text = `${last.text} ${text}`;
      else steps.push({ text, timed });
      // What stands behind "for the last 5 minutes" is a step again.
      begins = false;
    }
  }
  return steps.map(({ text }) => text);
}
