import { plainSigns, readNumber, remembered } from '../../quantity/index.ts';

/** A time that a text says, in minutes. */
export interface SaidTime {
  readonly from: number;
  readonly to: number;
  /** Where in the text it begins, and where it ends. */
  readonly at: number;
  readonly end: number;
}

const IN_WORDS =
  'one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty-five|twenty|thirty|forty-five|forty|fifty|sixty';
// "170 22-25 min" is no mixed number: only a fraction stands behind its whole.
const N = String.raw`(?:(?<!\d)\d{1,2}\s+\d+\/\d+|\d+(?:\/\d+)?(?:[.,]\d+)?|\b(?:${IN_WORDS})(?=\s))`;
const UNIT = String.raw`(?:(?:more|further|extra|additional)\s+)?(?:hours?|hrs?|h|minutes?|mins?|min)\b\.?`;
const TIME = new RegExp(
  String.raw`(${N})(?:-?ish)?(?:\s*(?:hours?|hrs?|h|minutes?|mins?|min)?\.?\s*(?:-|to|or)\s*(${N}))?\s*(${UNIT})(?:,?\s*(?:and\s+)?(\d{1,2})\s*(?:minutes?|mins?|min)\b)?`,
  'gi',
);
type Minutes = readonly [from: number, to: number];
const PARTS: Readonly<Record<string, number>> = { quarter: 15, half: 30, 'three quarters': 45, 'three-quarters': 45 };
const hours = (said: string | undefined): number =>
  said === undefined || /^(?:an?|one)$/i.test(said) ? 60 : 60 * (valueOf(said) ?? 0);

/**
 * In words, as minutes. "Overnight" is read as what soaks overnight: 8 to 14 hours; a good hour is up to a quarter longer. Common practice, no published source.
 */
