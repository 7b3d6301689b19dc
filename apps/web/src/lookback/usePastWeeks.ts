import { addDays } from '@kestrel-ridge/core/quantity';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { usePastQuery } from '../api/api.ts';

/** So far back a dish is told of, days. */
const BEHIND = 55;

/** What happened in the eight weeks up to today; undefined while nobody knows, or where it is not asked for. */
export const usePastWeeks = (view: KitchenView, asked = true) => usePastQuery(pastWeeksOf(view), { skip: !asked }).data;

/** Those weeks, as they are asked for. */
export const pastWeeksOf = ({ kitchen, today }: Pick<KitchenView, 'kitchen' | 'today'>) => ({
  kitchen: kitchen.id,
  from: addDays(today, -BEHIND),
  until: today,
});
