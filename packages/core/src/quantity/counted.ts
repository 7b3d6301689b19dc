import { shortest } from './inFigures.ts';

/** "box": "boxes", "dish": "dishes"; all the other words of a kitchen take an s. */
const severalOf = (one: string): string => (/(?:s|x|ch|sh)$/.test(one) ? `${one}es` : `${one}s`);

/**
 * So many of something, to a tenth, with its word as the number asks for it. `many`: what is said of several, where that is not the word with an s.
 * @example counted(1, 'dish') // => '1 dish'
 * @example counted(3, 'tap is', 'taps are') // => '3 taps are'
 */
export function counted(n: number, one: string, many = severalOf(one)): string {
  const tenths = Math.round(n * 10) / 10;
  return `${shortest(tenths, 1)} ${tenths === 1 ? one : many}`;
}
