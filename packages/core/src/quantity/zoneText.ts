import type { Moment } from './unit.ts';
/** A moment by the clocks of a zone, `2026-03-01 09:00`: the Swedish locale writes it as ISO 8601 does, with a space between. */
export const zoneText = (ms: Moment, zone: string): string => clockOf(zone).format(ms);

/** To make one takes longer than to use it a hundred times: one for each zone. */
const clocks = new Map<string, Intl.DateTimeFormat>();
function clockOf(zone: string): Intl.DateTimeFormat {
  const known = clocks.get(zone);
  if (known) return known;
  const made = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
  clocks.set(zone, made);
  return made;
}
