import { fixed } from '@kestrel-ridge/core/quantity';

/** Fewer minutes are no difference to a cook. */
const LEAST_MINUTES = 5;
/** Fewer minor units are none at the till. */
const LEAST_MINOR = 20;
/** So many differences are told. */
const TOLD = 3;

/** What would be otherwise, each in its own measure; below zero: less of it. */
export interface Differences {
  /** Minutes. */
  readonly hands: number;
  /** Minor units. */
  readonly cost: number;
  readonly short: number;
  readonly waste: number;
  readonly repeats: number;
  readonly points: number;
}
const more = (n: number): string => (n > 0 ? 'more' : 'less');
const countedMore = (difference: number, one: string, many: string): string => {
  const n = Math.abs(Math.round(difference));
  return `${n} ${difference > 0 ? 'more' : 'fewer'} ${n === 1 ? one : many}`;
};

/**
 * What changes most where a dish is left out.
 * @example withoutWords({ hands: 12, cost: -210, … }, inWords) // "without it: 12 min more of hands, 2.10 € less at the till, 3.1 points worse"
 */
export function withoutWords(
  { hands, cost, short, waste, repeats, points }: Differences,
  inWords: { readonly minutes: (n: number) => string; readonly money: (minor: number) => string },
): string {
  const parts = [
    ...(Math.abs(hands) >= LEAST_MINUTES ? [`${inWords.minutes(Math.abs(hands))} ${more(hands)} of hands`] : []),
    ...(Math.abs(cost) >= LEAST_MINOR
      ? [`${inWords.money(Math.round(Math.abs(cost)))} ${more(cost)} at the till`]
      : []),
    ...(Math.abs(short) >= 1 ? [countedMore(short, 'portion missing', 'portions missing')] : []),
    ...(Math.abs(waste) >= 1 ? [countedMore(waste, 'portion left or wasted', 'portions left or wasted')] : []),
    ...(Math.abs(repeats) >= 1 ? [countedMore(repeats, 'time the same again', 'times the same again')] : []),
  ];
  if (parts.length === 0 && Math.abs(points) < 1) return 'without it: as good';
  const better = `${fixed(Math.abs(points), 1)} points ${points > 0 ? 'worse' : 'better'}`;
  return `without it: ${[...parts.slice(0, TOLD), better].join(', ')}`;
}
