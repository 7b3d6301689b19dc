import { momentAt, type Day, HOUR_MS, MINUTE_MS, type Moment } from '../quantity/index.ts';
import { blockTimes, type BlockTimes } from '../storage/index.ts';
import { EVENING_CLOCK } from '../week/index.ts';
import type { KitchenView, ShelfLot } from './kitchenView.ts';

/** What a kind of box takes to freeze and to thaw in this kitchen: the one figure of every screen. Of an unknown box: a usual depth. */
export const timesOfBox = ({ kitchen }: Pick<KitchenView, 'kitchen'>, box: string | null): BlockTimes =>
  blockTimes(kitchen.equipment.boxes.find(({ name }) => name === box)?.depthCm);

/** When a box that went into the freezer on a day is frozen through at the latest, ms: put in that evening, and its longest freezing time. */
export const frozenThrough = (view: Pick<KitchenView, 'kitchen'>, frozenOn: Day, box: string | null): number =>
  momentAt(frozenOn, EVENING_CLOCK, view.kitchen.equipment.zone) + timesOfBox(view, box).freezes.most * MINUTE_MS;

/** When such a box can be eaten at the earliest: frozen through, then thawed in the fridge; ms. */
export const thawedAfter = (view: Pick<KitchenView, 'kitchen'>, frozenOn: Day, box: string | null): number =>
  frozenThrough(view, frozenOn, box) + timesOfBox(view, box).aheadHours * HOUR_MS;

/** When a box of the freezer can be eaten at the earliest, if it is taken out as soon as it may be; ms. */
export const readyFrom = (view: Pick<KitchenView, 'kitchen'>, { state }: ShelfLot, now: Moment): Moment =>
  Math.max(
    now + timesOfBox(view, state.box).aheadHours * HOUR_MS,
    state.dates.frozenOn ? thawedAfter(view, state.dates.frozenOn, state.box) : -Infinity,
  );
