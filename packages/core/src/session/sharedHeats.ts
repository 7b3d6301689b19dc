import { OVEN_DOWN_MINUTES, OVEN_UP_MINUTES, type Oven } from '../kitchen/index.ts';

/** A use of the oven: the temperature it is written for, and how far off it bears. */
export interface OvenWish {
  readonly id: string;
  readonly celsius: number;
  readonly toleranceC: number;
}

/** Dials are read in steps of five. */
const STEP = 5;

/**
 * Temperatures for all uses of one oven, as few as their tolerances allow: each change of heat costs minutes and keeps dishes apart.
 * The fewest points that meet all intervals are found from the lowest upper end on; within a group the written temperature of most stands, where all bear it.
 * @example sharedHeats([{ id: 'a', celsius: 200, toleranceC: 15 }, { id: 'b', celsius: 190, toleranceC: 0 }]) // both 190
 */
export function sharedHeats(wishes: readonly OvenWish[]): ReadonlyMap<string, number> {
  const heats = new Map<string, number>();
  const open = [...wishes].sort((a, b) => a.celsius + a.toleranceC - (b.celsius + b.toleranceC));
  while (open.length > 0) {
    const [first] = open;
    if (!first) break;
    const top = first.celsius + first.toleranceC;
    const group = open.filter(({ celsius, toleranceC }) => celsius - toleranceC <= top);
    const low = Math.max(...group.map(({ celsius, toleranceC }) => celsius - toleranceC));
    const high = Math.min(...group.map(({ celsius, toleranceC }) => celsius + toleranceC));
    const heat = heatWithin(group, low, high);
    for (const wish of group) {
      heats.set(wish.id, heat);
      open.splice(open.indexOf(wish), 1);
    }
  }
  return heats;
}

function heatWithin(group: readonly OvenWish[], low: number, high: number): number {
  const votes = new Map<number, number>();
  for (const { celsius } of group)
    if (celsius >= low && celsius <= high) votes.set(celsius, (votes.get(celsius) ?? 0) + 1);
  const [most] = [...votes].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
  if (most) return most[0];
  const middle = Math.round((low + high) / 2 / STEP) * STEP;
  return Math.min(high, Math.max(low, middle));
}

/** Minutes to go from one temperature of an oven to another. */
export const ovenChange = (from: number, to: number, oven: Pick<Oven, 'upMinutes' | 'downMinutes'> = {}): number =>
  to >= from
    ? Math.ceil(((to - from) / 10) * (oven.upMinutes ?? OVEN_UP_MINUTES))
    : Math.ceil(((from - to) / 10) * (oven.downMinutes ?? OVEN_DOWN_MINUTES));
