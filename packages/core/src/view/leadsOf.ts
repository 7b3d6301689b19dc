import type { SessionState } from '../formats/index.ts';
import { addDays, dayAt, momentAt, HOUR_MS, type Moment } from '../quantity/index.ts';
import { aheadKey, beginBy, stepsAhead, type Ahead } from '../session/index.ts';
import { EVENING_CLOCK } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { tasksOf } from './tasksOf.ts';

/** A step that begins hours or days before its session: a soak, a press, a block that sets. */
export interface Lead {
  /** The same for as long as the batch and its recipe stay as they are. */
  readonly id: string;
  readonly ahead: Ahead;
  readonly session: SessionState;
  /** When it is best begun, ms since 1970: on an evening within its window where there is one, in the middle otherwise; never before now while it is still in time. */
  readonly at: Moment;
  /** The last moment it can begin for this session, ms since 1970. */
  readonly last: number;
  readonly tooLate: boolean;
}

/**
 * What is begun ahead of **every** planned session, the first first, whichever of them is looked at; what the cook says has begun is left out.
 * Every list and every calendar file shows these moments.
 * @example leadsOf(view, now).map(({ ahead, at }) => [ahead.name, at]) // [['soak the borlotti', Friday 20:00]]
 */
export function leadsOf(view: KitchenView, now: Moment): readonly Lead[] {
  const { zone } = view.kitchen.equipment;
  return aheadOf(view)
    .map(({ ahead, session }): Lead => {
      const start = Date.parse(session.startsAt);
      const first = start - ahead.mostHours * HOUR_MS;
      const last = beginBy(ahead, start);
      const nights = Math.ceil(ahead.mostHours / 24);
      const evening = Array.from({ length: nights + 1 }, (_, back) =>
        momentAt(addDays(dayAt(new Date(start), zone), -back), EVENING_CLOCK, zone),
      ).find((at) => at >= first && at <= last);
      return {
        id: `ahead ${ahead.batch} ${ahead.name}`,
        ahead,
        session,
        at: Math.max(evening ?? (first + last) / 2, Math.min(now, last)),
        last,
        tooLate: now > last,
      };
    })
    .sort((a, b) => a.at - b.at || a.id.localeCompare(b.id));
}

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
