import { weekday, type Day } from './day.ts';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
/** From Monday on, as days of the week are counted here. */
export const LONG_WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** @example showWeekday(day('2026-03-01')) // => 'Sun' */
export const showWeekday = (d: Day): string => WEEKDAYS[weekday(d)] ?? '';

/** @example showDate(day('2026-03-01')) // => '1 Mar' */
export const showDate = (d: Day): string => `${Number(d.slice(8))} ${MONTHS[Number(d.slice(5, 7)) - 1] ?? ''}`;

/** @example longWeekday(day('2026-03-01')) // => 'Sunday' */
export const longWeekday = (d: Day): string => LONG_WEEKDAYS[weekday(d)] ?? '';

/** What a session is called once it is on another day: one that bore the name of its day bears that of the new one. */
export const nameOnDay = (name: string, d: Day): string => (LONG_WEEKDAYS.includes(name) ? longWeekday(d) : name);
