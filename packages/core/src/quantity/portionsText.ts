import { counted } from './counted.ts';

/**
 * Portions as they are said, to a tenth.
 * @example portionsText(2.46) // => '2.5 portions'
 */
export const portionsText = (portions: number): string => counted(portions, 'portion');
