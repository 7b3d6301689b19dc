import { shortest } from './inFigures.ts';

/**
 * Portions as they are said, to a tenth.
 * @example portionsText(2.46) // => '2.5 portions'
 */
export function portionsText(portions: number): string {
  const tenths = Math.round(portions * 10) / 10;
  return `${shortest(tenths, 1)} ${tenths === 1 ? 'portion' : 'portions'}`;
}
