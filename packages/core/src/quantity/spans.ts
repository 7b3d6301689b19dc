/** Spans of time in milliseconds, as moments are counted. A day of a calendar has 23 to 25 hours: days are counted as dates (day.ts), this one only where a rough span is meant. */
export const SECOND_MS = 1000;
export const MINUTE_MS = 60 * SECOND_MS;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
