import { Fraction } from './fraction.ts';
import { remembered } from './remembered.ts';

const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const WORDS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  'twenty-five': '25',
  thirty: '30',
  forty: '40',
  'forty-five': '45',
  fifty: '50',
  sixty: '60',
  dozen: '12',
  'a dozen': '12',
  'half a dozen': '6',
  half: '1/2',
  'half a': '1/2',
  'half an': '1/2',
  'a half': '1/2',
  'one half': '1/2',
  'a quarter': '1/4',
  'a third': '1/3',
  'half of a': '1/2',
  'quarter of a': '1/4',
  'a quarter of a': '1/4',
  'quarter of an': '1/4',
  'a quarter of an': '1/4',
  'third of a': '1/3',
  'a third of a': '1/3',
  'two thirds of a': '2/3',
  'two thirds': '2/3',
  'three quarters of a': '3/4',
  'three quarters': '3/4',
  quarter: '1/4',
  'one and a half': '3/2',
  'two and a half': '5/2',
  'a couple of': '2',
  couple: '2',
};
const WORD_PATTERN = Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');

/** A number at the start of a text, and what follows it. */
export interface ReadNumber {
  readonly value: Fraction;
  /** As it stood there. */
  readonly text: string;
  readonly rest: string;
}

const MIXED = /^(\d+)\s+(?:(?:and|&)\s+)?(\d+)\/([1-9]\d*)/i;
const FRACTION = /^(\d+)\/([1-9]\d*)/;
const DECIMAL = /^\d+(?:[.,]\d+)?/;
/** Of these a kitchen never has a thousand. */
const LARGE_UNIT = /^\s*(?:kg|kilos?|kilograms?|l|lit(?:re|er)s?|lbs?|pounds?)\b/i;
const NAMED = new RegExp(`^(${WORD_PATTERN})(?=\\s|$)`, 'i');

/** Writes one-glyph fractions, typed dashes and thin spaces in plain signs: `1½` becomes `1 1/2`. */
export const plainSigns = remembered((text: string): string =>
  text
    .replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g, (glyph) => ` ${GLYPHS[glyph] ?? glyph}`)
    .replace(/⁄|∕/g, '/')
    .replace(/[–—−]/g, '-')
    // Signs that look like a degree.
    .replace(/(?<=\d ?)[º˚](?=\s?[CF]\b|\s|$)/g, '°')
    .replace(/℃/g, '°C')
    .replace(/℉/g, '°F')
    .replace(/[\u00a0\u2009\u202f\s]+/g, ' ')
    .trim(),
);

/**
 * A number as people write it: `1 1/2`, `3/4`, `0,5`, `2.25`, `half a`, `a dozen`. A comma before one or two digits is a decimal
 * comma; before three it parts thousands, but not of kilograms and litres.
 * @example readNumber('1 1/2 cups')?.value.toFraction() // => '3/2'
 */
export function readNumber(text: string): ReadNumber | undefined {
  const made = (value: Fraction, length: number): ReadNumber => ({
    value,
    text: text.slice(0, length),
    rest: text.slice(length).trimStart(),
  });
  const mixed = MIXED.exec(text);
  if (mixed) return made(new Fraction(`${mixed[2]}/${mixed[3]}`).add(new Fraction(mixed[1] ?? 0)), mixed[0].length);
  const fraction = FRACTION.exec(text);
  if (fraction) return made(new Fraction(fraction[0]), fraction[0].length);
  const decimal = DECIMAL.exec(text);
  if (decimal) {
    // "0.120 kg" and "2.000 L" come from a scale: nobody here weighs two tonnes.
    const thousands = /^[1-9]\d{0,2}(?:[.,]\d{3})+(?!\d)/.exec(text);
    if (thousands && !LARGE_UNIT.test(text.slice(thousands[0].length)))
      return made(new Fraction(thousands[0].replace(/[.,]/g, '')), thousands[0].length);
    return made(new Fraction(decimal[0].replace(',', '.')), decimal[0].length);
  }
  const named = NAMED.exec(text);
  return named ? made(new Fraction(WORDS[named[1]?.toLowerCase() ?? ''] ?? 1), named[0].length) : undefined;
}
