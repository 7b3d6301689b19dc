import { WRITTEN_IN, plainSigns, writtenAs, type Written } from '../../quantity/index.ts';

const KEPT =
  /\b(?:reserv\w*|keep(?:ing)?|sav(?:e|ing)|set(?:ting)? aside|catch(?:ing)?)\b(?!\s+warm)[^.;]{0,40}?\b(?:liquid|(?:its|their) water|cooking water|soaking water|pasta water|bean water|broth|stock)\b/i;
const AMOUNT = new RegExp(WRITTEN_IN, 'i');

/** Where such a liquid goes in again. */
export const USES_LIQUID =
  /\b(?:reserved|kept|saved|the)\s+(?:cooking |soaking |pasta |bean )?(?:liquid|water|broth)\b|\bsome of the liquid\b/i;

/**
 * Liquid that a step keeps for later: how much, where it says so.
 * @example keptLiquidIn('Drain, reserving 1 cup of the cooking water') // { amount: { n: '1', unit: 'cup' } }
 */
export function keptLiquidIn(text: string): { readonly amount?: Written } | undefined {
  const plain = plainSigns(text);
  const kept = KEPT.exec(plain);
  if (!kept) return undefined;
  const [, n, word] = AMOUNT.exec(kept[0]) ?? [];
  const amount = writtenAs(n, word);
  return amount ? { amount } : {};
}
