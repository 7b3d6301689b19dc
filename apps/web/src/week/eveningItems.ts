import { addDays, dayAt, momentAt } from '@kestrel-ridge/core/quantity';
import { aheadKey, type Ahead } from '@kestrel-ridge/core/session';
import { blockTimes } from '@kestrel-ridge/core/storage';
import { EVENING_CLOCK, takeOuts } from '@kestrel-ridge/core/week';
import type { KitchenView, ShelfLot } from '../app/useKitchenState.ts';
import { dayName } from '../parts/times.ts';
import { stripsOf } from './stripsOf.ts';

/** Something to do ahead of a meal or a session: take a box out, soak, press, let it set. */
export interface EveningItem {
  readonly key: string;
  /** ms since 1970 */
  readonly at: number;
  readonly what: string;
  readonly detail: string;
  /** The box that is moved to the fridge. */
  readonly lot?: ShelfLot;
  /** It is too late for the fridge. */
  readonly late?: string;
  readonly cautions: Ahead['cautions'];
}

const HOUR = 3_600_000;

/** All that has to be done on the evenings of the next days, the first first. */
export function eveningItems(view: KitchenView, ahead: readonly Ahead[], now: number): readonly EveningItem[] {
  return [...thaws(view, now), ...leads(view, ahead, now)].sort((a, b) => a.at - b.at || a.what.localeCompare(b.what));
}

/** Frozen boxes that meals of these days will be eaten from. */
function thaws(view: KitchenView, now: number): readonly EveningItem[] {
  const { zone, boxes: kinds } = view.kitchen.equipment;
  return stripsOf(view, {}, now).flatMap(({ food, name, strip, portionG }) => {
    const frozen = view.lots
      .filter((lot) => lot.food.id === food.id && lot.place.kind === 'freezer')
      .sort((a, b) => (a.until?.value ?? '9').localeCompare(b.until?.value ?? '9'));
    const boxes = frozen.map((lot) => ({
      lot: lot.state.id,
      grams: lot.onHand.valueOf(),
      aheadHours: blockTimes(kinds.find((kind) => kind.name === lot.state.box)?.depthCm).aheadHours,
    }));
    return takeOuts(strip, boxes, view.week.slots, zone, now).flatMap((out): EveningItem[] => {
      const lot = frozen.find(({ state }) => state.id === out.lot);
      if (!lot) return [];
      const portions = Math.round((out.grams / portionG) * 10) / 10;
      return [
        {
          key: `thaw ${out.lot}`,
          at: out.at,
          what: `${name} out of the ${lot.place.name} into the fridge`,
          detail: `${portions} ${portions === 1 ? 'portion' : 'portions'} for ${dayName(out.day)} ${out.meal}`,
          lot,
          cautions: [],
          ...(out.tooLate
            ? {
                late: 'Too late for the fridge: thaw it in cold water, changed every 30 min, or in the microwave, and eat it at once.',
              }
            : {}),
        },
      ];
    });
  });
}

/** Soaking, pressing, setting: on an evening within their window where there is one, in the middle of it otherwise. */
function leads(view: KitchenView, ahead: readonly Ahead[], now: number): readonly EveningItem[] {
  const { session } = view;
  if (session?.status !== 'planned') return [];
  const { zone } = view.kitchen.equipment;
  const start = Date.parse(session.startsAt);
  const begun = session.wishes.begun ?? [];
  return (
    ahead
      // What has begun already is nobody's evening any more.
      .filter((each) => !begun.includes(aheadKey(each)))
      .map((each): EveningItem => {
        const first = start - each.mostHours * HOUR;
        const last = start - each.leastHours * HOUR;
        const evening = [0, -1, -2]
          .map((back) => momentAt(addDays(dayAt(new Date(start), zone), back), EVENING_CLOCK, zone))
          .find((at) => at >= first && at <= last);
        return {
          key: `ahead ${each.batch} ${each.name}`,
          at: Math.max(evening ?? (first + last) / 2, Math.min(now, last)),
          what: each.name,
          detail: `${each.goesIn.map((into) => `${into.amount} ${into.food}`).join(', ')}, for ${each.dish}; ${each.leastHours} to ${each.mostHours} h before ${session.name}${each.mostHours > 12 ? ', in the fridge past 12 hours' : ''}`,
          cautions: each.cautions,
          ...(now > last ? { late: `Too late: it should have begun ${each.leastHours} h before.` } : {}),
        };
      })
  );
}
