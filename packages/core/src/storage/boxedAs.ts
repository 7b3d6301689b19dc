import { splitMoney } from '../cost/index.ts';
import { Fraction, done, refused, type Outcome } from '../quantity/index.ts';

/** A cooked batch on its way into boxes: whole portions a box, and grams that are set aside for other dishes. */
export interface Boxing {
  /** Grams in a portion as reckoned. */
  readonly portionG: number;
  /** What all of it weighs; undefined: nobody weighed it. */
  readonly yieldG?: number;
  readonly portions: readonly number[];
  readonly asideG: readonly Fraction[];
  /** Minor units that its ingredients cost. */
  readonly usedMinor: number;
}

export interface BoxedAs {
  /** Whole grams. */
  readonly portionG: Fraction;
  /** Of each box, and then of each that is set aside. */
  readonly lots: readonly { readonly grams: Fraction; readonly minor: number }[];
  /** Portions in all, also of what is set aside, to a tenth. */
  readonly portions: number;
}

/**
 * What was weighed is shared out over the portions, less what is set aside; what was not is as it was reckoned. The cost is shared by weight, to the last unit.
 * @example boxedAs({ portionG: 150, yieldG: 2400, portions: [8, 8], asideG: [], usedMinor: 300 })
 */
export function boxedAs({
  portionG,
  yieldG,
  portions,
  asideG,
  usedMinor,
}: Boxing): Outcome<BoxedAs, { readonly code: 'more aside than there is' }> {
  const zero = new Fraction(0);
  const aside = asideG.reduce((sum, grams) => sum.add(grams), zero);
  const boxes = portions.reduce((sum, n) => sum + n, 0);
  const each = yieldG === undefined ? portionG : (yieldG - aside.valueOf()) / Math.max(1, boxes);
  if (each < 0) return refused({ code: 'more aside than there is' });
  const whole = new Fraction(Math.round(each) || 1);
  const grams = [...portions.map((n) => whole.mul(n)), ...asideG];
  const shares = splitMoney(usedMinor, grams);
  return done({
    portionG: whole,
    lots: grams.map((weight, n) => ({ grams: weight, minor: shares[n] ?? 0 })),
    portions: boxes + Math.round((10 * aside.valueOf()) / whole.valueOf()) / 10,
  });
}
