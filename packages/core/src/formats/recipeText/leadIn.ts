import { DAYS_A_WEEK, plainSigns, remembered } from '../../quantity/index.ts';
import { timesIn } from './timesIn.ts';

const STANDS =
  /\b(?:soak|marinat|sprout|chill|refrigerat|fridge|rest|prove|proof|stand|leave|press|drain|salt|ferment|freeze|set|cool(?!er|ing oil)|cellar|over ?night|steep|infuse|wait|matur|incubat|room temp)/i;
const SOAKS = /\bsoak/i;
const NO_SOAK = /\b(?:don'?t|do not|no need to|never|without) soak|\bno soak(?:ing)?\b|\bunsoaked\b/i;
const BEFORE = /\b(?:the )?(?:evening|night|day) before\b|\bahead\b|\bin advance\b/i;
const DAYS =
  /(?<!\b(?:once|twice|times) )\b(?:(\d{1,2})|a|one|two|three)(?: ?(?:to|-|or) ?(\d{1,2}|two|three|four))? (days?|weeks?)\b/i;
const IN_DAYS = { a: 1, one: 1, two: 2, three: 3, four: 4 } as const;

/** "What isn't eaten in 3 days": how long it keeps, not how long it stands before. */
const EATEN_WITHIN =
  /\b(?:eat|eaten|use|used|finish|finished|keeps?|lasts?|good)\b[^.;]{0,30}\b(?:within|in|for|up to|over)\s+(?:about |the next |up to )*$|\b(?:refrigerate|chill|store)d?(?: (?:it|them|leftovers|the rest|airtight|covered))*,? (?:for )?up to (?:about )?$|\bbest after\s+$|\b(?:keeps?|lasts?|holds?)\s+(?:about |up to |for )*$|\b(?:fridge|freezer|refrigerator|jars?|tins?|tubs?|airtight)\b[^.;]{0,12}\bup to (?:about )?$|\b(?:people|persons?|eaters|\d+|one|two|three|four|five|six)\s+for\s+$/i;

/** "…, squeeze. 4 days fridge" */
const KEPT_COLD = /[.;]\s*\|\s*(?:in (?:the )?)?(?:fridge|freezer|chilled|frozen)\b/i;

/** "(can be done the day before)": it may, and need not. */
export const MAY_BE =
  /\(?\b(?:this |it |these )?can (?:also |all )?be (?:done|made|prepared|prepped|cooked)\b[^).;]*\)?|\bup to (?:about )?(?:\d+|an?|one|two|three|four) (?:hours?|hrs?|h|days?) (?:ahead|in advance|before(?:hand)?)\b/gi;

/** "Wait 2 wks" stands so long; "big jar, 3 wks" keeps. */
const WAITS_WKS = /\b((?:wait|matur\w*|stand|ferment\w*|leave)\b[^.;,]{0,20}\d) ?wks?\b/gi;

const WAITS_MONTHS =
  /\b((?:wait|matur\w*|stand|ferment\w*|leave)\b[^.;,]{0,20}?)\b(an?|one|two|three|\d{1,2}) months?\b/gi;
const WEEKS_A_MONTH = 4;
const inWeeks = (_: string, before: string, n: string): string =>
  `${before}${(Number(n) || IN_DAYS[n.toLowerCase() as keyof typeof IN_DAYS] || 1) * WEEKS_A_MONTH} weeks`;

/** From so many hours on it is begun before the session and not in it. Common practice, no published source. */
const LEAD_FROM_H = 4;
/** A soak whose end nobody says may go on as long again, but not beyond a day. Common practice, no published source. */
const LONGEST_H = 24;
/** The evening before. Common practice, no published source. */
const EVENING = { least: 8, most: 14 };

