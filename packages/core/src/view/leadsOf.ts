import type { SessionState } from '../formats/index.ts';
import { addDays, dayAt, momentAt, HOUR_MS, type Moment } from '../quantity/index.ts';
import { aheadKey, beginBy, stepsAhead, type Ahead } from '../session/index.ts';
import { EVENING_CLOCK } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { tasksOf } from './tasksOf.ts';
import { lastAwake, wakingIn, type Stretch } from './wakingIn.ts';

/** A step that begins hours or days before its session: a soak, a press, a block that sets. */
export interface Lead {
  /** The same for as long as the batch and its recipe stay as they are. */
  readonly id: string;
  readonly ahead: Ahead;
  readonly session: SessionState;
  /** When it is best begun, ms since 1970: on an evening within its window where there is one, in the middle of waking hours otherwise; never before now while it is still in time. */
  readonly at: Moment;
  /** The first and the last moment that somebody awake can begin it, ms since 1970; `last` is the last at all where its whole window is at night. */
  readonly earliest: Moment;
  readonly latest: Moment;
  /** The last moment it can begin for this session, ms since 1970. */
  readonly last: Moment;
  /** Its whole window is at night: it begins before it, and stands longer, in the fridge. */
  readonly atNight: boolean;
  /** It stands so long that it belongs into the fridge. */
  readonly inFridge: boolean;
  readonly tooLate: boolean;
}

/** From so many hours on what stands in water is kept cold. Common practice, no published source. */
const FRIDGE_FROM_H = 12;

/**
 * What is begun ahead of **every** planned session, the first first, whichever of them is looked at; what the cook says has begun is left out.
 * Every list and every calendar file shows these moments.
 * @example leadsOf(view, now).map(({ ahead, at }) => [ahead.name, at]) // [['soak the borlotti', Friday 20:00]]
 */
export function leadsOf(view: KitchenView, now: Moment): readonly Lead[] {
  const { zone } = view.kitchen.equipment;
  return aheadOf(view)
    .map(({ ahead, session }): Lead => {
      const { equipment } = view.kitchen;
      const start = Date.parse(session.startsAt);
      const first = start - ahead.mostHours * HOUR_MS;
      const last = beginBy(ahead, start);
      const stretches = wakingIn({ from: first, to: last }, equipment);
      const before = lastAwake(last, equipment);
      const earliest = stretches[0]?.from ?? before;
      const latest = stretches.at(-1)?.to ?? before;
      const nights = Math.ceil(ahead.mostHours / 24);
      const evening = Array.from({ length: nights + 1 }, (_, back) =>
        momentAt(addDays(dayAt(new Date(start), zone), -back), EVENING_CLOCK, zone),
      ).find((at) => stretches.some(({ from, to }) => at >= from && at <= to));
      const best = evening ?? middleOf(stretches) ?? before;
      const at = Math.max(best, Math.min(now, last));
      return {
        id: `ahead ${ahead.batch} ${ahead.name}`,
        ahead,
        session,
        at,
        earliest,
        latest,
        last,
        atNight: stretches.length === 0,
        inFridge: (start - at) / HOUR_MS > FRIDGE_FROM_H,
        tooLate: now > last,
      };
    })
    .sort((a, b) => a.at - b.at || a.id.localeCompare(b.id));
}

/** The middle of the longest stretch of waking hours. */
function middleOf(stretches: readonly Stretch[]): Moment | undefined {
  const [longest] = [...stretches].sort((a, b) => b.to - b.from - (a.to - a.from));
  return longest && (longest.from + longest.to) / 2;
}

/** How many stand at the same time at the most, each in a bowl of its own: from when it is begun until its session. */
export const bowlsAtOnce = (leads: readonly Lead[]): number =>
  Math.max(
    0,
    ...leads.map(({ at }) => leads.filter((other) => other.at <= at && at < Date.parse(other.session.startsAt)).length),
  );

interface Asked {
  readonly ahead: Ahead;
  readonly session: SessionState;
}

const known = new WeakMap<KitchenView, readonly Asked[]>();

/** The same without moments: worked out once for a state of the kitchen. */
function aheadOf(view: KitchenView): readonly Asked[] {
  const before = known.get(view);
  if (before) return before;
  const made = view.week.sessions
    .filter(({ status }) => status === 'planned')
    .flatMap((session): Asked[] => {
      const open = view.batches.filter(({ state }) => state.status === 'planned' && state.session === session.id);
      if (open.length === 0) return [];
      const begun = session.wishes.begun ?? [];
      const { equipment } = view.kitchen;
      // Only where knife work is done the evening before, the whole day has to be taken apart.
      const ahead =
        (session.wishes.ahead ?? []).length > 0
          ? tasksOf(session, open, equipment, session.cooks, session.wishes).tasks.ahead
          : open.flatMap(({ state, scaled }) => stepsAhead({ id: state.id, scaled }, equipment));
      return ahead.filter((each) => !begun.includes(aheadKey(each))).map((each) => ({ ahead: each, session }));
    });
  known.set(view, made);
  return made;
}
