import type { Moment } from '@kestrel-ridge/core/quantity';
import { portionsText } from '@kestrel-ridge/core/quantity';
import { isEatenCold, staysCrisp } from '@kestrel-ridge/core/recipe';
import type { Ahead } from '@kestrel-ridge/core/session';
import { reheatOne } from '@kestrel-ridge/core/storage';
import {
  leadsOf,
  stripsOf,
  thawsOf,
  type ComponentStrip,
  type KitchenView,
  type Lead,
  type ShelfLot,
} from '@kestrel-ridge/core/view';
import type { CalendarEvent } from '../parts/calendarFile.ts';
import { clockAt, dayClockAt, dayName } from '../parts/times.ts';

/** Something to do ahead of a meal or a session: take a box out, soak, press, let it set. */
export interface EveningItem {
  readonly key: string;
  /** ms since 1970 */
  readonly at: Moment;
  readonly what: string;
  readonly detail: string;
  /** The box that is moved to the fridge. */
  readonly lot?: ShelfLot;
  /** The step ahead that can be said to have begun. */
  readonly lead?: Lead;
  /** It is too late: for the fridge, or for its session. */
  readonly late?: string;
  readonly cautions: Ahead['cautions'];
}

/** All that has to be done on the evenings of the next days, the first first. */
export function eveningItems(
  view: KitchenView,
  now: Moment,
  strips: readonly ComponentStrip[] = stripsOf(view, {}, now),
): readonly EveningItem[] {
  return [...thaws(view, strips, now), ...leadsOf(view, now).map((lead) => leadItem(view, lead))].sort(
    (a, b) => a.at - b.at || a.what.localeCompare(b.what),
  );
}
/** Frozen boxes that meals of these days will be eaten from. */
const thaws = (view: KitchenView, strips: readonly ComponentStrip[], now: Moment): readonly EveningItem[] =>
  strips.flatMap((item) =>
    thawsOf(view, item, now).map(({ lot, at, box, portions, day, meal, tooLate }): EveningItem => ({
      key: `thaw ${lot}`,
      at,
      what: `${item.name} out of the ${box.place.name} into the fridge`,
      detail: `${portionsText(portions)} for ${dayName(day)} ${meal}`,
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

/** Soaking, pressing, setting: what goes in, for what, and how long before. */
export const leadItem = (view: KitchenView, lead: Lead): EveningItem => {
  const { id, ahead, session, at, earliest, latest, last, atNight, inFridge, tooLate } = lead;
  const { zone } = view.kitchen.equipment;
  return {
    key: id,
    lead,
    at,
    what: ahead.name,
    detail: `${ahead.goesIn.map((into) => `${into.amount} ${into.food}`).join(', ')}, for ${ahead.dish}; ${ahead.leastHours} to ${ahead.mostHours} h before ${session.name}${
      tooLate
        ? ''
        : atNight
          ? ': that is at night, so it begins before and stands longer'
          : `: between ${dayClockAt(earliest, zone)} and ${dayClockAt(latest, zone)}`
    }${inFridge ? ', in the fridge after 12 hours' : ''}`,
    cautions: ahead.cautions,
    ...(tooLate
      ? {
          late: `Too late: it should have begun by ${clockAt(Math.min(last, latest), zone)}, ${ahead.leastHours} h before. Begun now, ${session.name} starts later: “Cook” says by how much.`,
        }
      : {}),
  };
};

/** How long an evening's step holds one up. */
const EVENING_MINUTES = 15;

/** The same as an event of a calendar file, with a bell: one moment in every file. */
export const eveningEvent = ({ key, at, what, detail }: EveningItem): CalendarEvent => ({
  id: key,
  at,
  minutes: EVENING_MINUTES,
  what,
  detail,
  alarm: true,
});