/** "Overnight in cold water (min. 10 hours)", "overnight (8-24 h)": what the night is at least, or how long it is. */
const OF_THE_NIGHT =
  /^[^.;\d]{0,30}?[\s,(](?:for |about |ca\.? |~ ?)*(at least |min(?:imum)?\.? |not less than )?(?:for )?$/i;

const AT_MOST =
  /^[,;\s(]*(?:and |but |or )?(?:max(?:imum)?\.?|at (?:the )?most|up to|not more than|no (?:more|longer) than|but not over)\s*$/i;

const COOLED_THEN =
  /\b(?:cool|box|bottle|jar|cover|strain|lid)\w*\b[^.;]{0,30}[,;] (?:in (?:the )?)?fridge[:,]? (?:for )?(?:up to )?\d+(?: ?(?:-|to) ?\d+)? ?(?:d|days?)\.?$/i;

/** "Box, fridge (4 days)": how long it keeps, or how long it stands. */
const DAYS_IN_BRACKETS =
  /\b(?:fridge|freezer|refrigerat\w*|chill\w*|cold)\s*\((?:for |about |up to |max\.? |keeps )*\d+(?: ?(?:-|to) ?\d+)? ?(?:d|days?)\)/i;

const SHORTER_DOES = /^[,\s(]*(?:(?:or|and|to|max\.?|maximum|at most|but|even|better|ideally|up|-) ?)+(?:to |for )?$/i;

const IN_SLOW_COOKER = /\bslow cooker\b[^.]*\b(?:on|at) (?:low|high)\b|\bcook(?:ed)? (?:it )?on (?:low|high) for\b/i;

export interface SaidLead {
  /** Undefined: it is begun ahead, and nobody says how long. */
  readonly hours?: { readonly least: number; readonly most: number };
  /** "They firm up as they cool. Tin, 1 week.": the days as they are said, where what stands is in another sentence. */
  readonly apart?: string;
}

function daysOf(days: RegExpExecArray): { readonly from: number; readonly to: number } {
  const each = /^week/i.test(days[3] ?? '') ? DAYS_A_WEEK : 1;
  const word = (said: string): number => Number(said) || (IN_DAYS[said.toLowerCase() as keyof typeof IN_DAYS] ?? 1);
  const from = word(days[1] ?? days[0].split(/\s/)[0] ?? 'a') * each;
  return { from, to: Math.max(from, word(days[2] ?? '') * each) };
}

/** All lengths of days and weeks that something stands, in days; how long it keeps is none. */
export const daysIn = (text: string): readonly { readonly said: string; readonly to: number }[] => {
  const plain = plainSigns(text).replace(MAY_BE, '').replace(WAITS_WKS, '$1 weeks');
  return [...plain.matchAll(new RegExp(DAYS, 'gi'))].flatMap((found) =>
    EATEN_WITHIN.test(plain.slice(0, found.index)) ||
    KEPT_COLD.test(plain.slice(0, found.index).concat('|', plain.slice(found.index + found[0].length)))
      ? []
      : [{ said: found[0], to: daysOf(found).to }],
  );
};

/** The sentence in which something stands. */
const sentenceAt = (plain: string, at: number): string => {
  const begins = Math.max(0, ...['.', ';', '!'].map((sign) => plain.lastIndexOf(`${sign} `, at)));
  const ends = /[.;!](?:\s|$)/.exec(plain.slice(at))?.index;
  return plain.slice(begins, ends === undefined ? undefined : at + ends);
};

/**
 * What is begun hours or days before: a soak, a marinade, what has to set. Undefined: the text speaks of no lead.
 * @example leadIn('Soak the beans for 8 to 20 hours') // { hours: { least: 8, most: 20 } }
 */
export const leadIn = remembered((text: string): SaidLead | undefined => {
  const plain = plainSigns(text).replace(MAY_BE, '').replace(WAITS_WKS, '$1 weeks').replace(WAITS_MONTHS, inWeeks);
  // What cooks for hours is no wait.
  if (IN_SLOW_COOKER.test(plain)) return undefined;
  if (NO_SOAK.test(plain) || (!STANDS.test(plain) && !BEFORE.test(plain))) return undefined;
  const found = DAYS.exec(plain);
  const days =
    found &&
    !EATEN_WITHIN.test(plain.slice(0, found.index)) &&
    !KEPT_COLD.test(plain.slice(0, found.index).concat('|', plain.slice(found.index + found[0].length)))
      ? found
      : null;
  const [first] = timesIn(plain);
  // "At least 4 hours or up to 2 days"
  if (days && first && first.end < days.index && first.to >= LEAD_FROM_H * 60)
    return { hours: { least: first.from / 60, most: daysOf(days).to * 24 } };
  // "For an hour or up to a day", "min 30 min, max 2 days": the shorter will do, in the session.
  if (
    days &&
    first &&
    first.end < days.index &&
    (SHORTER_DOES.test(plain.slice(first.end, days.index)) ||
      // "Fridge 1 hr. 8 sandwiches, 4 days.": so long it keeps.
      (first.to < LEAD_FROM_H * 60 && /[.;]\s/.test(plain.slice(first.end, days.index))))
  )
    return undefined;
  if (days) {
    const { from, to } = daysOf(days);
    const sentence = sentenceAt(plain, days.index);
    // "Cool in the sink, fridge 4 days.": so long it stands, or so long it keeps.
    const apart =
      (!STANDS.test(sentence) && !BEFORE.test(sentence)) || COOLED_THEN.test(sentence) || DAYS_IN_BRACKETS.test(plain);
    return { hours: { least: from * 24, most: to * 24 + 12 }, ...(apart ? { apart: days[0] } : {}) };
  }
  const time = first;
  const [, second] = timesIn(plain);
  // "At least 12 h, max. 18 h", "overnight, or up to 24 hours"
  if (
    time &&
    second &&
    time.to >= LEAD_FROM_H * 60 &&
    second.from > time.to &&
    AT_MOST.test(plain.slice(time.end, second.at))
  )
    return { hours: { least: time.from / 60, most: second.to / 60 } };
  const ofNight =
    first && second && /^over ?night/i.test(plain.slice(first.at, first.end)) && second.from >= LEAD_FROM_H * 60
      ? OF_THE_NIGHT.exec(plain.slice(first.end, second.at))
      : null;
  if (second && ofNight) {
    const least = second.from / 60;
    return {
      hours: { least, most: second.to > second.from && !ofNight[1] ? second.to / 60 : Math.max(least, EVENING.most) },
    };
  }
  if (time && time.to >= LEAD_FROM_H * 60) {
    const least = time.from / 60;
    return {
      hours: { least, most: time.to > time.from ? time.to / 60 : Math.max(least, Math.min(LONGEST_H, least * 2)) },
    };
  }
  if (BEFORE.test(plain)) return { hours: EVENING };
  // "Soak the beans": it takes long, and how long is asked.
  return SOAKS.test(plain) && !time && !/\bsoak(?:ed|ing)\b|\bsoak up\b/i.test(plain) ? {} : undefined;
});
