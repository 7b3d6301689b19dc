import { localMoment, momentAt, type Day } from '../quantity/index.ts';

/** A session's hour, on another day; ms. */
export const onDay = (startsAt: string, day: Day, zone: string): number =>
  momentAt(day, localMoment(Date.parse(startsAt), zone).slice(11), zone);
