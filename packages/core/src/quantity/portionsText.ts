/**
 * Portions as they are said, to a tenth.
 * @example portionsText(2.46) // => '2.5 portions'
 */
export function portionsText(portions: number): string {
  const tenths = Math.round(portions * 10) / 10;
  return `${tenths} ${tenths === 1 ? 'portion' : 'portions'}`;
}
