import { dayAt, longWeekday, showDate, showWeekday, type MinuteCount, type Moment } from '@kestrel-ridge/core/quantity';

export const dayName = showWeekday;
export const dateWords = showDate;
export const longDayName = longWeekday;

/** A moment as a clock shows it in a time zone: 09:05. */
export const clockAt = (ms: Moment, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(ms);

/** A moment with its day, as "Sat 20:00". */
export const dayClockAt = (ms: Moment, zone: string): string =>
  `${dayName(dayAt(new Date(ms), zone))} ${clockAt(ms, zone)}`;

/**
 * Minutes as cooks say them.
 * @example duration(112) // => '1 h 52'
 */
export const duration = (minutes: MinuteCount): string => {
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`;
};
