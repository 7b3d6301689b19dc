import { Fraction, type Because } from '../quantity/index.ts';
import type { Taken } from '../stock/index.ts';
import { usedPart } from './costOf.ts';
import { moneyText, roundOnce } from './money.ts';

/** What was bought of a food in some weeks, and what of it was thrown away, in its base unit. */
export interface BoughtAndThrown {
  readonly purchases: number;
  readonly bought: number;
  readonly thrown: number;
}

/** Below so many purchases nothing is claimed. */
const CLAIMED_FROM = 3;
/** What a kitchen of which nothing is known throws away of what it buys, and how many purchases that weighs as much as. Common practice, no published source. */
const BOOK = { share: 0.03, weighs: 1 } as const;
/** More than that is no share of what is eaten, but food that nobody here eats. */
const MOST = 0.95;

/**
 * The share of what is bought of a food that is thrown away here, drawn to the book's while there are few purchases; undefined below three of them.
 * @example wasteShare({ purchases: 5, bought: 2500, thrown: 500 }) // (5 × 0.2 + 1 × 0.03) / 6 = 0.1717
 */
export function wasteShare({ purchases, bought, thrown }: BoughtAndThrown): number | undefined {
  if (purchases < CLAIMED_FROM || bought <= 0) return undefined;
  const seen = Math.min(1, thrown / bought);
  return Math.min(MOST, (purchases * seen + BOOK.weighs * BOOK.share) / (purchases + BOOK.weighs));
}

export interface LikelyCost {
  /** Minor units of what is used, with what of the same packs goes to waste here, rounded once. */
  readonly minor: number;
  readonly because: Because;
}

/**
 * What a batch costs with the part of its packs that goes to waste. Where a share w of what is bought is thrown away, each gram that is eaten bears w ÷ (1 − w) that is not; no more than the
 * whole pack, which is what was paid. At its two ends: nothing thrown away is what was used; all of the rest thrown away is what was paid.
 * Undefined where nothing is claimed of any of it.
 */
export function likelyCost(
  taken: readonly Taken[],
  shareOf: (food: string) => number | undefined,
  nameOf: (food: string) => string,
  currency: string,
): LikelyCost | undefined {
  const byLot = new Map<string, { readonly used: Fraction; readonly till: number; readonly food: string }>();
  for (const each of taken) {
    const part = usedPart(each);
    if (!part || !each.lot.priced) continue;
    const { id, food, priced } = each.lot;
    byLot.set(id, { used: (byLot.get(id)?.used ?? new Fraction(0)).add(part), till: priced.minor, food });
  }
  let sum = 0;
  const wasted = new Map<string, { readonly share: number; readonly minor: number }>();
  for (const { used, till, food } of byLot.values()) {
    const share = shareOf(food);
    const all =
      share === undefined ? used.valueOf() : Math.max(used.valueOf(), Math.min(till, used.valueOf() / (1 - share)));
    sum += all;
    if (share !== undefined) wasted.set(food, { share, minor: (wasted.get(food)?.minor ?? 0) + all - used.valueOf() });
  }
  if (wasted.size === 0) return undefined;
  const minor = roundOnce(new Fraction(Math.round(sum * 1e6), 1e6));
  return {
    minor,
    because: {
      rule: 'what is used, and what of the same packs was thrown away here in four weeks',
      figure: moneyText(minor, currency),
      parts: [...wasted]
        .filter(([, { minor: part }]) => part >= 0.5)
        .sort(([, a], [, b]) => b.minor - a.minor)
        .map(([food, { share, minor: part }]) => ({
          rule: `${nameOf(food)}: ${Math.round(share * 100)} % of what is bought goes to waste`,
          figure: moneyText(Math.round(part), currency),
        })),
    },
  };
}
