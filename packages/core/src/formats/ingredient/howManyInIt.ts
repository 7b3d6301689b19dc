import type { Food } from '../../food/index.ts';
import { plainSigns, readNumber, type Amount } from '../../quantity/index.ts';
import type { Doubt } from './readAmount.ts';

const N = String.raw`(?:an?|one|half an?|\d[\d./ ]*)`;
/** A loaf is no slice, and how heavy it is nobody says, g. Common practice, no published source. */
const LOAF = new RegExp(String.raw`^${N} ?(?:\p{L}+ )?loa(?:f|ves)\b(?: of)? `, 'iu');
const LOAVES_G = [400, 500, 800];
/** Several are in it. Common practice, no published source. */
const SEVERAL = new RegExp(
  String.raw`^${N} ?(?:\p{L}+ )?(nets?|vines?|truss(?:es)?|trays?|crates?|sacks?|trugs?)\b(?: of)? `,
  'iu',
);
const IN_IT = [4, 6, 10];
/** A part of something large. Common practice, no published source. */
const PART = new RegExp(String.raw`^${N} ?(?:\p{L}+ )?(wedges?|chunks?|slices?)\b(?: of)? `, 'iu');
const LARGE_G = 300;
const PARTS = ['1/8', '1/4', '1/2'];

/**
 * A loaf, a net or a wedge is not one piece of what is counted by the piece: how much it is, is asked.
 * @example howManyInIt('1 net onions', onion, count(1))?.question // '“net”: how much onion is that?'
 */
export function howManyInIt(text: string, { name, facts }: Food, amount: Amount): Doubt | undefined {
  const grams = facts.gramsEach?.value;
  if (amount.kind !== 'count' || grams === undefined) return undefined;
  const plain = plainSigns(text);
  const many = readNumber(plain)?.value.valueOf() ?? 1;
  const ask = (what: string, lines: readonly string[]): Doubt => ({
    about: 'amount',
    question: `“${what}”: how much ${name} is that?`,
    choices: lines.map((line) => ({ label: line, line: `${line} ${name}` })),
  });
  if (LOAF.test(plain) && grams < Math.min(...LOAVES_G))
    return ask(
      'loaf',
      LOAVES_G.map((g) => `${g * many} g`),
    );
  const several = SEVERAL.exec(plain)?.[1];
  if (several)
    return ask(
      several,
      IN_IT.map((n) => `${n * many}`),
    );
  const part = PART.exec(plain)?.[1];
  return part && grams >= LARGE_G ? ask(part, many === 1 ? PARTS : ['1/4', '1/2', '1']) : undefined;
}
