import type { PastState } from '../formats/index.ts';
import { DAYS_A_WEEK, addDays, dayAt, type Day } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { pastSums } from './weekThatWas.ts';

/** One of several weeks behind, in the figures that are compared from week to week; undefined: nothing of it is known. */
export interface PastWeek {
  readonly from: Day;
  readonly until: Day;
  /** Minutes that its sessions ended later than planned, together. */
  readonly late: number | undefined;
  /** Minutes of hands in them. */
  readonly hands: number | undefined;
  /** What went into a portion, minor units. */
  readonly portionMinor: number | undefined;
  readonly portions: number;
  readonly paidMinor: number;
  readonly thrownMinor: number;
}

/**
 * Days that are over, week by week, the first one first: each has the sums of its own sessions, movements and purchases, so that their sums are those of all of them together.
 * @example weekByWeek(view, past).map(({ late }) => late) // [4, 0, undefined, 25]
 */
export function weekByWeek(view: KitchenView, past: PastState): readonly PastWeek[] {
  const { zone } = view.kitchen.equipment;
  const weeks: PastWeek[] = [];
  for (let from = past.from; from <= past.until; from = addDays(from, DAYS_A_WEEK)) {
    const last = addDays(from, DAYS_A_WEEK - 1);
    const until = last < past.until ? last : past.until;
    const within = (moment: string): boolean => {
      const day = dayAt(new Date(moment), zone);
      return day >= from && day <= until;
    };
    const sessions = past.sessions.filter(({ startsAt }) => within(startsAt));
    const ids = new Set(sessions.map(({ id }) => id));
    const {
      sessions: told,
      cooked,
      paidMinor,
      thrownMinor,
    } = pastSums(view, {
      ...past,
      from,
      until,
      sessions,
      batches: past.batches.filter(({ session }) => ids.has(session)),
      runs: past.runs.filter(({ session }) => ids.has(session)),
      movements: past.movements.filter(({ at }) => within(at)),
    });
    const known = told.filter(({ doubt }) => doubt === undefined);
    weeks.push({
      from,
      until,
      late: known.length > 0 ? known.reduce((sum, { lateness }) => sum + lateness.minutes, 0) : undefined,
      hands: known.length > 0 ? known.reduce((sum, { hands }) => sum + hands, 0) : undefined,
      portionMinor: cooked.portions > 0 ? cooked.usedMinor / cooked.portions : undefined,
      portions: cooked.portions,
      paidMinor,
      thrownMinor,
    });
  }
  return weeks;
}
