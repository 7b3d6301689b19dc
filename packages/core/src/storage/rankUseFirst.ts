import type { Food } from '../food/index.ts';
import { Fraction, daysBetween, ofBase, show, type Day, counted } from '../quantity/index.ts';
import type { DatedLot } from '../stock/index.ts';

export interface FirstReason {
  /** "turning": its last day is near; "opened": the pack is open; "oldest": it has been there longest; "too much": more than is planned in its time; "blocks": it fills a bin. */
  readonly kind: 'past' | 'turning' | 'opened' | 'oldest' | 'too much' | 'blocks';
  readonly words: string;
}

export interface UseFirst {
  readonly lot: DatedLot;
  readonly food: Food;
  readonly reasons: readonly FirstReason[];
  /** The larger, the sooner. */
  readonly rank: number;
}

const SOON_DAYS = 4;
const OPENED_LONG_DAYS = 21;
const OLD_DAYS = 45;
/** What keeps longer than this is a stock, not too much. */
const FRESH_DAYS = 14;
/** A freezer lot of so many grams takes the room of a box bin. Common practice, no published source. */
const BIN_G = 2000;

/**
 * What should be used first, the most pressing before the rest, each with its reasons in words. `goesBy` tells how much of a food is planned to go by a day, in its base
 * unit; undefined where nothing is planned.
 */
export function rankUseFirst(
  lots: readonly { readonly lot: DatedLot; readonly food: Food }[],
  today: Day,
  goesBy: (food: string, until: Day) => Fraction | undefined,
): readonly UseFirst[] {
  return lots
    .flatMap(({ lot, food }): UseFirst[] => {
      const reasons = reasonsFor(lot, food, today, goesBy);
      const rank = reasons.reduce((sum, { kind }) => sum + WEIGHT[kind], 0) - nearness(lot, today);
      return reasons.length > 0 ? [{ lot, food, reasons, rank }] : [];
    })
    .sort((a, b) => b.rank - a.rank || a.food.name.localeCompare(b.food.name));
}

const WEIGHT: Readonly<Record<FirstReason['kind'], number>> = {
  past: 100,
  turning: 60,
  'too much': 25,
  opened: 20,
  blocks: 12,
  oldest: 8,
};

/** Days to its end, up to three weeks: the nearer goes first. */
const nearness = (lot: DatedLot, today: Day): number =>
  lot.keepsUntil ? Math.max(0, Math.min(21, daysBetween(today, lot.keepsUntil))) / 2 : 11;

function reasonsFor(
  lot: DatedLot,
  food: Food,
  today: Day,
  goesBy: Parameters<typeof rankUseFirst>[2],
): readonly FirstReason[] {
  const reasons: FirstReason[] = [];
  const left = lot.keepsUntil === undefined ? undefined : daysBetween(today, lot.keepsUntil);
  const said = (amount: Fraction) => show(ofBase(food.facts.base, amount));
  if (left !== undefined && left < 0)
    reasons.push({ kind: 'past', words: left === -1 ? 'its day was yesterday' : `its day was ${-left} days ago` });
  // A box is made to be eaten within days: only its last day presses.
  else if (left !== undefined && left <= (food.facts.kind === 'component' ? 0 : SOON_DAYS))
    reasons.push({
      kind: 'turning',
      words:
        left > 0
          ? `${counted(left, 'day')} left`
          : lot.keepsHours === undefined
            ? 'today is its last day'
            : `outside the fridge: ${counted(lot.keepsHours, 'hour')} at most`,
    });
  const { openedOn, boughtOn, frozenOn } = lot.dates;
  if (openedOn && daysBetween(openedOn, today) >= OPENED_LONG_DAYS)
    reasons.push({ kind: 'opened', words: `open for ${counted(daysBetween(openedOn, today), 'day')}` });
  const goes =
    lot.keepsUntil && left !== undefined && left >= 0 && left <= FRESH_DAYS
      ? goesBy(food.id, lot.keepsUntil)
      : undefined;
  if (goes && lot.onHand.compare(goes) > 0)
    reasons.push({ kind: 'too much', words: `${said(lot.onHand.sub(goes))} more than is planned in its time` });
  if (lot.placeKind === 'freezer' && food.facts.base === 'g' && lot.onHand.compare(BIN_G) >= 0)
    reasons.push({ kind: 'blocks', words: 'fills a freezer bin' });
  const since = frozenOn ?? boughtOn;
  if (since && lot.placeKind !== 'cupboard' && daysBetween(since, today) >= OLD_DAYS)
    reasons.push({ kind: 'oldest', words: `there for ${counted(daysBetween(since, today), 'day')}` });
  return reasons;
}
