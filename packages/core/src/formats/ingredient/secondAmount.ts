import type { Food } from '../../food/index.ts';
import { Fraction, inBase, type Amount, type Quantity, type UnitSystem } from '../../quantity/index.ts';
import { readAmount, type Doubt, type ReadAmount } from './readAmount.ts';

/** An amount by weight or volume, somewhere in a line. */
export const WEIGHED = /(?<![\d.,/-])(\d+(?:[.,]\d+)?)\s*(kg|g|ml|l|oz|lbs?)\b(?!\s*(?:\/|per)\b)/i;

/** What is weighed twice comes to the same within a tenth part. Common practice, no published source. */
const SAME = 0.1;

/** Is the amount in these words the line's own, or the same in other units? */
export function usesAmountOf(amount: Amount, words: string, also: Quantity | undefined, system: UnitSystem): boolean {
  if (also !== undefined) return true;
  if (amount.kind === 'pack') {
    // How much of a tin is left once it is drained is reckoned from what it holds.
    if (amount.holds === undefined) return /each/i.test(words);
    if (/\bdrained\b/i.test(words)) return true;
    const [held] = WEIGHED.exec(words) ?? [''];
    const other = readAmount(held, system).amount;
    if (other.kind !== amount.holds.kind) return true;
    const [one, two] = [inBase(amount.holds).valueOf(), inBase(other).valueOf()];
    const all = one * amount.packs.valueOf();
    return [one, all].some((known) => Math.abs(known - two) <= SAME * known);
  }
  if (amount.kind !== 'mass' && amount.kind !== 'volume') return false;
  // A weight beside a volume says the same of the same food; of two weights one is of something else, unless they agree.
  const [said] = WEIGHED.exec(words) ?? [''];
  const second = readAmount(said, system).amount;
  if (second.kind !== amount.kind) return true;
  const [one, other] = [inBase(amount).valueOf(), inBase(second).valueOf()];
  return Math.abs(one - other) <= SAME * one;
}

/** A count and a weight: which of them is how much it is? */
export function whichAmount(line: string, food: Food, words: string): Doubt {
  const [, n = '', unit = ''] = WEIGHED.exec(words) ?? [];
  const counted = line.replace(/\s*\([^)]*\)/g, '').split(/\s*[,;(]/)[0] ?? line;
  return {
    about: 'amount',
    question: `“${words}”: is that how much ${food.name} it is?`,
    choices: [
      { label: `${n} ${unit}`, line: `${n} ${unit} ${food.name}` },
      { label: counted, line: counted },
    ],
  };
}

/** "2 cups flour (250 g)": the same by weight, in brackets behind the food. */
export const massIn = (bracketed: readonly string[], system: UnitSystem): Quantity | undefined =>
  bracketed
    .filter((part) =>
      /^(?:about |approx\.? |ca\.? |~)?(?:\d+ )?\d+(?:[.,/]\d+)?\s*(?:k?g|grams?|kilos?|oz|ounces?|lbs?|pounds?)\.?$/i.test(
        part,
      ),
    )
    .flatMap((part) => {
      const { amount } = readAmount(part, system);
      return amount.kind === 'mass' ? [amount] : [];
    })[0];

/** "As needed (about 3 cups in all)": how much that is stands in the brackets. */
export const aboutIn = (bracketed: readonly string[], system: UnitSystem): Quantity | undefined =>
  bracketed
    .flatMap(
      (part) =>
        /^(?:about|approx\.?|ca\.?|around|roughly|~)\s*(\d.*?)(?: (?:in (?:all|total)|total|altogether))?$/i.exec(
          part,
        )?.[1] ?? [],
    )
    .flatMap((part) => {
      const { amount, rest } = readAmount(part, system);
      return rest === '' && (amount.kind === 'mass' || amount.kind === 'volume') ? [amount] : [];
    })[0];

