import { boilsStarch } from '../kitchenVerbs.ts';
import { minutesInAll, minutesOf, more } from '../stepDoubt.ts';
import { beforeTheEnd, timesIn } from '../timesIn.ts';
import { firstOf, type Rule } from './asked.ts';

/** Where it was the first time. */
const AGAIN_AT: Readonly<Record<string, string>> = { oven: ' in the oven', burner: ' on the hob' };
/** How long it takes once more. */
export const againDoubt: Rule = ({ step, plain }) => {
  const { text } = step;
  if (step.again !== undefined && !/\bby hand\b/i.test(plain))
    return {
      question: 'How long does it take once more?',
      choices: [
        ...minutesOf(text, [step.again.minutes, 2 * step.again.minutes], (n) =>
          more(text, `${n} minutes${AGAIN_AT[step.again?.station ?? ''] ?? ''}`),
        ),
        { label: 'it is within the minutes above', text: more(text, 'done by hand') },
      ],
    };
  return undefined;
};

/** These are set to a time, or need one. */
const BY_ITSELF_IN: ReadonlySet<string> = new Set(['rice cooker', 'microwave', 'air fryer']);
/** An appliance that is set to a time. */
export const applianceDoubt: Rule = ({ step }) => {
  const { text } = step;
  if (!step.timed && BY_ITSELF_IN.has(step.station ?? ''))
    return { question: 'How long?', choices: minutesOf(text, [3, 10, 20, 40]) };
  return undefined;
};

/** By then it is cold, or eaten: no time of its own. */
const BY_THEN =
  /\b(?:within|under|in less than|less than|up to|no (?:more|longer) than|max\.?|maximum|at most)\s*(?:about )?$/i;
/** "10 minutes later", "after an hour if it looks dry": none of what is done in any case. */
const NOT_NOW = /^ (?:less than|more than|longer than|shorter than|ago|old|earlier|later|if|when)\b/i;
/** "Take the seaweed out after 10 minutes", where nothing else says how long: a time that nothing has used. */
function timeUnused(plain: string): { readonly words: string; readonly minutes: number } | undefined {
  if (beforeTheEnd(plain) !== undefined) return undefined;
  const time = timesIn(plain).find(
    ({ at, end }) => !BY_THEN.test(plain.slice(0, at)) && !NOT_NOW.test(plain.slice(end)),
  );
  return time && { words: plain.slice(time.at, time.end).replace(/\.$/, ''), minutes: time.to };
}

const unusedTime: Rule = ({ step, plain, settled }) => {
  const { text } = step;
  const unused = step.timed || step.afterwards || step.kept || settled ? undefined : timeUnused(plain);
  if (unused)
    return {
      question: `“${unused.words}”: does it take so long?`,
      choices: [
        { label: `yes, ${unused.minutes} min`, text: more(text, `in all ${unused.minutes} minutes`) },
        { label: 'no, it is within what stands before', text: more(text, 'done by hand') },
      ],
    };
  return undefined;
};

const timeNotRead: Rule = ({ step, plain }) => {
  const { text } = step;
  // It speaks of minutes, and how many was not understood.
  if (!step.timed && /\b(?:min(?:ute)?s?|hours?|hrs?)\b/i.test(plain) && timesIn(plain).length === 0)
    return { question: 'How long?', choices: minutesOf(text, [5, 10, 20, 40]) };
  return undefined;
};

/** Boiled down until it looks right. */
const THICKENS =
  /\breduc\w*\b(?! (?:the )?(?:heat|oven|temperature|flame|to (?:low|a (?:low|gentle)? ?simmer|medium)))|\b(?:boil|cook|simmer)\w*(?: it)? down\b|\bbubble\w*(?: it)? away\b|\b(?:boil|cook|simmer|bubble)\b.*\b(?:until|till|til) (?:it |the (?:sauce|wine) )?(?:is |has |are )?(?:almost |nearly |all |completely |mostly )*(?:thick|syrupy|gone|evaporated)/i;
const howThick: Rule = ({ step, plain }) => {
  const { text } = step;
  // "Reduce until it coats a spoon": how thick that is, is a share of what is in the pot, or what of it is dry (Codex CXS 57-1981: purée from 7 %, paste from 24 %).
  if (!step.timed && THICKENS.test(plain))
    return {
      question: 'How far does it boil down?',
      choices: [
        { label: 'a little thicker, by a quarter', text: more(text, 'reduced by a quarter') },
        { label: 'it coats a spoon, by a third', text: more(text, 'reduced by a third') },
        { label: 'thick, by half', text: more(text, 'reduced by half') },
        { label: 'like syrup, to a third', text: more(text, 'reduced to a third') },
        { label: 'as thick as tomato purée: 12 % dry', text: more(text, 'reduced to 12 % dry matter') },
        { label: 'as thick as tomato paste: 24 % dry', text: more(text, 'reduced to 24 % dry matter') },
        ...minutesOf(text, [5, 10]),
      ],
    };
  return undefined;
};

/** "Cook the rice following the packet": it says how long, and here nobody does. */
const BY_ITS_PACK =
  /\b(?:cook|boil|prepare)\b[^.]*\b(?:following|acc(?:ording|\.)? to|as (?:per|on)|like (?:it says )?on|like it says|per|by|to) (?:the |its |their )?(?:on the )?(?:pack(?:et|age)?|pkg|label|instructions|box)\b|\b(?:less|more|longer|shorter) than (?:the |its )?(?:pack(?:et|age)?|label|instructions|box|stated)\b|\b(?:put|get) (?:the |some |your )?(?:pasta|rice|spaghetti|noodles|potatoes|spuds|lentils|quinoa|bulgur|barley) on\b(?! (?:a|the|top|to)\b)/i;
/** "The broccoli for the last 3 minutes" is within the time of the whole. */
const WITHIN_IT = /\bfor (?:the |its |their )?(?:last|final) \d+(?:-\d+)? ?min(?:ute)?s?\b/gi;
/** On a hob or in an oven for as long as somebody says: what is only brought to the boil is no wait. */
const WAITS = /\b(?:simmer|bake|roast|braise|steam|boil|grill|broil|reduce)\b/i;
const BROUGHT =
  /\bbring\b|\bto (?:a|the) (?:boil|simmer)\b|\buntil (?:it|they) boils?\b|\bpre-?heat\b|\bheat (?:the |your |an? )?(?:oven|grill|broiler)\b/i;
const timeUnsaid: Rule = ({ step, plain }) => {
  const { text } = step;
  const within = plain.replace(WITHIN_IT, '');
  if (BY_ITS_PACK.test(within) && timesIn(within).length === 0)
    return {
      question: 'How long does it take in all?',
      choices: minutesInAll(text, [5, 10, 20, 40]),
    };
  if (!step.timed && (BY_ITS_PACK.test(plain) || boilsStarch(plain) || (WAITS.test(plain) && !BROUGHT.test(plain))))
    return { question: 'How long?', choices: minutesOf(text, [5, 10, 20, 40]) };
  return undefined;
};

/** How long it takes, or how far it boils down. */
export const timeDoubts: Rule = firstOf([unusedTime, timeNotRead, howThick, timeUnsaid]);
