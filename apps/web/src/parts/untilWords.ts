import { daysBetween, type Day, counted } from '@kestrel-ridge/core/quantity';
import { dateWords, dayName } from './times.ts';

/** How long something keeps, from today; `hours`: outside the fridge it is a matter of so many. */
export function untilWords(until: Day | undefined, today: Day, hours?: number): string {
  if (!until) return 'no date known';
  const left = daysBetween(today, until);
  if (left < -1) return `${-left} days past`;
  if (left === -1) return 'since yesterday past';
  if (left === 0) return hours === undefined ? 'last day today' : `${counted(hours, 'hour')} at most`;
  if (left === 1) return 'until tomorrow';
  if (left < 7) return `until ${dayName(until)}`;
  return `until ${dateWords(until)}${left > 300 ? ` ${until.slice(0, 4)}` : ''}`;
}