/** So many of a vegetable nobody counts. Common practice, no published source. */
const COUNTED_UP_TO = 60;
/** "100 onion", without a unit: grams, most likely, but nobody said so. */
export function manyBare(line: string, food: Food, amount: Amount): Doubt | undefined {
  const n =
    amount.kind === 'count' && amount.each.compare(COUNTED_UP_TO) >= 0
      ? amount.each.toFraction(true)
      : amount.kind === 'to taste'
        ? /^\p{L}+ (\d{2,4})$/u.exec(line)?.[1]
        : undefined;
  // Seven heads of garlic are seventy cloves, and nobody wrote so.
  if (n === undefined || !new RegExp(`\\b${n}\\b`).test(line) || /\bpieces?\b/i.test(line)) return undefined;
  return {
    about: 'unit',
    question: `${n} ${food.name}: grams, or so many of them?`,
    choices: [
      { label: `${n} g`, line: line.replace(n, `${n} g`) },
      { label: `${n} pieces`, line: line.replace(n, `${n} pieces`) },
    ],
  };
}

/** A liquid that is kept of what a line soaked in goes into the dish, and is no part of the line. */
export const liquidDoubt = (line: string, liquid: string | undefined): Doubt => ({
  about: 'amount',
  question: liquid
    ? `“${liquid}” is kept and goes in, too: it needs a line of its own. Here it is left out.`
    : 'Liquid is kept and goes in, too: how much needs a line of its own. Here it is left out.',
  choices: [{ label: 'left out here', line: line.split(/\s*[,(]\s*/)[0] ?? line }],
});

/** "…, plus 2 tablespoons for brushing", "…, and 1 tsp extra": more of the same, behind what it is of. */
const MORE =
  /(?:,|\s)\s*\(?(?:plus|and|\+)\s+(?=(?:an?\b|\d|half\b|another\b))([^,;()]+)\)?$|,\s*\(?(?=\d[^,;()]*\b(?:more|extra)\b)([^,;()]+)\)?$/i;

/** A line's amount with what more of it is said behind; `lost`: the words of more that cannot be added, as it is measured otherwise; `besides`: of something more, and nobody has looked of what. */
export function withMore(
  { amount, rest }: ReadAmount,
  system: UnitSystem,
): Pick<ReadAmount, 'amount' | 'rest'> & { readonly lost?: string; readonly besides?: string } {
  const said = MORE.exec(rest);
  const words = said?.[1] ?? said?.[2];
  if (!said || !words) return { amount, rest };
  const more = readAmount(words.replace(/^another\s+/i, ''), system);
  // Water for soaking is poured off, and no more of the same.
  const same =
    /^(?:extra|more|reserved|(?:extra |more )?(?:for|to)\b.*)?$/i.test(more.rest) &&
    !/\b(?:soak|blanch|rins)\w*\s*$/i.test(more.rest);
  // "(or water + 2 cubes)" is another way.
  const other = /\((?:or|alternatively)\b[^)]*$/i.test(rest.slice(0, said.index));
  if (!same) return { amount, rest, ...(other ? {} : { besides: said[0] }) };
  const together = summed(amount, more.amount);
  return together ? { amount: together, rest: rest.slice(0, said.index) } : { amount, rest, lost: said[0] };
}

/** Both together; undefined: they are not measured alike. */
const summed = (amount: Amount, more: Amount): Quantity | undefined =>
  amount.kind === 'mass' && more.kind === 'mass'
    ? { kind: 'mass', g: amount.g.add(more.g) }
    : amount.kind === 'volume' && more.kind === 'volume'
      ? { kind: 'volume', mL: amount.mL.add(more.mL) }
      : amount.kind === 'count' && more.kind === 'count'
        ? { kind: 'count', each: amount.each.add(more.each) }
        : undefined;

/** How many times the first amount both together are: the same grows what was said of the first in other units. */
export function grownBy(first: Amount, together: Amount): Fraction {
  if (first.kind !== 'volume' || together.kind !== 'volume') return new Fraction(1);
  return together.mL.div(first.mL);
}

/** "100 g flour, plus 2 tbsp for dusting": nobody adds these up. */
export function moreDoubt(line: string, lost: string): Doubt {
  const words = lost.replace(/^[,\s(]+|\)$/g, '');
  const without = line.replace(lost, '').trim();
  return {
    about: 'amount',
    question: `“${words}”: write all of it in one measure, or leave it out.`,
    choices: [{ label: `only ${without}`, line: without }],
  };
}
