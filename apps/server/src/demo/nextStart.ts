import { HOUR_MS, dayAt, momentAt } from '@kestrel-ridge/core/quantity';

/** Nobody cooks a week's food in the night. */
const EARLIEST = '08:00';

/** When the hut cooks next: the next full hour leaves time to look around before it; in the night it is the next morning. */
export function nextStart(now: Date, zone: string): Date {
  const hour = Math.ceil(now.getTime() / HOUR_MS) * HOUR_MS;
  return new Date(Math.max(hour, momentAt(dayAt(new Date(hour), zone), EARLIEST, zone)));
}
