import { Fraction } from '../quantity/index.ts';

/** A pack that can be bought: what it holds in the food's base unit, and what it costs. */
export interface Pack {
  readonly amount: Fraction;
  readonly minor: number;
}

export interface PackChoice {
  readonly packs: readonly { readonly pack: Pack; readonly count: number }[];
  readonly minor: number;
  readonly amount: Fraction;
  readonly left: Fraction;
}

/** What a unit of what is left over is worth, in minor units, and how much of it would be eaten. */
export interface Leftover {
  readonly perUnit: Fraction;
  readonly upTo: Fraction;
}
const WORTHLESS: Leftover = { perUnit: new Fraction(0), upTo: new Fraction(0) };

/** More of one pack than this is not tried: whoever needs it buys in bulk. */
const MOST_OF_ONE = 60;

/**
 * Whole packs that cover a need for the least money; among equals the least is left over. What is left may be worth something: so
 * much a unit, up to so much of it.
 * Source of the check values: published prices of packs of 400 g at 1.99 and 1 kg at 4.49; computed.
 */
export function choosePacks(
  need: Fraction,
  packs: readonly Pack[],
  leftover: Leftover = WORTHLESS,
): PackChoice | undefined {
  const usable = packs.filter((pack) => pack.amount.compare(0) > 0);
  if (usable.length === 0) return undefined;
  // The dearest by the unit last: a good bound is found early.
  const sorted = [...usable].sort((a, b) =>
    new Fraction(a.minor).div(a.amount).compare(new Fraction(b.minor).div(b.amount)),
  );
  const cheapest = sorted[0];
  const unit = cheapest ? new Fraction(cheapest.minor).div(cheapest.amount) : new Fraction(0);
  let best: PackChoice | undefined;
  let bestScore = new Fraction(0);
  const counts: number[] = [];

  const tryFrom = (at: number, open: Fraction, minor: number): void => {
    if (open.compare(0) <= 0 || at === sorted.length) {
      if (open.compare(0) > 0) return;
      const left = open.neg();
      const score = new Fraction(minor).sub(
        (left.compare(leftover.upTo) < 0 ? left : leftover.upTo).mul(leftover.perUnit),
      );
      const order = best ? score.compare(bestScore) : -1;
      if (order > 0 || (best && order === 0 && left.compare(best.left) >= 0)) return;
      bestScore = score;
      best = {
        packs: sorted.flatMap((pack, n) => (counts[n] ? [{ pack, count: counts[n] }] : [])),
        minor,
        amount: need.add(left),
        left,
      };
      return;
    }
    // Even at the best unit price the rest costs so much: no better than what is known.
    if (best && leftover.perUnit.equals(0) && open.mul(unit).add(minor).compare(bestScore) > 0) return;
    const pack = sorted[at];
    if (!pack) return;
    const most = Math.min(MOST_OF_ONE, Math.ceil(open.div(pack.amount).valueOf() - 1e-12));
    for (let count = most; count >= 0; count--) {
      counts[at] = count;
      tryFrom(at + 1, open.sub(pack.amount.mul(count)), minor + pack.minor * count);
    }
    counts[at] = 0;
  };
  tryFrom(0, need, 0);
  return best;
}
