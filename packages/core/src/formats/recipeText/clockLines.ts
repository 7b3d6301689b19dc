import { DAYS_A_WEEK } from '../../quantity/index.ts';
import { more, type StepDoubt } from './stepDoubt.ts';
import { durationsIn } from './timesIn.ts';

/** "20:30 fold", "8 am – shape it", "at 7.15 pm: bake" */
const CLOCK =
  /^\s*(?:[-–—*•]\s*)?(?:(?:next|the next|following) (?:day|morning),?\s*)?(?:at\s+)?(\d{1,2})(?:[:.](\d{2}))?\s*([ap]\.?m\.?)?(?:\s*h)?\s*[-–—:,]?\s+(?=\p{L})(.+)$/iu;
const DAY = 24 * 60;
const HOUR = 60;

interface AtClock {
  readonly at: number;
  readonly minute: number;
  readonly text: string;
}

function atClock(raw: string, at: number): readonly AtClock[] {
  const [, hours = '', minutes, half = '', text = ''] = CLOCK.exec(raw) ?? [];
  // "8 carrots" is no hour: minutes behind a colon, or the half of the day, make it one.
  if (text === '' || (!half && !(minutes !== undefined && /^\s*\D*\d{1,2}:/.test(raw)))) return [];
  const hour = /^p/i.test(half) ? (Number(hours) % 12) + 12 : /^a/i.test(half) ? Number(hours) % 12 : Number(hours);
  const within = Number(minutes ?? 0);
  return hour > 24 || within >= HOUR ? [] : [{ at, minute: hour * HOUR + within, text: text.trim() }];
}

/**
 * Steps that are told by the clock, as numbered steps: each says from when to when it is there, and when all is done, unless it says itself how long it takes. What it is
 * meanwhile, hands or heat or waiting, is asked: see clockDoubt.
 * @example withClocks(['16:00 peel', '16:15 boil']) // ['1. peel (16:00 to 16:15)', '2. boil']
 */
export function withClocks(raws: readonly string[]): readonly string[] {
  const told = raws.flatMap(atClock);
  const last = told.at(-1);
  if (told.length < 2 || !last) return raws;
  return raws.map((raw, at) => {
    const n = told.findIndex((each) => each.at === at);
    const [here, next] = [told[n], told[n + 1]];
    if (!here) return raw;
    const step = `${n + 1}. ${here.text}`;
    if (!next || durationsIn(here.text).length > 0) return step;
    const done = next === last ? '' : `, all done ${clock(last.minute)}`;
    return `${step.replace(/[.\s]+$/, '')} (${clock(here.minute)} to ${clock(next.minute)}${done})`;
  });
}

/** What waits at least so long, minutes, says itself that it goes over the night. */
const NIGHT_MIN = 240;
const NIGHT =
  /^\s*(?:(?:the )?(?:night|evening)(?: before)?|(?:sun|mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?)(?:day)? (?:night|evening|eve))\s*[:–-]\s*(?=\S)/i;
const MORNING =
  /^\s*(?:(?:the |in the |next )?(?:morning|day)(?: after)?|(?:next )?(?:sun|mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?)(?:day)?(?: (?:morning|morn|am|noon|midday|lunch(?:time)?|afternoon))?)\s*[:–-]\s*(?=\S)/i;

/**
 * "Night: boil the oats. Morning: warm them.": what is done in the evening stands until the morning, where it does not say so itself.
 * @example withNights(['Night: boil oats.', 'Morning: warm.']) // ['Night: boil oats. Leave overnight.', 'Morning: warm.']
 */
export function withNights(raws: readonly string[]): readonly string[] {
  const morning = raws.findIndex((raw) => MORNING.test(raw));
  return raws.map((raw, at) =>
    at < morning &&
    NIGHT.test(raw) &&
    !/\b(?:overnight|until|till|before)\b/i.test(raw) &&
    !durationsIn(raw).some(({ to }) => to >= NIGHT_MIN)
      ? leftFor(raw, 'overnight')
      : raw,
  );
}

