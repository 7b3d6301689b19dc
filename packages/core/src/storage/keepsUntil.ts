import type { Food, PlaceKind } from '../food/index.ts';
import { addDays, daysBetween, earlier, type Day, type Reasoned } from '../quantity/index.ts';
import type { LotDates } from '../stock/index.ts';

/**
 * The last day a lot keeps, or undefined when nothing is known. Days are calendar dates, and the day it was made, bought or opened is day 1,
 * so "3 days" from a Sunday end on Tuesday. Freezing stops the clock; thawing goes on with what was left, and never more than 3 days; no thawing and freezing again outlasts the freezer's days.
 * Source: FDA Food Code 2022, 3-501.17 (day of preparation is day 1); USDA FSIS (after thawing).
 */
export function keepsUntil(food: Food, place: PlaceKind, dates: LotDates): Reasoned<Day> | undefined {
  const found: Reasoned<Day>[] = [];
  const keeps = food.facts.keeps?.[place];
  const counted = (from: Day, days: number, rule: string, source?: string): Reasoned<Day> => ({
    value: addDays(from, days - 1),
    because: {
      rule: `${rule}; that day is day 1`,
      figure: `${days} ${days === 1 ? 'day' : 'days'} from ${from}`,
      ...(source ? { source } : {}),
    },
  });

  if (dates.useBy) found.push({ value: dates.useBy, because: { rule: 'use by, on the pack', figure: dates.useBy } });
  if (dates.bestBefore)
    found.push({ value: dates.bestBefore, because: { rule: 'best before, on the pack', figure: dates.bestBefore } });

  if (dates.thawedOn && place !== 'freezer') {
    const fridge = food.facts.keeps?.fridge;
    if (fridge) {
      const spent = dates.madeOn && dates.frozenOn ? daysBetween(dates.madeOn, dates.frozenOn) + 1 : 0;
      const left = Math.max(1, fridge.value - spent);
      found.push(
        counted(
          dates.thawedOn,
          Math.min(left, 3),
          'thawed: what was left when it was frozen, 3 days at most',
          fridge.source,
        ),
      );
      // Frozen and thawed again and again, it does not keep without end: the freezer's days count from the first time.
      const freezer = food.facts.keeps?.freezer;
      if (freezer && dates.frozenOn)
        found.push(
          counted(
            dates.frozenOn,
            freezer.value + Math.min(left, 3),
            'its days in the freezer, and those after',
            freezer.source,
          ),
        );
    }
  } else if (place === 'freezer') {
    const from = dates.frozenOn ?? dates.madeOn ?? dates.boughtOn;
    if (keeps && from) found.push(counted(from, keeps.value, 'in the freezer, for quality', keeps.source));
  } else {
    const from = dates.openedOn ?? dates.madeOn ?? dates.boughtOn;
    // A pack that is still shut goes by its printed date; once opened, the days count as well.
    const printed = dates.bestBefore ?? dates.useBy;
    if (keeps && from && (!printed || dates.openedOn || dates.madeOn))
      found.push(counted(from, keeps.value, `keeps in the ${place}`, keeps.source));
  }

  return found.reduce<Reasoned<Day> | undefined>(
    (first, next) => (first === undefined || earlier(next.value, first.value) !== first.value ? next : first),
    undefined,
  );
}
