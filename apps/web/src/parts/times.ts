import {
  dayAt,
  localMoment,
  longWeekday,
  showDate,
  showWeekday,
  type Day,
  type MinuteCount,
  type Moment,
} from '@kestrel-ridge/core/quantity';
import { writesNow } from './writes.ts';

export const dayName = showWeekday;
export const longDayName = longWeekday;

/** A day of the year: "1 Mar", or "Mar 1" where a kitchen writes the month first. */
export const dateWords = (day: Day): string => {
  const words = showDate(day);
  return writesNow().date === 'month first' ? words.split(' ').reverse().join(' ') : words;
};

/**
 * An hour as the kitchen writes it.
 * @example clockWords('18:30') // "18:30", or "6:30 pm"
 */
export const clockWords = (clock: string): string => {
  const [hour = 0, minute = '00'] = [Number(clock.slice(0, 2)), clock.slice(3, 5)];
  return writesNow().clock === '12 h'
    ? `${hour % 12 === 0 ? 12 : hour % 12}:${minute} ${hour < 12 ? 'am' : 'pm'}`
    : clock;
};

/** A moment as a clock shows it in a time zone: 09:05, or 9:05 am. */
export const clockAt = (ms: Moment, zone: string): string => clockWords(localMoment(ms, zone).slice(11, 16));

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