/** "Day 1, 9 pm", alone over what is done on it. */
const DAY_HEAD =
  /^\s*(?:\*\*)?day ?(\d|one|two|three)\b(?:[,:–-]?\s*(?:around |about )?\d{1,2}(?:[:.]\d\d)? ?(?:am|pm|h)?)?\s*:?(?:\*\*)?\s*$/i;
const WAITS = /\b(?:overnight|(?:until|till|before) (?:the )?(?:next|morning|day))\b|\d ?days?\b/i;

/** "Day 1-7: stir every day", "Day 7: add the vinegar" */
const DAY_LABEL = /^\s*(?:[-–*•]\s*)?day ?(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?(?:\b[^:\d]{0,20}:|\.)\s*(?=\S)/i;

/** "Day 2-3. Press": its point ends no sentence. */
const DAY_POINT = /^(\s*(?:[-–*•]\s*)?day ?\d{1,2}(?:\s*[-–]\s*\d{1,2})?)\./i;

interface LabelledDay {
  readonly from: number;
  readonly to: number;
}
/** A day's line, with how long it stands until the next of them, where it does not say so itself. */
function withWait(raw: string, days: readonly LabelledDay[], n: number): string {
  const [day, next] = [days[n], days[n + 1]];
  if (!day) return raw;
  const gap = day.to > day.from ? day.to - day.from : (next?.from ?? day.to) - day.to;
  const told = raw.replace(DAY_LABEL, '');
  // "Stir every day" says how often, and not how long.
  const waits = WAITS.test(told) || durationsIn(told).some(({ to }) => to >= NIGHT_MIN);
  if (gap <= 0 || waits) return raw;
  return leftFor(raw, gap === 1 ? 'overnight' : `for ${gap} days`);
}

/**
 * Days that stand over what is done on them: what is done last on one of them stands until the next, where it does not say so itself.
 * @example withDays(['Day 1, 9 pm', 'Stir, cover, fridge.', 'Day 2', 'Bake.']) // ['', 'Stir, cover, fridge. Leave overnight.', 'Day 2', 'Bake.']
 */
export function withDays(raws: readonly string[]): readonly string[] {
  const labelled = raws.flatMap((raw, at) => {
    const [, from, to] = DAY_LABEL.exec(raw) ?? [];
    return from === undefined ? [] : [{ at, from: Number(from), to: Number(to ?? from) }];
  });
  if (labelled.length > 1)
    return raws.map((raw, at) =>
      withWait(
        raw.replace(DAY_POINT, '$1:'),
        labelled,
        labelled.findIndex((day) => day.at === at),
      ),
    );
  const heads = raws.flatMap((raw, at) => (DAY_HEAD.test(raw) ? [at] : []));
  if (heads.length < 2) return raws;
  const lasts = heads.slice(1).map((at) => raws.slice(0, at).findLastIndex((raw) => raw.trim() !== ''));
  return raws.map((raw, at) => {
    if (heads.includes(at)) return /\d.*\d/.test(raw) ? '' : raw;
    const waits = !lasts.includes(at) || WAITS.test(raw) || durationsIn(raw).some(({ to }) => to >= NIGHT_MIN);
    return waits ? raw : leftFor(raw, 'overnight');
  });
}

/** Its last word is of what stands: how long belongs to it. */
const STANDS_LAST = /\b(?:soak|marinat|steep|prove|proof|chill|rest|ferment)\w*[^.;!?]*[.\s]*$/i;
/** What is said of a line's waiting, in its last sentence or in one of its own. */
const leftFor = (raw: string, long: string): string =>
  STANDS_LAST.test(raw) ? `${raw.replace(/[.\s]*$/, '')}, ${long}.` : `${raw.replace(/[.\s]*$/, '.')} Leave ${long}.`;

const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const;
/** "Friday 8pm – mix everything" */
const AT_WEEKDAY =
  /^\s*(?:[-–—*•]\s*)?(sun|mon|tue|wed|thu|fri|sat)(?:\p{Ll}{0,6})\.?,?\s+(?:at |around |about |ca\.? )?(\d{1,2})(?:[:.](\d{2}))?\s*([ap]\.?m\.?|h)?\s*[-–—:,]\s+(?=\p{L})(.+)$/iu;

interface AtWeekday {
  readonly at: number;
  readonly minute: number;
  readonly text: string;
}
function atWeekday(raw: string, at: number): readonly AtWeekday[] {
  const [, day = '', hours = '', minutes, half = '', text = ''] = AT_WEEKDAY.exec(raw) ?? [];
  if (text === '' || (half === '' && minutes === undefined)) return [];
  const hour = /^p/i.test(half) ? (Number(hours) % 12) + 12 : /^a/i.test(half) ? Number(hours) % 12 : Number(hours);
  const days = WEEKDAYS.findIndex((each) => each === day.toLowerCase());
  return [{ at, minute: days * DAY + hour * HOUR + Number(minutes ?? 0), text: text.trim() }];
}

/**
 * Steps that are told by days of the week and the clock: what stands from one to the next for hours says for how long, where it does not say so itself.
 * @example withWeekdays(['Fri 8pm – mix, fridge', 'Sat 5pm – bake']) // ['1. mix, fridge. Leave for 21 hours.', '2. bake']
 */
export function withWeekdays(raws: readonly string[]): readonly string[] {
  const told = raws.flatMap(atWeekday);
  if (told.length < 2) return raws;
  return raws.map((raw, at) => {
    const n = told.findIndex((each) => each.at === at);
    const [here, next] = [told[n], told[n + 1]];
    if (!here) return raw;
    const step = `${n + 1}. ${here.text}`;
    const gap = next ? (next.minute - here.minute + DAYS_A_WEEK * DAY) % (DAYS_A_WEEK * DAY) : 0;
    const said = WAITS.test(here.text) || durationsIn(here.text).some(({ to }) => to >= NIGHT_MIN);
    if (gap < NIGHT_MIN || said) return step;
    const long = gap % DAY === 0 ? `${gap / DAY} days` : `${Math.round(gap / HOUR)} hours`;
    return leftFor(step, `for ${long}`);
  });
}

const clock = (minute: number): string =>
  `${String(Math.floor(minute / HOUR)).padStart(2, '0')}:${String(minute % HOUR).padStart(2, '0')}`;

const FROM_TO = /\s*\((\d\d):(\d\d) to (\d\d):(\d\d)(?:, all done (\d\d):(\d\d))?\)/;

/** Without the clock’s word on it. */
export const withoutClock = (text: string): string => text.replace(FROM_TO, '');

/** Of a step that is told by the clock: is somebody at it until the next one, or does it wait or cook for so long? */
export function clockDoubt(text: string): StepDoubt | undefined {
  const found = FROM_TO.exec(text);
  if (!found) return undefined;
  const [h = 0, m = 0, nextH = 0, nextM = 0, endH, endM] = found.slice(1).map((n) => (n === undefined ? n : Number(n)));
  const until = (hour: number, minute: number): number => (hour * HOUR + minute - h * HOUR - m + DAY) % DAY;
  const next = until(nextH, nextM);
  const end = endH === undefined ? next : until(endH, endM ?? 0);
  const plain = withoutClock(text);
  const long = (minutes: number): string => (minutes < 2 * HOUR ? `${minutes} minutes` : `${minutes / HOUR} hours`);
  return {
    question: `It is told by the clock. What happens for ${long(next)}?`,
    choices: [
      { label: `it cooks or stands by itself, ${long(next)}`, text: more(plain, `by itself for ${long(next)}`) },
      ...(end > next
        ? [{ label: `it cooks to the end, ${long(end)}`, text: more(plain, `by itself for ${long(end)}`) }]
        : []),
      { label: `hands, ${long(next)}`, text: more(plain, `by hand, ${long(next)}`) },
      { label: 'hands for a moment', text: more(plain, 'done by hand') },
    ],
  };
}
