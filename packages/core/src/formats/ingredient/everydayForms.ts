const NUMBER = String.raw`(?:\d+\s+)?\d+(?:[.,/]\d+)?`;
const MEASURE = String.raw`(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|tins?|cans?|packs?)`;

/** Each form that cooks write, and the same as it is read here. The order counts. */
const FORMS: readonly (readonly [said: RegExp, usual: (...found: string[]) => string])[] = [
  // "1 c. millet", "1 t. salt", "1 T. oil"
  [new RegExp(String.raw`^(${NUMBER})\s*c\.\s+`), (_, n = '') => `${n} cup `],
  [new RegExp(String.raw`^(${NUMBER})\s*t\.\s+`), (_, n = '') => `${n} tsp `],
  [new RegExp(String.raw`^(${NUMBER})\s*T\.\s+`), (_, n = '') => `${n} tbsp `],
  // "1 dl water", "5 cl oil"
  [new RegExp(String.raw`^(${NUMBER})\s*dl\b\.?`, 'i'), (_, n = '') => `${tens(n, 100)} mL`],
  [new RegExp(String.raw`^(${NUMBER})\s*cl\b\.?`, 'i'), (_, n = '') => `${tens(n, 10)} mL`],
  // "a scant cup of millet", "1 generous tsp salt": the measure, and how it is filled behind.
  [
    new RegExp(
      String.raw`^(?:(an?|${NUMBER})\s+)?(scant|generous)\s+(cups?|tbsp|tsp|tablespoons?|teaspoons?)\s+(?:of\s+)?(.+)$`,
      'i',
    ),
    (_, n = '', how = '', measure = '', food = '') => `${/\d/.test(n) ? n : '1'} ${measure} ${food}, ${how}`,
  ],
  // "400g/14oz tin": the same twice, in two systems.
  [
    new RegExp(String.raw`^(${NUMBER}\s*(?:kg|g|ml|l))\s*/\s*${NUMBER}\s*(?:oz|lbs?|fl\.? ?oz|pints?)\b\.?`, 'i'),
    (_, metric = '') => metric,
  ],
  // "400 g tin chickpeas" is one of them.
  [
    new RegExp(String.raw`^(\d+(?:[.,]\d+)?\s*(?:g|kg|ml|l))\s+(tins?|cans?|jars?)\s+`, 'i'),
    (_, size = '', pack = '') => `1 x ${size} ${pack} `,
  ],
  // "2 big leeks (about 600 g)": what is weighed counts.
  [
    new RegExp(
      String.raw`^(${NUMBER}\s+(?:\p{L}+\s+)?)(\p{L}[\p{L} -]*?)\s*\((?:about|around|approx\.?|ca\.?|roughly|total(?:ling)?|~)?\s*(${NUMBER}\s*(?:g|kg))(?:\s+(?:in all|in total|altogether))?\)(.*)$`,
      'iu',
    ),
    (_, n = '', food = '', weight = '', rest = '') =>
      /\b(?:tin|can|jar|pack|packet|block|box|bag|x|cup|tbsp|tsp|tablespoon|teaspoon|g|kg|ml|l|oz|lb|pint)s?\b/i.test(
        `${n}${food}`,
      ) || /^\s*each/i.test(rest)
        ? _
        : `${weight} ${food}${rest}, ${n.trim()}`,
  ],
  // "tofu: 200 g", "leeks - 3", "garlic x4"
  [
    new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s*[:–-]\s*(${NUMBER}\s*${MEASURE}?)\s*$`, 'iu'),
    (_, food = '', n = '') => `${n} ${food}`,
  ],
  [new RegExp(String.raw`^(\p{L}[\p{L} -]*?)\s*[x×]\s*(\d+)\s*$`, 'iu'), (_, food = '', n = '') => `${n} ${food}`],
  // "a chunk of ginger", "1 inch ginger": nobody knows how much that is.
  [
    /^(?:an?|\d+)?\s*(?:chunks?|lumps?|inch(?:es)?|thumbs?)(?:\s+of)?\s+(.+)$/i,
    (all, food = '') => `some ${food}, ${all.slice(0, all.length - food.length).trim()}`,
  ],
];

const tens = (n: string, factor: number): string => {
  const value = Number(n.replace(',', '.'));
  return Number.isFinite(value) ? `${Math.round(value * factor * 1000) / 1000}` : n;
};

/**
 * A line in one of the forms that cooks use and that say the same as a usual one.
 * @example asUsual('garlic x4') // "4 garlic"
 * @example asUsual('2 big leeks (about 600 g)') // "600 g leeks, 2 big"
 */
export const asUsual = (line: string): string =>
  FORMS.reduce((text, [said, usual]) => {
    const found = said.exec(text);
    return found ? `${usual(...found.map((each) => each ?? ''))}${text.slice(found[0].length)}` : text;
  }, line);