const WORDS: readonly (readonly [said: RegExp, minutes: (match: RegExpExecArray) => Minutes])[] = [
  // "An hour and a quarter", "two and a half hours", "1 and 3/4 hours"
  [
    new RegExp(
      String.raw`(?:\b(an?|one|\d{1,2}|${IN_WORDS}) |(?<=[,.;] ?))(?:(?:hours?|hrs?) and (?:an? )?(quarter|half|three[- ]quarters)|and (?:an? )?(quarter|half|three[- ]quarters) (?:hours?|hrs?))\b`,
      'gi',
    ),
    ([, whole, behind, before]) => {
      const all = hours(whole) + (PARTS[(behind ?? before ?? '').toLowerCase()] ?? 0);
      return [all, all];
    },
  ],
  // "Two and a half to three hours"
  [
    new RegExp(
      String.raw`\b(\d{1,2}|${IN_WORDS}) and (?:an? )?(half|quarter|three[- ]quarters) (?:to|or|-) (\d{1,2}|${IN_WORDS})(?: and (?:an? )?(half|quarter))? hours?\b`,
      'gi',
    ),
    ([, from, fromPart = '', to, toPart = '']) => [
      hours(from) + (PARTS[fromPart.toLowerCase()] ?? 0),
      hours(to) + (PARTS[toPart.toLowerCase()] ?? 0),
    ],
  ],
  // "One hour and ten minutes"
  [
    new RegExp(String.raw`\b(an?|one|two|three|four) hours?,? (?:and )?(${IN_WORDS})(?: minutes?| mins?)\b`, 'gi'),
    ([, whole, more]) => {
      const all = hours(whole) + (valueOf(more) ?? 0);
      return [all, all];
    },
  ],
  [
    /\b(\d{1,2}):([0-5]\d) ?(?:h|hrs?|hours?)\b/gi,
    ([, h, m]) => [Number(h) * 60 + Number(m), Number(h) * 60 + Number(m)],
  ],
  [/\bhalf (?:an hour )?(?:to|or) three[- ]quarters of an hour\b/gi, () => [30, 45]],
  [/\bthree[- ]quarters of an hour\b/gi, () => [45, 45]],
  [/\b(?:a )?quarter (?:of an )?hour\b/gi, () => [15, 15]],
  [/\ba good half[- ](?:an )?hour\b/gi, () => [30, 40]],
  [/\b(?:a )?half[- ](?:an )?hour\b/gi, () => [30, 30]],
  [/\ba good hour\b/gi, () => [60, 75]],
  [/\ba couple of hours\b/gi, () => [120, 120]],
  [/\ba couple of (?:more )?min(?:ute)?s\b/gi, () => [2, 2]],
  [/\ba minute or two\b/gi, () => [1, 2]],
  [/\ba few (?:more )?min(?:ute)?s\b/gi, () => [2, 4]],
  [/\b(?:a|another|a further|one more) minute\b/gi, () => [1, 1]],
  [/\banother hour\b/gi, () => [60, 60]],
  [/\b(?:an|one) hour\b/gi, () => [60, 60]],
  // "9 hours overnight" says how long the night is.
  [/(?<!\d\s?(?:hours?|hrs?|h)\.?,?\s*\(?)\bover ?night\b/gi, () => [480, 840]],
  [
    /\b(?:till|until) (?:the )?(?:(?:next|following) (?:day|morning)|morning|tomorrow|(?:mon|tues|wednes|thurs|fri|satur|sun)day(?: morning)?)\b/gi,
    () => [480, 840],
  ],
];
/** Between two times that are the ends of one: "half an hour to forty minutes". */
const UP_TO = /^\s*(?:-|to|or|up to)\s*$/i;

/** A number behind these says minutes, where nothing that it could count comes behind it. */
const BARE = new RegExp(
  String.raw`\b(?:(?:bak(?:e|ing)|roast|simmer|boil|cook|steam|fry|rest|stand|leave|sit|grill)\b(?: (?:it|them|covered|uncovered|again|at \d{3}\S*|in the oven))*(?: (?:for|another|about|a further))*|for (?:another|a further|about another)|(?<=[,;] )another|(?:at|to) \d{3} ?(?:°? ?[CF]\b)? for)\s+(\d{1,2}|${IN_WORDS})(?=(?: more)?\s*(?:[;)]|[,.](?!\d)|$|(?:more )?(?:then|and then|until|with|on|or until)\b|more\b))`,
  'gi',
);

const HOURS_TO_HOURS =
  /\b(\d{1,2})\s*(?:hours?|hrs?|h)\.?(?:\s*(\d{1,2})(?:\s*min\w*)?)?\s*(?:-|to)\s*(\d{1,2})\s*(?:hours?|hrs?|h)\b\.?(?:\s*(\d{1,2})\b(?:\s*min\w*)?(?!\s*(?:g|ml|°|c\b|f\b)))?/gi;

const HOURS_OR_BETTER =
  /\b(\d{1,2})\s*(?:hours?|hrs?|h)\b,?\s*(?:but |or |and )?(?:ideally|better|preferably|up to|as long as)(?: (?:for|up to))? (\d{1,2})(?:\s*(?:hours?|hrs?|h)\b)?(?!\s*(?:min|g\b|ml\b|°|days?))/gi;

/** "45 minutes to 1 hour", "30 min-1 h" */
const MINUTES_TO_HOURS =
  /\b(\d{1,3})\s*(?:minutes?|mins?)\.?\s*(?:-|to|or)\s*(\d \d\/\d|\d\/\d|\d(?:[.,]\d{1,2})?|an?|one|two)\s*(?:hours?|hrs?|h)\b(?:\s*(?:and\s+)?(\d{1,2})\s*min\w*)?/gi;

/** Smaller over larger is a fraction. */
const LEAST_OF_RANGE = 5;

const valueOf = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : readNumber(text)?.value.valueOf();

/**
 * All times of a text, in their order, in minutes.
 * @example timesIn('Boil for 10 minutes, then simmer half an hour') // [{ from: 10, to: 10, … }, { from: 30, to: 30, … }]
 */
export const timesIn = remembered((text: string): readonly SaidTime[] => {
  // "20/25 min" is from one to the other: nobody counts twenty-fifths.
  const plain = plainSigns(text).replace(
    /\b(\d{1,3})\/(\d{1,3})(?=\s*(?:h\b|hour|hr|min))/gi,
    (said, from: string, to: string) =>
      Number(from) >= LEAST_OF_RANGE && Number(to) > Number(from) ? `${from}-${to}` : said,
  );
  const found: SaidTime[] = [];
  const free = (at: number, end: number) => found.every((each) => end <= each.at || at >= each.end);
  for (const [said, minutes] of WORDS)
    for (const match of plain.matchAll(said)) {
      const end = match.index + match[0].length;
      const [from, to] = minutes(match);
      if (free(match.index, end)) found.push({ from, to, at: match.index, end });
    }
  // "1 hr-1 hr 15": from so much to so much.
  for (const match of plain.matchAll(HOURS_TO_HOURS)) {
    const [, a = '', am, b = '', bm] = match;
    const [from, to] = [Number(a) * 60 + Number(am ?? 0), Number(b) * 60 + Number(bm ?? 0)];
    const end = match.index + match[0].length;
    if (to >= from && free(match.index, end)) found.push({ from, to, at: match.index, end });
  }
  for (const match of plain.matchAll(MINUTES_TO_HOURS)) {
    const hours = /^an?$/i.test(match[2] ?? '') ? 1 : (valueOf(match[2]) ?? 0);
    const [from, to] = [Number(match[1]), hours * 60 + Number(match[3] ?? 0)];
    const end = match.index + match[0].length;
    if (to > from && free(match.index, end)) found.push({ from, to, at: match.index, end });
  }
  // "At least 4 hours, ideally 24"
  for (const match of plain.matchAll(HOURS_OR_BETTER)) {
    const end = match.index + match[0].length;
    const [from, to] = [Number(match[1]) * 60, Number(match[2]) * 60];
    if (to > from && free(match.index, end)) found.push({ from, to, at: match.index, end });
  }
  // "1 hr 15": the minutes stand without their unit.
  for (const match of plain.matchAll(
    /\b(\d{1,2})\s*(?:hours?|hrs?|h)\.?\s*(\d{2})\b(?!\s*(?:g|ml|°|c\b|f\b|min|-|to\b))/gi,
  )) {
    const end = match.index + match[0].length;
    const minutes = Number(match[1]) * 60 + Number(match[2]);
    if (Number(match[2]) < 60 && free(match.index, end))
      found.push({ from: minutes, to: minutes, at: match.index, end });
  }
  for (const match of plain.matchAll(TIME)) {
    const from = valueOf(match[1]);
    const end = match.index + match[0].length;
    if (from === undefined || !free(match.index, end)) continue;
    const scale = /(?:^|\s)h/i.test(match[3] ?? '') ? 60 : 1;
    const more = scale === 60 ? Number(match[4] ?? 0) : 0;
    const to = valueOf(match[2]) ?? from;
    found.push({ from: from * scale + more, to: Math.max(from, to) * scale + more, at: match.index, end });
  }
  // "2 minutes on the first side and 1 on the second"
  for (const match of plain.matchAll(/\b(\d{1,2})(?=(?: more)? on the (?:other|second)\b)/gi)) {
    const end = match.index + match[0].length;
    const minutes = Number(match[1]);
    if (free(match.index, end)) found.push({ from: minutes, to: minutes, at: match.index, end });
  }
  // "Bake at 220 for 15, then 20 more": minutes without their unit.
  for (const match of plain.matchAll(BARE)) {
    const at = match.index + match[0].length - (match[1]?.length ?? 0);
    const end = match.index + match[0].length;
    const minutes = valueOf(match[1]) ?? 0;
    if (minutes > 0 && free(at, end)) found.push({ from: minutes, to: minutes, at, end });
  }
  return found
    .sort((a, b) => a.at - b.at)
    .reduce<SaidTime[]>((all, time) => {
      const before = all.at(-1);
      const range =
        before &&
        UP_TO.test(plain.slice(before.end, time.at)) &&
        time.to > before.to &&
        before.from === before.to &&
        time.from === time.to;
      if (range) all[all.length - 1] = { from: before.from, to: time.to, at: before.at, end: time.end };
      else all.push(time);
      return all;
    }, []);
});

/** "The last 5 minutes", "lid off last 30 min" */
const LAST = String.raw`the last|(?:lid|foil|cover)(?:ed)? (?:off|on)(?: for)?,? last|(?<!\ban? )final`;
const LAST_OF_IT = new RegExp(String.raw`\b(?:${LAST})\s*$`, 'i');
/** Behind or before these a time is a moment within something, and not how long it takes: "every 5 minutes", "for the last 10 minutes", "an hour before the end". */
const MOMENT_BEFORE = new RegExp(
  String.raw`\b(?:every|after|${LAST}|within|about every|for the first|minus|less|short by)\s*(?:the\s+|about\s+)?$`,
  'i',
);
const MOMENT_BEHIND =
  /^\s*(?:(?:less|shorter|short of|longer) than\b|before (?:the end|serving|eating|it is (?:done|ready)|they are (?:done|ready)|you serve)|into (?:it|the)|from the end|later|earlier|intervals?|old|(?:(?:is|are) )?(?:left|to go|remaining))\b/i;

/** "Cook it for 2 minutes less than the packet says" */
const LESS_THAN = /^\s*(?:less|shorter|short of|longer|more) than\b/i;

/** "Older beans can need up to 45 minutes more": where it is needed, and no time of the step. */
const MAY_TAKE =
  /\b(?:can|may|might|could)(?: well)? (?:need|take|want|be)(?: (?:up to|about|as much as|another))*\s*$/i;

/** "Chill for at least 30 minutes before serving" is how long. */
const HOW_LONG = /\b(?:for|least|about|around|sit|stand|rest|chill|cool|soak|simmer|bake|roast)\s*$/i;

/** Of "in two batches, 8 minutes per batch": how many there are, where a time is said of each. */
export const batchesIn = (plain: string): number | undefined =>
  /\b(?:per|each|a) (?:batch|lot|go|round)\b|\bmin\w*\.? each\b/i.test(plain)
    ? readNumber(/\bin (\w+) (?:batches|lots|goes|rounds)\b/i.exec(plain)?.[1] ?? '')?.value.valueOf()
    : undefined;

/** "4 as a side" is a dish, and nothing that is turned. */
const SIDES = /(?<!\bas )\b(?:each|per|a|on both|both) sides?\b(?! dish| salad| plate)/i;
/** "Spray both sides, bake 8 minutes": what is brushed on both sides is not turned. */
const COATED = /\b(?:spray|brush|oil|season|salt|rub|coat|score|dust|prick)\w*\b[^.;,]*\bboth sides\b/gi;

/** How long it takes, both sides of what is turned: the times of a text without the moments in it. "In all 7 minutes" is the whole of it. */
export const durationsIn = remembered((text: string): readonly SaidTime[] => {
  const plain = plainSigns(text);
  const all = timesIn(plain);
  // "3 sets of folds, 30 min apart": from the first to the last.
  const apart = new RegExp(
    String.raw`\b(\d|${IN_WORDS}) (?:sets?|rounds?|lots|goes|turns|folds)\b[^.;]{0,30}?\b(\d{1,3}) ?min\w*\.? apart\b`,
    'i',
  ).exec(plain);
  const sets = valueOf(apart?.[1]);
  if (apart && sets !== undefined && sets > 1) {
    const minutes = (sets - 1) * Number(apart[2]);
    return [{ from: minutes, to: minutes, at: apart.index, end: apart.index + apart[0].length }];
  }
  const inAll = all.find(
    ({ at, end }) => /\bin all\s*$/i.test(plain.slice(0, at)) || /^\s*in all\b/i.test(plain.slice(end)),
  );
  if (inAll) return [inAll];
  const sides = batchesIn(plain) ?? (SIDES.test(plain.replace(COATED, '')) ? 2 : 1);
  return all
    .filter(
      ({ at, end }) =>
        !MOMENT_BEFORE.test(plain.slice(0, at)) &&
        !MAY_TAKE.test(plain.slice(0, at)) &&
        !LESS_THAN.test(plain.slice(end)) &&
        (HOW_LONG.test(plain.slice(0, at)) || !MOMENT_BEHIND.test(plain.slice(end))),
    )
    .map((time) => ({ ...time, from: time.from * sides, to: time.to * sides }));
});

/** Of "for the last 5 minutes" and "10 minutes before the end": how many minutes before the end something happens. */
export function beforeTheEnd(text: string): number | undefined {
  const plain = plainSigns(text);
  const bare = /\bfor (?:the )?last (\d{1,2})(?=\s*[.,;)]|\s+if\b|\s*$)/i.exec(plain)?.[1];
  if (bare !== undefined) return Number(bare);
  return timesIn(plain).find(
    ({ at, end }) =>
      LAST_OF_IT.test(plain.slice(0, at)) ||
      /^\s*(?:before (?:the end|it is done|they are done|serving|the time)|(?:(?:is|are) )?(?:left|to go|remaining)\b)/i.test(
        plain.slice(end),
      ),
  )?.from;
}
