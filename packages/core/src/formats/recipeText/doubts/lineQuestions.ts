import { Fraction, WRITTEN_IN, times } from '../../../quantity/index.ts';
import { amountWords } from '../../ingredient/amountWords.ts';
import type { Doubt } from '../../ingredient/readAmount.ts';
import type { IngredientLine } from '../../ingredient/readIngredientLine.ts';

/** What is asked of a line once the whole text is known: the list and the method say different things of it, or it is for each. */

/** The method says another amount than the list. */
export const moreOrSame = (written: string, listed: string, where = 'in the method'): Doubt => ({
  about: 'amount',
  question: `“${written}” stands ${where}, ${listed} in the list. Is it more of it?`,
  choices: [
    { label: `yes, besides the ${listed}`, line: written },
    { label: `no, it is the ${listed}`, line: '' },
  ],
});

/** A pot of water of which a later step takes a part. */
export const partOfWater = (written: string, kept: string): Doubt => ({
  about: 'amount',
  question: `“${written}”, and later ${kept} of it: how much goes into the dish?`,
  choices: [
    { label: `${kept}, the rest is poured off`, line: `${kept} water` },
    { label: 'all of it', line: written },
  ],
});

/** The liquid of cans, some of which are drained. */
export const cansDoubt = (either: readonly number[]): Doubt => ({
  about: 'amount',
  question: 'Cans are drained, and their liquid is told of: how much of it goes in?',
  choices: [
    ...either.map((mL, n) => ({
      label: `${mL} mL, ${n === 0 && either.length > 1 ? 'of one can' : 'all of it'}`,
      line: `${mL} ml water`,
    })),
    { label: 'none of it', line: '' },
  ],
});

/** A pot of water that is drained. */
export const allPouredOff = (written: string): Doubt => ({
  about: 'amount',
  question: `“${written}”, and it is drained later: does that water go into the dish?`,
  choices: [
    { label: 'no, it is poured off: leave it out', line: '' },
    { label: 'yes, all of it', line: written },
  ],
});

/** An amount in a step that belongs to no line. */
export const inMethodAlone = (written: string): Doubt => ({
  about: 'amount',
  question: `“${written}” stands in the method, and nothing here counts it. Is it one more ingredient?`,
  // That it is left out can be said of every line.
  choices: [{ label: 'yes, count it', line: written }],
});

/** "Per bowl: 80 g soba": so much of it for each. */
export const EACH_OF_THEM = /^(?:per|for each|each|in each)\b/i;
/** Where nobody says for how many. */
const EATERS = [2, 4, 6];
/** How much that is of all of them. */
export function eachDoubt({ text, amount }: IngredientLine, portions: number | undefined): Doubt | undefined {
  if (amount.kind !== 'mass' && amount.kind !== 'volume' && amount.kind !== 'count') return undefined;
  const rest = text
    .replace(new RegExp(`^${WRITTEN_IN}`, 'i'), '')
    .replace(/^\d[\d.,/ ]*/, '')
    .trim();
  const said = amountWords(amount);
  return {
    about: 'amount',
    question: `“${text}” is for each: how much is it in all?`,
    choices: [
      ...(portions === undefined ? EATERS : [portions]).map((n) => {
        const all = amountWords(times(amount, new Fraction(n)));
        return { label: `${n} times, ${all}`, line: `${all} ${rest}` };
      }),
      { label: `${said} in all`, line: text },
    ],
  };
}
