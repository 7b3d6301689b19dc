import { addDays, day, type Day } from '../quantity/index.ts';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const NAME = `(${MONTHS.join('|')})[a-z]*`;
const FORMS: readonly RegExp[] = [
  new RegExp(`^(?<d>\\d{1,2})\\.? ?${NAME.replace('(', '(?<m>')}(?: (?<y>\\d{4}))?`),
  new RegExp(`^${NAME.replace('(', '(?<m>')}(?: (?<y>\\d{4}))?`),
  /^(?<y>\d{4})-(?<n>\d{2})-(?<d>\d{2})/,
  /^(?<d>\d{1,2})\.(?<n>\d{1,2})\.(?<y>\d{4}|\d{2}(?!\d))?/,
  // "14/12" and "12/14" can be read one way only.
  /^(?<d>1[3-9]|2\d|3[01])\/(?<n>0?[1-9]|1[0-2])(?!\d)(?:\/(?<y>\d{4}|\d{2}(?!\d)))?/,
  /^(?<n>0?[1-9]|1[0-2])\/(?<d>1[3-9]|2\d|3[01])(?!\d)(?:\/(?<y>\d{4}|\d{2}(?!\d)))?/,
  // "3/2027" is a month; "3/4" may be either, and is asked.
  /^(?<n>\d{1,2})\/(?<y>\d{4})(?!\/)/,
];
const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
const WEEKDAY = new RegExp(`^(?:on |next |this )?(${WEEKDAYS.join('|')})(?:[a-z]*day)?(?= |$)`);

export interface ReadDate {
  readonly day: Day;
  /** The words it was read from. */
  readonly text: string;
}

/**
 * A date as it stands on a pack, at the start of a text: "march", "12 mar 2027", "12.3.2027", "12.3.27", "2027-03-12", "tomorrow", "monday" (the next one, today included). A month alone means its last day; a date without a year is the
 * next one to come.
 * @example readDate('march 0.95', day('2026-11-25'))?.day // => '2027-03-31'
 */
export function readDate(text: string, today: Day): ReadDate | undefined {
  const near = /^(today|tomorrow)(?= |$)/.exec(text.toLowerCase());
  if (near) return { day: addDays(today, near[1] === 'today' ? 0 : 1), text: near[0] };
  const named = WEEKDAY.exec(text.toLowerCase());
  if (named) {
    const ahead = (WEEKDAYS.indexOf(named[1] ?? '') - new Date(`${today}T00:00:00Z`).getUTCDay() + 7) % 7;
    return { day: addDays(today, ahead), text: named[0] };
  }
  for (const form of FORMS) {
    const found = form.exec(text.toLowerCase());
    if (!found?.groups) continue;
    const { d, m, n, y } = found.groups;
    const month = n === undefined ? MONTHS.indexOf(m ?? '') + 1 : Number(n);
    if (month < 1 || month > 12) continue;
    const inYear = (year: number): Day | undefined => {
      const last = new Date(Date.UTC(year, month, 0)).getUTCDate();
      const of = d === undefined ? last : Number(d);
      return of >= 1 && of <= last ? day(`${year}-${pad(month)}-${pad(of)}`) : undefined;
    };
    const thisYear = Number(today.slice(0, 4));
    const read = y === undefined ? inYear(thisYear) : inYear(Number(y.length === 2 ? `20${y}` : y));
    if (!read) continue;
    const next = y === undefined && read < today ? inYear(thisYear + 1) : read;
    if (next) return { day: next, text: found[0] };
  }
  return undefined;
}

const pad = (n: number): string => String(n).padStart(2, '0');
