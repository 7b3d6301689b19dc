import type { MeasureName, Written } from './measures.ts';
import { readNumber } from './readNumber.ts';

/** How measures are called in running text, and what they are called here. */
const CALLED: Readonly<Record<string, MeasureName>> = {
  kg: 'kg',
  g: 'g',
  ml: 'mL',
  l: 'L',
  litre: 'L',
  litres: 'L',
  liter: 'L',
  liters: 'L',
  cup: 'cup',
  cups: 'cup',
  tbsp: 'tbsp',
  tablespoon: 'tbsp',
  tablespoons: 'tbsp',
  tsp: 'tsp',
  teaspoon: 'tsp',
  teaspoons: 'tsp',
};

/** A number and a measure in running text, plain signs, for a pattern: two groups, the number and the word. */
export const WRITTEN_IN = String.raw`(\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)\s*(${Object.keys(CALLED)
  .sort((a, b) => b.length - a.length)
  .join('|')})\b`;

/** The two groups of such a pattern as an amount; undefined where they are none. @example writtenAs('1 1/2', 'cups') // { n: '1 1/2', unit: 'cup' } */
export function writtenAs(n: string | undefined, word: string | undefined): Written | undefined {
  const number = n === undefined ? undefined : readNumber(n);
  const unit = word === undefined ? undefined : CALLED[word.toLowerCase()];
  return number && unit ? { n: number.value.toFraction(true), unit } : undefined;
}
