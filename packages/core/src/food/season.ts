/** Months in which a food is fresh and cheap in the temperate north, 1 January … 12 December. From memory. */
const SEASONS: Readonly<Record<string, readonly [from: number, to: number]>> = {
  leek: [9, 4],
  celeriac: [9, 3],
  parsnip: [10, 3],
  swede: [10, 3],
  kohlrabi: [5, 10],
  kale: [10, 3],
  cabbage: [8, 3],
  carrot: [6, 11],
  beetroot: [7, 3],
  apple: [8, 3],
  pumpkin: [9, 12],
  squash: [9, 12],
  spinach: [4, 6],
  tomato: [7, 9],
  courgette: [6, 9],
  'runner beans': [7, 9],
};

/**
 * Is a food at its best in a month? Undefined where nothing is known of it.
 * @example inSeason('leek', 1) // => true
 */
export function inSeason(name: string, month: number): boolean | undefined {
  const season = SEASONS[name];
  if (!season) return undefined;
  const [from, to] = season;
  return from <= to ? month >= from && month <= to : month >= from || month <= to;
}
