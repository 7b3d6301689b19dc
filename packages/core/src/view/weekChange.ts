import type { Moment } from '../quantity/index.ts';
import type { Slot } from '../week/index.ts';
import { nextSessionAt } from './nextSessionAt.ts';

/** A dish more: in the session at hand, in another that is planned, or in a new one as soon as may be. */
export interface AddedDish {
  readonly recipe: string;
  readonly portions: number;
  readonly freezePortions: number;
  readonly session?: string;
}

/** As a session of an added dish: one is made for it, at the next full hour. */
export const NEW_SESSION = 'next session';
const NEW_AT = 'new session at ';

/** As a session of added dishes: one is made for them, at this moment. All that say the same moment are cooked in one. */
export const newSession = (startsAt: Moment): string => `${NEW_AT}${new Date(startsAt).toISOString()}`;

/** When a session begins that a change makes; undefined: it is one that is there. */
export const newSessionAt = (session: string, now: Moment): Moment | undefined =>
  session === NEW_SESSION
    ? nextSessionAt(now)
    : session.startsWith(NEW_AT)
      ? Date.parse(session.slice(NEW_AT.length))
      : undefined;

/** What changes in a week: meals as they are to be, batches by their new size, dishes added or left out. */
export interface WeekChange {
  readonly slots?: readonly Slot[];
  readonly size?: readonly { readonly id: string; readonly portions: number; readonly freezePortions: number }[];
  readonly add?: readonly AddedDish[];
  readonly drop?: readonly string[];
}

/** A size that is tried, before it is kept. */
export interface DraftSize {
  readonly portions: number;
  readonly freezePortions: number;
}
