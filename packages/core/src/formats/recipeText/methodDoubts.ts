import { listed, plainSigns } from '../../quantity/index.ts';
import { bareMinutesIn, type BareMinutes } from './bareMinutes.ts';
import { OFF_FROM_MINUTES, boilsStarch, onNoHeat, saysDeed, withoutNames } from './kitchenVerbs.ts';
import { clockDoubt } from './clockLines.ts';
import { goesDoubt } from './goesDoubt.ts';
import { daysIn } from './leadIn.ts';
import { heldFor } from './pressureIn.ts';
import { wayDoubt } from './otherWay.ts';
import { minutesOf, more, type StepDoubt } from './stepDoubt.ts';
import { beforeTheEnd, durationsIn, timesIn } from './timesIn.ts';
import { placesLikely } from './secondReading/placesLikely.ts';
import { withoutEnd } from './ownWords.ts';
import { BY_ITSELF_AHEAD, WITH_ALL_BEFORE, type MethodStep } from './readMethodStep.ts';

/** On a hob or in an oven for as long as somebody says: what is only brought to the boil is no wait. */
const WAITS = /\b(?:simmer|bake|roast|braise|steam|boil|grill|broil|reduce)\b/i;
const BROUGHT =
  /\bbring\b|\bto (?:a|the) (?:boil|simmer)\b|\buntil (?:it|they) boils?\b|\bpre-?heat\b|\bheat (?:the |your |an? )?(?:oven|grill|broiler)\b/i;

/** Boiled down until it looks right. */
const THICKENS =
  /\breduc\w*\b(?! (?:the )?(?:heat|oven|temperature|flame|to (?:low|a (?:low|gentle)? ?simmer|medium)))|\b(?:boil|cook|simmer)\w*(?: it)? down\b|\bbubble\w*(?: it)? away\b|\b(?:boil|cook|simmer|bubble)\b.*\b(?:until|till|til) (?:it |the (?:sauce|wine) )?(?:is |has |are )?(?:almost |nearly |all |completely |mostly )*(?:thick|syrupy|gone|evaporated)/i;

/** Hands do this on heat, too. */
const IN_THE_POT = /\b(?:stir\w*|whisk\w*|mix\w*|fry\w*|fold\w*)/gi;
/** What waits by itself off the heat. */
const STANDS =
  /\b(?:rest|let (?:it |them )?steam|stand|sit|cool|chill(?!i)|soak|marinat|press|drain|leave|left|rise|prove|proof|freez|frozen|salt|infuse|steep|dry|dries|sprout|ferment|bloom|hydrate|aside|fridge|refrigerat|settle|swell|gel\b|gels\b|thaw|defrost|shut|off (?:the )?heat|slow cooker|by itself)/i;

/** Nobody's hands are on one thing so long, unless it is this. */
const LONG = 15;
/** From so many minutes on hands are asked about, unless they knead and shape. */
const VERY_LONG = 25;
const HOUR = 60;
/** Ten hours. Common practice, no published source. */
const LONGEST_WORK = 10 * HOUR;
const LONG_HANDWORK = /\b(?:knead|shape|roll|fold|shell|wrap|stuff|fill|pick|form|assemble|by hand)/i;

const HANDWORK =
  /\b(?:knead|whisk|stir|roll|shape|cut|chop|slice|peel|mix|fry|form|fold|pick|shell|grate|stuff|wrap|assemble|clean|wash|by hand)/i;

/** A look, and no work. */
const NOW_AND_THEN =
  /\b(?:stir\w*|turn\w*|shak\w*|toss\w*|swap\w*) (?:(?:&|and) (?:stir|turn|swap) )?(?:occasionally|sometimes|now|from time|once|every|often enough|(?:at )?half)\b/gi;

