import { dayAt, daysBetween, localMoment, type Moment } from '../quantity/index.ts';
import { takeOuts, type TakeOut } from '../week/index.ts';
import { frozenThrough, timesOfBox } from './frozenThrough.ts';
import { lotsOf, type KitchenView, type ShelfLot } from './kitchenView.ts';
import { DAYS, type ComponentStrip } from './stripsOf.ts';

export interface Thaw extends TakeOut {
  readonly box: ShelfLot;
  readonly portions: number;
}

/** Which frozen boxes of a component come out for its meals, and on which evening; the first to be used up first. */
export function thawsOf(
  view: KitchenView,
  { food, strip, portionG }: Pick<ComponentStrip, 'food' | 'strip' | 'portionG'>,
  now: Moment,
): readonly Thaw[] {
  const { zone } = view.kitchen.equipment;
  if (!strip.meals.some(({ thawed }) => thawed > 0)) return [];
  const frozen = lotsOf(view, food.id)
    .filter((lot) => lot.place.kind === 'freezer')
    .sort((a, b) => (a.until?.value ?? '9').localeCompare(b.until?.value ?? '9'));
  const boxes = frozen.map((lot) => ({
    lot: lot.state.id,
    grams: lot.onHand.valueOf(),
    aheadHours: timesOfBox(view, lot.state.box).aheadHours,
    ...(lot.state.dates.frozenOn ? { earliest: frozenThrough(view, lot.state.dates.frozenOn, lot.state.box) } : {}),
  }));
  return takeOuts(strip, boxes, view.week.slots, zone, now).flatMap((out): Thaw[] => {
    const box = frozen.find(({ state }) => state.id === out.lot);
    return box ? [{ ...out, box, portions: Math.round((out.grams / portionG) * 10) / 10 }] : [];
  });
}

/** Where a moment stands within the seven days of a strip, 0 to 1. */
export function shareOfWeek({ today, kitchen }: KitchenView, ms: Moment): number {
  const { zone } = kitchen.equipment;
  const [hours = 0, minutes = 0] = localMoment(ms, zone).slice(11).split(':').map(Number);
  const days = daysBetween(today, dayAt(new Date(ms), zone)) + (hours + minutes / 60) / 24;
  return Math.min(1, Math.max(0, days / DAYS));
}
