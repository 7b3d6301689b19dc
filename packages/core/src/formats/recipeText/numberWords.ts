const ONES: readonly string[] = [
  ...['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  ...['thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'],
];
const TENS: readonly string[] = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const one = String.raw`(?:${ONES.slice(1).join('|')})`;
const below = String.raw`(?:(?:${TENS.join('|')})(?:[ -]${one})?|${one})`;
/** "Two hundred and fifty grams", "eighty grams", "a hundred mil" */
const WORDS = new RegExp(
  String.raw`\b((?:(an?|${one}) hundred(?: (?:and )?(${below}))?)|(${below})) (grams?|g|mls?|mil(?:s|lilit(?:re|er)s?)?)\b`,
  'gi',
);

const valueOf = (words: string): number =>
  words
    .toLowerCase()
    .split(/[ -]/)
    .reduce(
      (sum, word) =>
        sum +
        Math.max(0, ONES.indexOf(word)) +
        Math.max(0, 10 * (TENS.indexOf(word) + 2) * (TENS.includes(word) ? 1 : 0)),
      0,
    );

/**
 * Weights and volumes that are told in words, in digits: what is spoken is read as what is written.
 * @example inDigits('two hundred and fifty grams of flour, a hundred mil of oil') // "250 grams of flour, 100 ml of oil"
 */
export const inDigits = (text: string): string =>
  text.replace(
    WORDS,
    (
      _,
      __: string,
      hundreds: string | undefined,
      more: string | undefined,
      alone: string | undefined,
      unit: string,
    ) => {
      const rest = more ?? alone;
      const hundred = hundreds === undefined ? 0 : 100 * (/^an?$/i.test(hundreds) ? 1 : valueOf(hundreds));
      return `${hundred + (rest === undefined ? 0 : valueOf(rest))} ${/^mil/i.test(unit) ? 'ml' : unit}`;
    },
  );
