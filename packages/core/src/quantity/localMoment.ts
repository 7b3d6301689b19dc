import type { Moment } from './unit.ts';
import { MINUTE_MS } from './spans.ts';
import type { Day } from './day.ts';
import { zoneText } from './zoneText.ts';

/** A moment as an input of kind datetime-local wants it, by the clocks of a zone: 2026-03-01T09:00. */
export function localMoment(ms: Moment, zone: string): string {
  return zoneText(ms, zone).replace(' ', 'T');
}

/** The moment that such a text means in a zone; undefined when it is none. The offset is looked up twice, since it may change within the day. */
export function momentOf(local: string, zone: string): Moment | undefined {
  // Date.parse makes a date of almost anything, "noon:00Z" among it.
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(local)) return undefined;
  const asUtc = Date.parse(`${local}:00Z`);
  if (Number.isNaN(asUtc)) return undefined;
  const offset = (ms: Moment) => Date.parse(`${localMoment(ms, zone)}:00Z`) - Math.floor(ms / MINUTE_MS) * MINUTE_MS;
  const first = asUtc - offset(asUtc);
  return asUtc - offset(first);
}

/**
 * A day and a clock in a zone as a moment, ms since 1970. A clock that a change of time skips is taken an hour on.
 * @example new Date(momentAt(day('2026-03-29'), '07:00', 'Europe/Berlin')).toISOString() // => '2026-03-29T05:00:00.000Z'
 */
export function momentAt(day: Day, clock: string, zone: string): Moment {
  const key = `${day}T${clock} ${zone}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const at = momentOf(`${day}T${clock}`, zone);
  if (at === undefined) throw new RangeError(`"${clock}" is no time of day like 18:30.`);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, at);
  return at;
}

/** The meals of a week are asked for by every fold: what a zone's clocks say does not change. */
const known = new Map<string, Moment>();
const MOST_KNOWN = 2000;

/** The hour of a moment by the clocks of a time zone, 0 to 23. */
export const hourAt = (ms: Moment, zone: string): number => Number(localMoment(ms, zone).slice(11, 13));
