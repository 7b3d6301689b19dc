import type { Oven } from './appliances.ts';

/** A rack of an oven, counted from the top; the top one is 1. */
export type RackNumber = number;

/** More no oven of a small kitchen has. */
export const MOST_RACKS = 6;

/** What a rack is called beside so many others. @example rackName(3, 3) // "bottom" */
export function rackName(rack: RackNumber, racks: number): string {
  if (racks === 1) return 'only';
  if (rack === 1) return 'top';
  if (rack === racks) return 'bottom';
  return racks === 3 ? 'middle' : `${rack}${ORDINAL_END[rack] ?? 'th'}`;
}
const ORDINAL_END: Readonly<Partial<Record<number, string>>> = { 2: 'nd', 3: 'rd' };

/** How long things take on a rack, against the same oven as a whole; 1 where nobody has found otherwise. */
export const rackTimes = ({ rackTimes: times }: Pick<Oven, 'rackTimes'>, rack: RackNumber): number =>
  times?.[rack - 1] ?? 1;

/**
 * Its racks in the order in which they are filled: what bakes as the oven as a whole does first, then nearest to the middle, then from the top.
 * Common practice, no published source.
 * @example racksBestFirst({ racks: 3 }) // [2, 1, 3]
 */
export function racksBestFirst(oven: Pick<Oven, 'racks' | 'rackTimes'>): readonly RackNumber[] {
  const off = (rack: RackNumber): number => Math.abs(Math.log(rackTimes(oven, rack)));
  const fromMiddle = (rack: RackNumber): number => Math.abs(rack - (oven.racks + 1) / 2);
  return Array.from({ length: oven.racks }, (_, n) => n + 1).sort(
    (a, b) => off(a) - off(b) || fromMiddle(a) - fromMiddle(b) || a - b,
  );
}

/** What so many trays take in an oven of their own, times what the oven as a whole takes: the slowest of their racks. */
export const slowestRack = (oven: Pick<Oven, 'racks' | 'rackTimes'>, trays: number): number =>
  Math.max(
    ...racksBestFirst(oven)
      .slice(0, Math.max(1, trays))
      .map((rack) => rackTimes(oven, rack)),
  );
