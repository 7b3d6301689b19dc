import { AWAKE, type Equipment } from '../kitchen/index.ts';
import { addDays, dayAt, momentAt, type Moment } from '../quantity/index.ts';

/** From one moment to another, ms since 1970. */
export interface Stretch {
  readonly from: Moment;
  readonly to: Moment;
}

/**
 * The stretches of a window in which somebody is awake, the first first; none where all of it is at night.
 * @example wakingIn({ from: saturdayNoon, to: sundayNoon }, equipment) // Saturday 12:00 to 22:30, Sunday 06:30 to 12:00
 */
export function wakingIn(
  { from, to }: Stretch,
  { awake = AWAKE, zone }: Pick<Equipment, 'awake' | 'zone'>,
): readonly Stretch[] {
  const stretches: Stretch[] = [];
  for (let day = dayAt(new Date(from), zone); momentAt(day, awake.from, zone) <= to; day = addDays(day, 1)) {
    const wakes = Math.max(from, momentAt(day, awake.from, zone));
    const sleeps = Math.min(to, momentAt(day, awake.to, zone));
    if (wakes <= sleeps) stretches.push({ from: wakes, to: sleeps });
  }
  return stretches;
}

/** The last moment of waking hours at or before one. */
export function lastAwake(at: Moment, { awake = AWAKE, zone }: Pick<Equipment, 'awake' | 'zone'>): Moment {
  const today = dayAt(new Date(at), zone);
  if (at >= momentAt(today, awake.from, zone)) return Math.min(at, momentAt(today, awake.to, zone));
  return momentAt(addDays(today, -1), awake.to, zone);
}
