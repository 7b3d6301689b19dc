import { MINUTE_MS, type MinuteCount, type Moment } from '@kestrel-ridge/core/quantity';
import { giveFile } from './giveFile.ts';

export interface CalendarEvent {
  /** The same in every file for the same thing, so that a calendar that reads it again moves it and adds none. */
  readonly id: string;
  /** ms since 1970 */
  readonly at: Moment;
  readonly minutes: MinuteCount;
  readonly what: string;
  readonly detail: string;
  /** Rings at its beginning. */
  readonly alarm?: boolean;
}

/** Hands events to the browser as a calendar file; the library is fetched only then. */
export async function giveCalendar(file: string, name: string, events: readonly CalendarEvent[]): Promise<void> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  // The library escapes what events say, and leaves the name of the whole as it is.
  const made = ical({ name: name.replace(/[\p{Cc}\\;,]+/gu, ' ').trim() });
  for (const { id, at, minutes, what, detail, alarm } of events) {
    const event = made.createEvent({
      id: id.replace(/[^\w-]/g, '-'),
      start: new Date(at),
      end: new Date(at + minutes * MINUTE_MS),
      summary: what,
      description: detail,
    });
    if (alarm) event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: what });
  }
  giveFile(file, 'text/calendar', made.toString());
}