const UNSTIRRED = /\b(?:without|no|not|don['’]?t|never) (?:stir|turn|shak)\w*/gi;

/** A time at low pressure is none at high: the one that is chosen takes its place. */
const atHigh = (text: string, n: number): string => {
  const [time] = timesIn(text);
  const high = time ? `${text.slice(0, time.at)}${n} minutes${text.slice(time.end)}` : heldFor(text, n);
  return high.replace(/\blow pressure\b/i, 'high pressure');
};
/** Where it was the first time. */
const AGAIN_AT: Readonly<Record<string, string>> = { oven: ' in the oven', burner: ' on the hob' };

/** "Sweat leeks 10": minutes, most likely, but nobody said so. */
function bareDoubt(text: string, bare: readonly BareMinutes[]): StepDoubt {
  const all = bare.reduce((sum, { minutes }) => sum + minutes, 0);
  const [one] = bare;
  const numbers = listed(bare.map(({ minutes }) => `“${minutes}”`));
  return {
    question: bare.length === 1 ? `Is ${numbers} minutes?` : `Are ${numbers} minutes?`,
    choices: [
      bare.length === 1 && one
        ? { label: `yes, ${one.minutes} min`, text: `${text.slice(0, one.end)} minutes${text.slice(one.end)}` }
        : { label: `yes, ${all} min in all`, text: more(text, `in all ${all} minutes`) },
      { label: 'no', text: more(text, 'done by hand') },
    ],
  };
}

/** The same length, without what is a time already. */
const withoutTimes = (plain: string): string =>
  timesIn(plain).reduce((left, { at, end }) => `${left.slice(0, at)}${'_'.repeat(end - at)}${left.slice(end)}`, plain);

/** "20 min, stir, 20 more": beside a time, a number that may be minutes as well. */
function besideDoubt(text: string, bare: readonly BareMinutes[]): StepDoubt {
  const said = durationsIn(text).reduce((sum, { to }) => sum + to, 0);
  const all = bare.reduce((sum, { minutes }) => sum + minutes, said);
  const numbers = listed(bare.map(({ minutes }) => `“${minutes}”`));
  return {
    question: `${numbers}: minutes more? How long is it in all?`,
    choices: [...new Set([all, said])].map((n) => ({ label: `${n} min`, text: more(text, `in all ${n} minutes`) })),
  };
}

/** What is known of all that stands before a step. */
interface StepBefore {
  /** Nothing that boils off is known to be in the pot. */
  readonly dry?: boolean;
  /** So many were shaped. */
  readonly pieces?: number;
  /** What is made was frozen. */
  readonly frozen?: boolean;
  /** Another way of cooking it that the text tells under a name of its own: "air fryer". */
  readonly otherWay?: string;
  /** Something is begun on a day before: what is said of a morning is the one behind it. */
  readonly begun?: boolean;
  /** The text is American by its words: degrees without their unit may be Fahrenheit. */
  readonly american?: boolean;
  /** The step before it. */
  readonly before?: MethodStep;
}

/**
 * What has to be asked of a step; undefined: it says all that a plan needs, or a guess does no harm.
 */
export function doubtOfStep(
  step: MethodStep,
  { dry = false, pieces = 0, frozen = false, begun = false, american = false, otherWay, before }: StepBefore = {},
): StepDoubt | undefined {
  const { text } = step;
  const byClock = clockDoubt(text);
  if (byClock) return byClock;
  const otherwise = otherWay === undefined ? undefined : wayDoubt(text, otherWay);
  if (otherwise) return otherwise;
  // Nobody's session is so long: a number was taken for minutes, or for hours.
  if (step.kind === 'work' && step.timed && step.minutes.latest > LONGEST_WORK && !/\bin all\b/i.test(text))
    return {
      question: 'How long does it take in all?',
      choices: [10, 30, 60, 120].map((n) => ({ label: `${n} min`, text: more(text, `in all ${n} minutes`) })),
    };
  const [degrees, n = ''] = american ? (BARE_DEGREES.exec(plainSigns(text)) ?? []) : [];
  if (degrees !== undefined)
    return {
      question: `“${degrees}”: Fahrenheit or Celsius?`,
      choices: ['F', 'C'].map((unit) => ({ label: `${n} °${unit}`, text: text.replace(degrees, `${n} °${unit}`) })),
    };
  if (dry && (step.shareOff ?? step.thick))
    return {
      question: step.thick
        ? 'What is in the pot cannot be reckoned down to that. How long does it take?'
        : 'Nothing liquid is named that could boil down. How long does it take?',
      choices: minutesOf(text, [3, 5, 10, 20]),
    };
  if (step.kind === 'pressure') {
    if (step.low)
      return {
        question: 'Plans here know high pressure alone. How long would it be at high?',
        choices: [3, 5, 10, 15].map((n) => ({ label: `${n} min`, text: atHigh(text, n) })),
      };
    if (!step.timed)
      return {
        question: 'How long at pressure?',
        choices: [5, 10, 20, 30].map((n) => ({ label: `${n} min`, text: heldFor(text, n) })),
      };
    const held = durationsIn(text.split(/\b(?:natural|quick|releas|vent|NPR|NR|QPR|QR)/i)[0] ?? text);
    if (held.length > 1)
      return {
        question: 'Several times are said here. How long is it at pressure?',
        choices: held.map(({ to }) => ({
          label: `${to} min`,
          text: `Pressure cook for ${to} minutes, natural release.`,
        })),
      };
    if (!step.release)
      return {
        question: 'How is the pressure let out?',
        choices: [
          { label: 'by itself', text: more(text, 'natural release') },
          { label: '10 min by itself, then vented', text: more(text, 'natural release 10, then vent') },
          { label: 'at once', text: more(text, 'quick release') },
        ],
      };
    return undefined;
  }
  if (step.midway)
    return {
      question: 'It stands for hours in the middle. When is what comes before it done?',
      choices: [
        { label: 'before it, on the day before', text: more(text, WITH_ALL_BEFORE) },
        { label: 'in the session: only this is begun ahead', text: more(text, BY_ITSELF_AHEAD) },
        { label: 'it stands 1 h, in the session', text: 'Leave to stand for 1 hour.' },
      ],
    };
  const only = step.timed ? (ONLY_IF.exec(text) ?? IF_YOU_LIKE.exec(text)) : null;
  if (only && !/\b(?:by hand|in all|done so)\b/i.test(text))
    return {
      question: 'It is done only if it is needed. Does the plan leave time for it?',
      choices: [
        { label: 'no, leave it out', text: '' },
        { label: 'yes', text: more(text, 'done so') },
      ],
    };
  if (VARIANT.test(text) && !/\b(?:by hand|in all|done so)\b/i.test(text))
    return {
      question: 'Is this done, or is it another way of it?',
      choices: [
        { label: 'another way: leave it out', text: '' },
        { label: 'it is done', text: text.replace(VARIANT, '').replace(/^\p{Ll}/u, (first) => first.toUpperCase()) },
      ],
    };
  const ways = twoWays(text, withoutNames(plainSigns(text)));
  if (ways) return ways;
  if (step.daysApart !== undefined && !/\bby hand\b|\bleft to stand\b/i.test(text))
    return daysDoubt(text, step.daysApart);
  // "Room temperature 5 days, then the cellar 4-6 weeks": as long as both.
  const spans = (step.kind === 'ahead' || step.afterwards) && !/\bleft to stand\b/i.test(text) ? daysIn(text) : [];
  if (spans.length > 1 && !/\bin all\b/i.test(text)) {
    const all = spans.reduce((sum, { to }) => sum + to, 0);
    return {
      question: 'Several times are said here. How long does it stand in all?',
      choices: [
        { label: `${all} days, one behind the other`, text: `Leave to stand for ${all} days, in all.` },
        ...spans.map(({ said, to }) => ({ label: `only ${said}`, text: `Leave to stand for ${to} days, in all.` })),
      ],
    };
  }
  if (step.kind === 'ahead')
    return step.hours
      ? undefined
      : {
          question: 'How long does it soak?',
          choices: [
            { label: 'overnight, 8 to 20 h', text: more(text, '8 to 20 hours') },
            { label: '1 h', text: more(text, '1 hour') },
            { label: '20 min', text: more(text, '20 minutes') },
          ],
        };
  const plain = withoutNames(plainSigns(text));
  if (step.kept && !step.kept.amount)
    return {
      question: 'How much of the liquid is kept?',
      choices: ['100 ml', '250 ml', '500 ml'].map((amount) => ({
        label: amount.replace('ml', 'mL'),
        text: text.replace(
          /\b(?:reserv\w*|keep(?:ing)?|sav(?:e|ing)|set(?:ting)? aside|catch(?:ing)?)\b(?: an? \w+ of)?/i,
          (said) => `${said} ${amount} of`,
        ),
      })),
    };
  const settled = /\bby hand\b|\bin all\b/i.test(plain);
  // "Then uncovered 10" has its time from that number.
  const beside = step.timed && timesIn(plain).length > 0;
  const bare = settled || (step.timed && !beside) ? [] : bareMinutesIn(beside ? withoutTimes(plain) : text);
  if (bare.length > 0) return beside ? besideDoubt(text, bare) : bareDoubt(text, bare);
  if (step.again !== undefined && !/\bby hand\b/i.test(plain))
    return {
      question: 'How long does it take once more?',
      choices: [
        ...[step.again.minutes, 2 * step.again.minutes].map((n) => ({
          label: `${n} min`,
          text: more(text, `${n} minutes${AGAIN_AT[step.again?.station ?? ''] ?? ''}`),
        })),
        { label: 'it is within the minutes above', text: more(text, 'done by hand') },
      ],
    };
  if (step.heatUnsaid)
    return {
      question: 'How hot is the oven?',
      choices: OVEN_HEATS.map((c) => ({ label: `${c} °C`, text: more(text, `in the oven at ${c} °C`) })),
    };
  if (step.off ?? step.shareOff ?? step.thick) return undefined;
  if (step.timed && (LATER.test(plain) || (frozen && FROM_FROZEN.test(plain))) && !/\bby hand\b/i.test(plain))
    return {
      question: 'Is this done now, or on a later day?',
      choices: [
        { label: 'later: leave it out', text: '' },
        { label: 'now', text: text.replace(/,?\s*(?:straight )?from (?:frozen|the freezer)\b/i, '') },
      ],
    };
  const goes = goesDoubt(step, plain, pieces);
  if (goes) return goes;
  const unplaced = step.timed && step.attention.needs === 'hands' && !step.station;
  const looked = step.timed && step.attention.needs === 'look' && !step.station && !STANDS.test(withoutEnd(plain));
  if (
    (looked || unplaced) &&
    !settled &&
    step.after &&
    step.minutes.latest >= (looked ? 1 : OFF_FROM_MINUTES) &&
    (!HANDWORK.test(plain.replace(IN_THE_POT, '')) || /\bmin(?:ute)?s? (?:more|longer)\b/i.test(plain))
  )
    return whereDoubt(step, before);
  // Nobody's hands are on it for an hour.
  if (
    step.timed &&
    !step.station &&
    step.attention.needs === 'hands' &&
    step.minutes.latest >= HOUR &&
    !/\b(?:pinch|fill|stuff|wrap|shell|peel|pick)\b/i.test(plain) &&
    !/\bby hand\b/i.test(plain)
  )
    return whereDoubt(step, before);
  // Nobody stands at a pot so long, unless it is stirred.
  if (
    step.timed &&
    step.station === 'burner' &&
    step.attention.needs === 'hands' &&
    step.minutes.latest >= LONG &&
    !/\b(?:stir|fry|saut[eé]|by hand|caramelis|caramelize|toast|flip|turn)/i.test(
      plain.replace(NOW_AND_THEN, '').replace(UNSTIRRED, ''),
    )
  )
    return {
      question: 'Does somebody stand at it all that time?',
      choices: [
        { label: 'no, it simmers', text: more(text, 'simmering by itself') },
        { label: 'a look now and then', text: more(text, 'simmering, stirring now and then') },
        { label: 'yes', text: more(text, 'by hand') },
      ],
    };
  // "Layer with onion (soaked for 10 min)": that is none of the hands' minutes.
  if (step.timed && !step.station && step.attention.needs === 'hands' && IN_BRACKETS.test(plain) && !settled)
    return whereDoubt(step, before);
  // "Beans 12 min": no word on what is done with them.
  const brief = step.after !== undefined && step.minutes.latest < OFF_FROM_MINUTES;
  if (unplaced && !brief && !step.afterwards && !saysDeed(plain) && !/\bby hand\b/i.test(plain))
    return whereDoubt(step, before);
  // "Crumble in the tofu; 5 min, stirring": hands that are on nothing but a pan, which nobody named.
  if (unplaced && !step.afterwards && step.minutes.latest >= OFF_FROM_MINUTES && !onNoHeat(plain) && !settled)
    return whereDoubt(step, before);
  // "40 minutes until set": nobody says where.
  if (
    (unplaced &&
      step.minutes.latest >= LONG &&
      !(step.minutes.latest >= VERY_LONG ? LONG_HANDWORK : HANDWORK).test(plain.replace(NOW_AND_THEN, ''))) ||
    (step.timed && !step.station && step.attention.needs !== 'hands' && !STANDS.test(plain))
  )
    return whereDoubt(step, before);
  if (!step.timed && !step.station && !step.kept && !step.afterwards && !saysDeed(plain) && !/^oven\b/i.test(plain))
    return {
      question: 'Is this a step of the recipe?',
      choices: [
        { label: 'yes, by hand', text: more(text, 'done by hand') },
        { label: 'no, leave it out', text: '' },
      ],
    };
  if (!step.timed && BY_ITSELF_IN.has(step.station ?? ''))
    return { question: 'How long?', choices: minutesOf(text, [3, 10, 20, 40]) };
  // "Cloth over, 4-5 days somewhere warm": so long it stands, or so long it keeps.
  const [days] = !step.timed && !step.afterwards ? (DAYS_SAID.exec(plain) ?? []) : [];
  if (days !== undefined && !KEEPS.test(plain) && !settled) return daysDoubt(text, days);
  // "Cool completely (do this in the morning)", where nothing else is of another time of the day.
  const [hour] = begun || step.afterwards || settled ? [] : (TIME_OF_DAY.exec(plain) ?? []);
  if (hour !== undefined)
    return {
      question: `“${hour}”: is it done hours before the rest?`,
      choices: [
        { label: 'yes, 4 to 8 hours before', text: more(text, 'left to stand 4 to 8 hours ahead') },
        { label: 'no, with the rest', text: more(text, 'done by hand') },
      ],
    };
  const unused = step.timed || step.afterwards || step.kept || settled ? undefined : timeUnused(plain);
  if (unused)
    return {
      question: `“${unused.words}”: does it take so long?`,
      choices: [
        { label: `yes, ${unused.minutes} min`, text: more(text, `in all ${unused.minutes} minutes`) },
        { label: 'no, it is within what stands before', text: more(text, 'done by hand') },
      ],
    };
  // It speaks of minutes, and how many was not understood.
  if (!step.timed && /\b(?:min(?:ute)?s?|hours?|hrs?)\b/i.test(plain) && timesIn(plain).length === 0)
    return { question: 'How long?', choices: minutesOf(text, [5, 10, 20, 40]) };
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
  const within = plain.replace(WITHIN_IT, '');
  if (BY_ITS_PACK.test(within) && timesIn(within).length === 0)
    return {
      question: 'How long does it take in all?',
      choices: [5, 10, 20, 40].map((n) => ({ label: `${n} min`, text: more(text, `in all ${n} minutes`) })),
    };
  if (!step.timed && (BY_ITS_PACK.test(plain) || boilsStarch(plain) || (WAITS.test(plain) && !BROUGHT.test(plain))))
    return { question: 'How long?', choices: minutesOf(text, [5, 10, 20, 40]) };
  return undefined;
}

/** "Cook the rice following the packet": it says how long, and here nobody does. */
const BY_ITS_PACK =
  /\b(?:cook|boil|prepare)\b[^.]*\b(?:following|acc(?:ording|\.)? to|as (?:per|on)|like (?:it says )?on|like it says|per|by|to) (?:the |its |their )?(?:on the )?(?:pack(?:et|age)?|pkg|label|instructions|box)\b|\b(?:less|more|longer|shorter) than (?:the |its )?(?:pack(?:et|age)?|label|instructions|box|stated)\b|\b(?:put|get) (?:the |some |your )?(?:pasta|rice|spaghetti|noodles|potatoes|spuds|lentils|quinoa|bulgur|barley) on\b(?! (?:a|the|top|to)\b)/i;

const TIME_OF_DAY =
  /\b(?:in|on|that|this|the same) (?:the )?(?:morning|afternoon|evening)\b|\b(?:after|before) (?:breakfast|lunch|work)\b/i;

/** Hotter is meant in Fahrenheit, cooler in none of an oven's. */
export const BARE_DEGREES = /\b(1[5-9]\d|2[0-6]\d) ?(?:°|deg(?:rees)?\b)(?! ?(?:[CF]\b|Fahr|Cels))/i;

/** By then it is cold, or eaten: no time of its own. */
const BY_THEN =
  /\b(?:within|under|in less than|less than|up to|no (?:more|longer) than|max\.?|maximum|at most)\s*(?:about )?$/i;

/** "Take the seaweed out after 10 minutes", where nothing else says how long: a time that nothing has used. */
function timeUnused(plain: string): { readonly words: string; readonly minutes: number } | undefined {
  if (beforeTheEnd(plain) !== undefined) return undefined;
  const time = timesIn(plain).find(
    ({ at, end }) => !BY_THEN.test(plain.slice(0, at)) && !NOT_NOW.test(plain.slice(end)),
  );
  return time && { words: plain.slice(time.at, time.end).replace(/\.$/, ''), minutes: time.to };
}
/** "10 minutes later", "after an hour if it looks dry": none of what is done in any case. */
const NOT_NOW = /^ (?:less than|more than|longer than|shorter than|ago|old|earlier|later|if|when)\b/i;

/** "The broccoli for the last 3 minutes" is within the time of the whole. */
const WITHIN_IT = /\bfor (?:the |its |their )?(?:last|final) \d+(?:-\d+)? ?min(?:ute)?s?\b/gi;

/** These are set to a time, or need one. */
const BY_ITSELF_IN: ReadonlySet<string> = new Set(['rice cooker', 'microwave', 'air fryer']);

/** In a pan, or in an oven. */
const IN_PAN = /\b(?:fry|saut[eé]|pan|hob|stove|griddle|simmer|boil)\b/i;
const IN_OVEN = /\b(?:bake|roast|oven)\b/i;
/** "Fry 4 min a side, or bake 25 minutes": one of them is done. */
function twoWays(text: string, plain: string): StepDoubt | undefined {
  const [first = '', second, ...more] = text.split(
    /(?:[,;]?\s+(?:-\s+)?or (?:else |alternatively )?|\.\s+(?:alternatively|otherwise|or),?\s+)(?=(?:bake|roast|fry|saut|simmer|boil|in (?:the|a|an) )\b)/i,
  );
  if (second === undefined || more.length > 0 || /\b(?:by hand|in all)\b/i.test(plain)) return undefined;
  const [a, b] = [withoutNames(first), withoutNames(second)];
  // "Toss raw with the sauce, or fry the noodles for 2 minutes first"
  const cooked = durationsIn(a).length === 0 && durationsIn(b).length > 0 && !IN_PAN.test(a) && !IN_OVEN.test(a);
  const pans = cooked || (IN_OVEN.test(a) !== IN_OVEN.test(b) && IN_PAN.test(a) !== IN_PAN.test(b));
  if (!pans || durationsIn(`${a} ${b}`).length === 0) return undefined;
  return {
    question: 'Two ways are told. Which is it?',
    choices: [first, `${second.charAt(0).toUpperCase()}${second.slice(1)}`].map((way) => ({
      label: way.trim(),
      text: way.trim(),
    })),
  };
}

/** What was done with one thing of a step, told beside it. */
const IN_BRACKETS = /\((?:soaked|pressed|salted|rinsed|drained|marinated|chilled|thawed|steeped)\b[^)]*\d[^)]*\)/i;

