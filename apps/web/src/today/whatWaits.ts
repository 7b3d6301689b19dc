import { appNow } from '../parts/appNow.ts';
import { dayAt, type Day, MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { finishOf, type KitchenView } from '@kestrel-ridge/core/view';
import type { PlanResult } from '../session/planSlice.ts';
import { clockAt, dayName, longDayName } from '../parts/times.ts';
import { missingOf } from '@kestrel-ridge/core/view';
import { rankedFirsts } from '@kestrel-ridge/core/view';
import { eveningItems } from '../week/eveningItems.ts';
import { stripsOf } from '@kestrel-ridge/core/view';

export interface Wait {
  /** Under the way-mark: at most SHORT characters, or it would be cut. */
  readonly short: string;
  /** On Today: a sentence. */
  readonly long: string;
}

export type Waits = Readonly<
  Record<'today' | 'shelf' | 'week' | 'scale' | 'shop' | 'evening' | 'cook' | 'putAway' | 'eat' | 'lookBack', Wait>
>;

/** What stands under a way-mark, on a phone too. */
const SHORT = 12;

/**
 * A name with a word, or the other words where both are too long.
 * @example fits('sunflower seeds short', '1 short') // "1 short"
 */
export const fits = (said: string, else_: string): string => (said.length <= SHORT ? said : else_);

const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`;

/** What waits on each stretch of the trail. */
export function whatWaits(view: KitchenView, plan: PlanResult | null): Waits {
  const firsts = rankedFirsts(view);
  const portionsReady = view.lots
    .filter((lot) => lot.state.portionG !== null)
    .reduce((sum, lot) => sum + lot.onHand.valueOf() / Number(lot.state.portionG), 0);
  const strips = stripsOf(view, {}, appNow());
  const short = strips
    .filter((strip) => strip.strip.firstShort)
    .sort((a, b) => firstShortDay(a.strip.firstShort?.day).localeCompare(firstShortDay(b.strip.firstShort?.day)))[0];
  const cookedNow = view.batches.filter((batch) => batch.state.session === view.session?.id);
  const open = cookedNow.filter((batch) => batch.state.status === 'planned');
  const missing = missingOf(view);
  const { session } = view;
  const running = session?.status === 'running';
  const finish =
    session && plan?.session === session.id && !running
      ? `${clockAt(finishOf(session, plan).at, view.kitchen.equipment.zone)}${plan.settled ? '' : ' or sooner'}`
      : undefined;
  const done = cookedNow.length - open.length;
  const evenings = eveningItems(view, appNow(), strips);
  const [firstEvening] = evenings;

  return {
    today: { short: dayName(view.today), long: '' },
    shelf: {
      short: firsts.length ? `${firsts.length} to use` : view.lots.length ? 'in order' : 'empty',
      long: firsts.length
        ? `Use first: ${firsts
            .slice(0, 4)
            .map(({ food, reasons }) => `${food.name} (${reasons[0]?.words ?? ''})`)
            .join(', ')}`
        : view.lots.length
          ? `${many(view.lots.length, 'lot')}, none of them presses`
          : 'Nothing is on the shelf yet',
    },
    week: {
      short: short
        ? `${dayName(firstShortDay(short.strip.firstShort?.day) as Day)} short`
        : strips.length
          ? 'all reaches'
          : 'no dish yet',
      long: short
        ? `${short.name} runs out on ${longDayName(short.strip.firstShort?.day ?? view.today)} at ${short.strip.firstShort?.meal ?? ''}`
        : strips.length
          ? 'Everything reaches to the end of the week'
          : 'No dish is chosen yet',
    },
    scale: {
      short: missing.length
        ? fits(`${missing[0]?.food.name ?? ''} short`, `${missing.length} short`)
        : open.length
          ? 'all is there'
          : '',
      long: missing.length
        ? `Missing on the shelf: ${missing.map((m) => `${m.missingText} ${m.food.name}`).join(', ')}`
        : open.length
          ? 'All ingredients are on the shelf'
          : 'Nothing to scale',
    },
    shop: {
      short: missing.length ? `${missing.length} missing` : '',
      long: missing.length
        ? `To buy for this week: ${missing.map((m) => m.food.name).join(', ')}`
        : 'Nothing is missing for this week',
    },
    evening: {
      short: firstEvening ? (firstEvening.at <= appNow() + MINUTE_MS ? 'now' : dayAndClock(firstEvening.at, view)) : '',
      long: evenings.length
        ? `${many(evenings.length, 'thing')} to do ahead: ${firstEvening?.what ?? ''}`
        : 'Nothing has to be soaked or thawed',
    },
    cook: {
      short: running
        ? 'under way'
        : session?.status === 'planned' && open.length
          ? dayAndClock(Date.parse(session.startsAt), view)
          : '',
      long: running
        ? 'The session is under way'
        : session?.status === 'planned' && open.length
          ? `${many(open.length, 'dish', 'dishes')}, ${sessionDay(session.startsAt, view)} ${clockAt(Date.parse(session.startsAt), view.kitchen.equipment.zone)}${finish ? `, done by ${finish}` : ''}`
          : 'No session is planned',
    },
    putAway: {
      short: running ? `${open.length} to box` : done > 0 ? `${done} of ${cookedNow.length}` : '',
      long:
        done > 0 || running
          ? `${done} of ${many(cookedNow.length, 'dish', 'dishes')} put away`
          : 'Nothing to put away yet',
    },
    eat: {
      short:
        portionsReady >= 1
          ? fits(many(Math.floor(portionsReady + 1e-6), 'portion'), `${Math.floor(portionsReady + 1e-6)}`)
          : 'no boxes',
      long:
        portionsReady >= 1 ? `${many(Math.floor(portionsReady + 1e-6), 'portion')} in boxes` : 'No box is filled yet',
    },
    lookBack: {
      short: done > 0 ? 'this week' : '',
      long: done > 0 ? 'What this week was, and what the next can do otherwise' : 'How the weeks were',
    },
  };
}

/** A clock of today, or with its day: "Sun 20:00". */
const dayAndClock = (at: Moment, view: KitchenView): string => {
  const { zone } = view.kitchen.equipment;
  const day = dayAt(new Date(at), zone);
  return `${day === view.today ? '' : `${dayName(day)} `}${clockAt(at, zone)}`;
};

const firstShortDay = (day: Day | undefined): string => day ?? '9999';

const sessionDay = (startsAt: string, view: KitchenView): string => {
  const on = dayAt(new Date(startsAt), view.kitchen.equipment.zone);
  return on === view.today ? 'today at' : `${dayName(on)} at`;
};
