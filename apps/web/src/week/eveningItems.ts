import { addDays, dayAt, momentAt } from '@kestrel-ridge/core/quantity';
import { isEatenCold, staysCrisp } from '@kestrel-ridge/core/recipe';
import { aheadKey, type Ahead } from '@kestrel-ridge/core/session';
import { reheatOne } from '@kestrel-ridge/core/storage';
import { EVENING_CLOCK } from '@kestrel-ridge/core/week';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';
import { stripsOf, type ComponentStrip } from '@kestrel-ridge/core/view';
import { thawsOf } from '@kestrel-ridge/core/view';

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
export function eveningItems(
  view: KitchenView,
  ahead: readonly Ahead[],
  now: number,
  strips: readonly ComponentStrip[] = stripsOf(view, {}, now),
): readonly EveningItem[] {
  return [...thaws(view, strips, now), ...leads(view, ahead, now)].sort(
    (a, b) => a.at - b.at || a.what.localeCompare(b.what),
  );
}

/** Frozen boxes that meals of these days will be eaten from. */
const thaws = (view: KitchenView, strips: readonly ComponentStrip[], now: number): readonly EveningItem[] =>
  strips.flatMap((item) =>
    thawsOf(view, item, now).map(({ lot, at, box, portions, day, meal, tooLate }): EveningItem => ({
      key: `thaw ${lot}`,
      at,
      what: `${item.name} out of the ${box.place.name} into the fridge`,
      detail: `${portions} ${portions === 1 ? 'portion' : 'portions'} for ${dayName(day)} ${meal}`,
      lot: box,
      cautions: tooLate ? (['thawed at once'] as const) : [],
      ...(tooLate
        ? {
            late: `Too late for the fridge: ${fromFrozen(view, box, portions)}thaw it in cold water, changed every 30 min, or in the microwave, and heat it at once.`,
          }
        : {}),
    })),
  );

/** What heating it straight from the freezer takes, where it is warmed at all: often sooner than waiting. */
function fromFrozen(view: KitchenView, box: ShelfLot, portions: number): string {
  const recipe = view.recipes.find(({ document }) => document.component.id === box.food.id)?.document;
  if (!recipe || isEatenCold(recipe)) return '';
  const { minutes, where } = reheatOne(
    {
      food: box.food.id,
      name: box.food.name,
      kind: recipe.component.kind,
      grams: portions * Number(box.state.portionG ?? box.onHand.valueOf()),
      frozen: true,
      crisp: staysCrisp(recipe),
    },
    view.kitchen.equipment,
  );
  return `heat it from frozen, about ${minutes} min ${where === 'hob' ? 'on the hob' : `in the ${where}`}; or `;
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