/** "For firm polenta: pour it into a tin …" */
const VARIANT =
  /^for (?:an? )?(?:(?:even|much) )?(?:firm|crisp|crispy|thick|thin|soft|smooth|chunky|creamy|rich|spicy|mild|dry|wet|set|sliced|\p{L}{3,}er)\b[^:,.]{0,30}[:,]\s*/iu;

/** "If it seems thin, simmer for 15 minutes" */
const ONLY_IF =
  /^if (?:it|they|this|that|the (?:\p{L}+ ){1,2}?(?=(?:is|are|seem|look|need)))[^,.]{3,40},|^(?:still |if )?(?:too|not|still) [^?,.]{2,25}[?,]\s/iu;

/** "Press for an hour if you want it firmer", "chill half an hour if there's time" */
const IF_YOU_LIKE =
  /\bif (?:you (?:want|like|can|prefer|have(?: the)? time|wish)|there(?:['’]s| is) time|time allows)\b|\(optional\)/i;

const DAYS_SAID = /\b(?:\d{1,2}|two|three|four|five|six|ten)(?: ?(?:-|–|to) ?\d{1,2})? (?:days?|weeks?|months?)\b/i;
/** How long something keeps, or is eaten within. */
const KEEPS =
  /\b(?:keeps?|kept|lasts?|holds?|good|eat|eaten|use|used|within|ok|okay|fine|people|persons|up to|freez\w*|frozen|freezer|fridge|store|stored|max|days? old|day-old|for later)\b/i;

/** What was frozen is heated on another day. */
const LATER = /\b(?:freez\w*|re-?(?:steam|heat|bake|crisp|fry|boil)\w*|service)\b.*\bfrom (?:frozen|the freezer)\b/i;
/** Where something was frozen before it, this is done on another day, too. */
const FROM_FROZEN = /\bfrom (?:frozen|the freezer)\b/i;
/** The usual ones, °C. */
const OVEN_HEATS = [100, 160, 180, 200, 220];

/** So long it stands, or so long it keeps. */
const daysDoubt = (text: string, days: string): StepDoubt => ({
  question: `“${days}”: does it stand so long?`,
  choices: [
    { label: 'yes, it is begun so long before', text: more(text, `left to stand ${days} ahead`) },
    { label: 'no, so long it keeps', text: more(text, 'done by hand') },
    { label: 'no step, leave it out', text: '' },
  ],
});

/** Where a step is, and by whom it is looked after: the likeliest first. */
const whereDoubt = (step: MethodStep, before: MethodStep | undefined): StepDoubt => ({
  question: 'Where is it all that time?',
  choices: placesLikely(step, before),
});
