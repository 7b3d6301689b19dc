import type { Food } from '../../food/index.ts';
import { Fraction, WRITTEN_IN, plainSigns, quantityOf, inBase, writtenAs, type Written } from '../../quantity/index.ts';
import type { Share } from '../../recipe/index.ts';
import { findFood, indexFoods } from '../ingredient/findFood.ts';
import { idOfStep } from './stepIds.ts';

const WHOLE = new Fraction(1);
const PARTS: readonly (readonly [words: RegExp, part: Fraction])[] = [
  [/\b(?:two thirds)(?: of)?(?: the)?\s*$/i, new Fraction(2, 3)],
  [/\b(?:three quarters)(?: of)?(?: the)?\s*$/i, new Fraction(3, 4)],
  [/\b(?:a |one )?half(?: of)?(?: the)?\s*$/i, new Fraction(1, 2)],
  [/\b(?:a |one )third(?: of)?(?: the)?\s*$/i, new Fraction(1, 3)],
  [/\b(?:a |one )quarter(?: of)?(?: the)?\s*$/i, new Fraction(1, 4)],
];
const REST = /\b(?:the rest(?: of)?|remaining|the other half(?: of)?|what is left of)(?: the)?\s*$/i;
/** "With 3 tbsp oil" of the four that are listed. */
const AMOUNT = new RegExp(String.raw`${WRITTEN_IN}(?: of)?(?: the)?\s*$`, 'i');

/** These tell of which kind a food is, and name none: "dried" stands with beans and with figs. */
const KINDS =
  /^(?:red|white|black|green|brown|yellow|dried|dry|fresh|canned|tinned|frozen|ground|whole|sweet|plain|smoked|cooked|raw|hot|sour|young|light|dark|large|small|and|with|the|for|of|in)$/i;

/** Where a food is named in a text, by any of its names or by the chief word of one; -1 where it is not. */
export function namedAt(text: string, food: Food): number {
  const words = [food.name, ...(food.facts.names ?? [])]
    .flatMap((name) => [name, ...name.split(' ')])
    .filter((word) => word.length > 2 && !KINDS.test(word));
  const places = words.flatMap((word) => {
    const at = new RegExp(`\\b${word.replace(/e?s$/, '').replace(/[^\p{L}\d -]/gu, '.')}(?:e?s)?\\b`, 'iu').exec(
      text,
    )?.index;
    return at === undefined ? [] : [at];
  });
  return places.length === 0 ? -1 : Math.min(...places);
}

function partAt(text: string, at: number, amount: Written): Fraction | 'rest' | undefined {
  const before = text.slice(0, at);
  if (REST.test(before)) return 'rest';
  const part = PARTS.find(([words]) => words.test(before))?.[1];
  if (part) return part;
  const [, n, word] = AMOUNT.exec(before) ?? [];
  const said = writtenAs(n, word);
  if (!said) return undefined;
  const [some, whole] = [quantityOf(said), quantityOf(amount)];
  if (some.kind !== whole.kind) return undefined;
  const share = inBase(some).div(inBase(whole));
  return share.compare(0) > 0 && share.compare(1) < 0 ? share : undefined;
}

/**
 * Into which steps a line goes, by shares: wholly into the first that names it, unless a step says "half", "a third", "3 tbsp of it", and a later one takes the rest.
 * Shares make one. Where the rest is never named, it goes in with the first.
 * @example sharesIn(['Fry in half the oil', 'Add the rest of the oil'], oil, { n: '4', unit: 'tbsp' }) // 1/2 into step 1, 1/2 into step 2
 */
export function sharesIn(said: readonly string[], food: Food, amount: Written): readonly Share[] {
  const index = indexFoods([food]);
  const all = said.flatMap((text, n) => {
    const plain = plainSigns(text);
    const found = findFood(plain, index);
    const at = namedAt(plain, food);
    return at >= 0 || (found && !('near' in found))
      ? [{ n, part: at < 0 ? undefined : partAt(plain, at, amount) }]
      : [];
  });
  const [first] = all;
  if (!first) return [{ step: idOfStep(1), share: '1' }];
  const parts = all.filter(({ part }) => part !== undefined && part !== 'rest');
  const taken = parts.reduce((sum, { part }) => (part instanceof Fraction ? sum.add(part) : sum), new Fraction(0));
  const rest =
    all.find(({ part }) => part === 'rest') ?? all.find(({ n, part }) => part === undefined && n > (parts[0]?.n ?? 0));
  if (parts.length === 0 || !rest || taken.compare(WHOLE) >= 0) return [{ step: idOfStep(first.n + 1), share: '1' }];
  return [
    ...parts.map(({ n, part }) => ({
      step: idOfStep(n + 1),
      share: part instanceof Fraction ? part.toFraction() : '0',
    })),
    { step: idOfStep(rest.n + 1), share: WHOLE.sub(taken).toFraction() },
  ];
}
