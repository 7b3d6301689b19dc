import { addDays, readDay, type Day } from '../quantity/index.ts';
import { readDate } from './readDate.ts';

/** "opened sunday", "opened 3 days ago", "open since 12 nov": a day that is over. */
export function openedIn(text: string, today: Day): { readonly day: Day; readonly rest: string } | undefined {
  // "opened oat milk since thursday"
  const parted = / opened (?=.* since )/.test(text) ? text.replace(/ opened (.*?) since /, ' $1 opened since ') : text;
  if (parted !== text) return openedIn(parted, today);
  const found = / open(?:ed)? (?:on |since )?/.exec(text);
  if (!found) return undefined;
  const behind = text.slice(found.index + found[0].length);
  const ago = /^(?:(\d+|a|two|three) days? ago|yesterday)(?= )/.exec(behind);
  const days = ago && (ago[1] === undefined || ago[1] === 'a' ? 1 : ({ two: 2, three: 3 }[ago[1]] ?? Number(ago[1])));
  const read = days == null ? readDate(behind, today) : undefined;
  const words = ago?.[0] ?? read?.text;
  if (words === undefined) return undefined;
  // A weekday is the last one, and a date without a year the one before today.
  const day = days == null ? latest(read?.day ?? today, words, today) : addDays(today, -days);
  return { day, rest: `${text.slice(0, found.index)} ${behind.slice(words.length)}`.replace(/\s+/g, ' ') };
}

function latest(day: Day, words: string, today: Day): Day {
  if (day <= today) return day;
  return /^\D*day\b|^(?:sun|mon|tue|wed|thu|fri|sat)/.test(words) ? addDays(day, -7) : yearBefore(day);
}
const yearBefore = (day: Day): Day => readDay(`${Number(day.slice(0, 4)) - 1}${day.slice(4)}`) ?? day;
