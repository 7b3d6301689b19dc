const ONES: readonly string[] = [
  ...['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  ...['thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'],
];
const TENS: readonly string[] = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const one = String.raw`(?:${ONES.slice(1).join('|')})`;
const below = String.raw`(?:(?:${TENS.join('|')})(?:[ -]${one})?|${one})`;
/** "Two hundred and fifty grams", "eighty grams", "a hundred mil" */
const WORDS = new RegExp(
  String.raw`\b((?:(an?|${one}) hundred(?: (?:and )?(${below}))?)|(${below})) (grams?|g|mls?|mil(?:s|lilit(?:re|er)s?)?|lit(?:re|er)s?|kilos?|cups|tablespoons|teaspoons|pints)\b`,
  'gi',
);

const worth = (word: string): number =>
  TENS.includes(word) ? 10 * (TENS.indexOf(word) + 2) : Math.max(0, ONES.indexOf(word));
const valueOf = (words: string): number =>
  words
    .toLowerCase()
    .split(/[ -]/)
    .reduce((sum, word) => sum + worth(word), 0);

/** What few are of one of these is read in words, too: a sentence that begins with a digit would be taken for no sentence. */
const SPOKEN = /^(?:l|k|cups|t|p)/i;
const WITHIN = /[\p{L},;(]\s$/u;

/**
 * Weights and volumes that are told in words, in digits: what is spoken is read as what is written.
 * @example inDigits('two hundred and fifty grams of flour, a hundred mil of oil') // "250 grams of flour, 100 ml of oil"
 */
export const inDigits = (text: string): string =>
  text.replace(WORDS, (all, _: string, ...[hundreds, more, alone, unit = '', at]: Found) => {
    if (SPOKEN.test(unit) && !WITHIN.test(text.slice(0, at))) return all;
    const rest = more ?? alone;
    const hundred = hundreds === undefined ? 0 : 100 * (/^an?$/i.test(hundreds) ? 1 : valueOf(hundreds));
    return `${hundred + (rest === undefined ? 0 : valueOf(rest))} ${/^mil/i.test(unit) ? 'ml' : unit}`;
  });

type Word = string | undefined;
type Found = [hundreds: Word, more: Word, alone: Word, unit: Word, at: number, ...rest: unknown[]];
