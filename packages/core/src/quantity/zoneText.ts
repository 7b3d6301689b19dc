import type { Moment } from './unit.ts';
import { MINUTE_MS } from './spans.ts';

/** A moment by the clocks of a zone, `2026-03-01 09:00`: the Swedish locale writes it as ISO 8601 does, with a space between. */
export function zoneText(ms: Moment, zone: string): string {
  const { format, known } = clockOf(zone);
  // The folds of a week ask for the same moments again and again; a clock's minute never changes.
  const minute = Math.floor(ms / MINUTE_MS);
  const before = known.get(minute);
  if (before !== undefined) return before;
  const text = format.format(ms);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(minute, text);
  return text;
}

const MOST_KNOWN = 2000;

interface Clock {
  readonly format: Intl.DateTimeFormat;
  readonly known: Map<number, string>;
}

/** To make one takes longer than to use it a hundred times: one for each zone. */
const clocks = new Map<string, Clock>();
function clockOf(zone: string): Clock {
  const known = clocks.get(zone);
  if (known) return known;
  const format = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
  const made = { format, known: new Map<number, string>() };
  clocks.set(zone, made);
  return made;
}
