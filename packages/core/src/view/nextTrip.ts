import { DAYS_A_WEEK, addDays, dayAt, weekday, type Day } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { missingOf } from './missingOf.ts';

/** The day on which everything is bought next: today, if it is its day; undefined where things are bought when they are needed. */
export function nextTrip({ kitchen, today }: Pick<KitchenView, 'kitchen' | 'today'>): Day | undefined {
  const { tripOn } = kitchen.equipment;
  return tripOn === undefined ? undefined : addDays(today, (tripOn - weekday(today) + DAYS_A_WEEK) % DAYS_A_WEEK);
}

/** What planned sessions before the next trip ask for and is not there: nobody can bring it in time. Session and food of each. */
export function missingBeforeTrip(view: KitchenView): readonly string[] {
  const trip = nextTrip(view);
  if (trip === undefined) return [];
  const { zone } = view.kitchen.equipment;
  const early = view.week.sessions.filter(
    ({ status, startsAt }) => status === 'planned' && dayAt(new Date(startsAt), zone) < trip,
  );
  return early.flatMap(({ id }) => missingOf(view, id).map(({ food }) => `${id} ${food.id}`));
}
