import { plainSigns, remembered } from '../../../quantity/index.ts';

/** The words and signs of a text, numbers all alike: "Simmer 20 min." is "simmer", "#", "min", ".". */
export const wordsIn = remembered(
  (text: string): readonly string[] =>
    plainSigns(text)
      .toLowerCase()
      .replace(/\d+(?:[.,/]\d+)?/g, '#')
      .match(/\p{L}+|[#°.;,(]/gu) ?? [],
);

/**
 * Each word of a text, and each pair of words side by side; "^" stands before the first.
 * @example wordSigns('Simmer 20') // ["simmer", "^ simmer", "#", "simmer #"]
 */
export const wordSigns = remembered((text: string): readonly string[] => {
  const signs = new Set<string>();
  let last = '^';
  for (const word of wordsIn(text)) {
    if (/[\p{L}#°]/u.test(word)) signs.add(word);
    signs.add(`${last} ${word}`);
    last = word;
  }
  return [...signs];
});
