import { weekday, type Day } from './day.ts';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** @example showWeekday(day('2026-03-01')) // => 'Sun' */
export const showWeekday = (d: Day): string => WEEKDAYS[weekday(d)] ?? '';

/** @example showDate(day('2026-03-01')) // => '1 Mar' */
export const showDate = (d: Day): string => `${Number(d.slice(8))} ${MONTHS[Number(d.slice(5, 7)) - 1] ?? ''}`;
