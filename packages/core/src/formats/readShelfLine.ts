import type { Food } from '../food/index.ts';
import { Fraction, isMeasureName, type MeasureName } from '../quantity/index.ts';

export interface PlaceName {
  readonly id: string;
  readonly name: string;
}

/** What a line about the shelf was understood as. Parts that were not found are missing, never guessed. */
export interface ShelfLine {
  readonly food?: Food;
  readonly place?: PlaceName;
  readonly amount?: { readonly n: string; readonly unit: MeasureName };
  readonly priceMinor?: number;
  /** Words that nothing was made of. */
  readonly rest: string;
}

const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
};
const UNIT_WORDS: Readonly<Record<string, MeasureName>> = {
  gram: 'g',
  grams: 'g',
  kilo: 'kg',
  kilos: 'kg',
  kgs: 'kg',
  ml: 'mL',
  l: 'L',
  litre: 'L',
  litres: 'L',
  liter: 'L',
  cups: 'cup',
  tablespoon: 'tbsp',
  tablespoons: 'tbsp',
  teaspoon: 'tsp',
  teaspoons: 'tsp',
  ounce: 'oz',
  ounces: 'oz',
  pound: 'lb',
  pounds: 'lb',
  piece: 'each',
  pieces: 'each',
};

/**
 * Reads a line such as `500 g millet cupboard 2.40`: an amount, a food, a place and a price, in any order.
 * A number with a unit is an amount; a bare number with two decimals is a price; another bare number is a count.
 */
export function readShelfLine(
  text: string,
  foods: readonly Food[],
  places: readonly PlaceName[],
  minorDigits = 2,
): ShelfLine {
  let rest = ` ${text
    .toLowerCase()
    .replace(/[½¼¾⅓⅔⅛]/g, (glyph) => ` ${GLYPHS[glyph] ?? ''}`)
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/\s+/g, ' ')
    .trim()} `;
  const takeWords = <T>(found: readonly { readonly words: string; readonly is: T }[]): T | undefined => {
    const hit = [...found]
      .sort((a, b) => b.words.length - a.words.length)
      .find(({ words }) => rest.includes(` ${words} `) || rest.includes(` ${words},`));
    if (!hit) return undefined;
    rest = rest.replace(new RegExp(` ${hit.words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?=[ ,])`), ' ');
    return hit.is;
  };

  const food = takeWords(
    foods.flatMap((f) => [f.name, ...(f.facts.names ?? [])].map((words) => ({ words: words.toLowerCase(), is: f }))),
  );
  const place = takeWords(places.map((p) => ({ words: p.name.toLowerCase(), is: p })));

  let amount: ShelfLine['amount'];
  const measured = /(?<= )(\d+ \d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?) ?([a-z]+)(?=[ ,])/.exec(rest);
  if (measured?.[1] && measured[2]) {
    const word = measured[2];
    const unit = UNIT_WORDS[word] ?? (isMeasureName(word) ? word : undefined);
    if (unit) {
      amount = { n: new Fraction(measured[1]).toFraction(), unit };
      rest = rest.replace(measured[0], ' ');
    }
  }
  let priceMinor: number | undefined;
  const price = new RegExp(
    minorDigits > 0 ? `(?<= )(\\d+\\.\\d{${minorDigits}})(?=[ ,])` : '(?<= )(\\d{2,})(?=[ ,])',
  ).exec(rest);
  if (price?.[1]) {
    priceMinor = Math.round(Number(price[1]) * 10 ** minorDigits);
    rest = rest.replace(price[0], ' ');
  }
  const bare = amount ? undefined : /(?<= )(\d+ \d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?)(?=[ ,])/.exec(rest);
  if (bare?.[1]) {
    amount = { n: new Fraction(bare[1]).toFraction(), unit: 'each' };
    rest = rest.replace(bare[0], ' ');
  }
  return {
    ...(food ? { food } : {}),
    ...(place ? { place } : {}),
    ...(amount ? { amount } : {}),
    ...(priceMinor === undefined ? {} : { priceMinor }),
    rest: rest.replace(/[\s,]+/g, ' ').trim(),
  };
}
