import { DAY_MS } from './spans.ts';
import { zoneText } from './zoneText.ts';

export const DAYS_A_WEEK = 7;

/** A calendar date, `2026-03-01`. Counted as dates, never as 24-hour spans: a day with a clock change has 23 or 25 hours. */
export type Day = string & { readonly __day: true };

const PATTERN = /^\d{4}-\d{2}-\d{2}$/;

/** Reads an ISO 8601 date; anything else, also 30 February, is undefined. */
export function readDay(text: string): Day | undefined {
  if (!PATTERN.test(text)) return undefined;
  const number = Date.parse(`${text}T00:00:00Z`);
  return Number.isNaN(number) || fromNumber(number / DAY_MS) !== text ? undefined : (text as Day);
}

/** A date that is known to be one; throws RangeError otherwise. */
export function day(text: string): Day {
  const read = readDay(text);
  if (!read) throw new RangeError(`"${text}" is not a date like 2026-03-01.`);
  return read;
}

/** Dates are read again and again, and there are few of them. */
const numbers = new Map<Day, number>();
const MOST_NUMBERS = 4000;
function toNumber(d: Day): number {
  const known = numbers.get(d);
  if (known !== undefined) return known;
  if (numbers.size >= MOST_NUMBERS) numbers.clear();
  const number = Date.parse(`${d}T00:00:00Z`) / DAY_MS;
  numbers.set(d, number);
  return number;
}
const texts = new Map<number, string>();
function fromNumber(n: number): string {
  const known = texts.get(n);
  if (known !== undefined) return known;
  if (texts.size >= MOST_NUMBERS) texts.clear();
  const text = new Date(n * DAY_MS).toISOString().slice(0, 10);
  texts.set(n, text);
  return text;
}

/**
 * @example addDays(day('2028-02-28'), 3) // => '2028-03-02'
 */
export const addDays = (from: Day, days: number): Day => fromNumber(toNumber(from) + days) as Day;

/**
 * Dates from the first to the second; negative when the second is earlier.
 * @example daysBetween(day('2026-12-30'), day('2027-01-03')) // => 4
 */
export const daysBetween = (from: Day, to: Day): number => toNumber(to) - toNumber(from);

/** 0 Monday … 6 Sunday (ISO 8601 counts from Monday). */
export const weekday = (d: Day): number => (((toNumber(d) + 3) % DAYS_A_WEEK) + DAYS_A_WEEK) % DAYS_A_WEEK;

export const earlier = (a: Day, b: Day): Day => (a <= b ? a : b);

/** The date that a moment falls on, by the clocks of a time zone (IANA name). */
export function dayAt(instant: Date, zone: string): Day {
  return zoneText(instant.getTime(), zone).slice(0, 10) as Day;
}
