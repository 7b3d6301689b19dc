import type { Slot } from '../week/index.ts';

/** A dish more: in the session at hand, in another that is planned, or in a new one as soon as may be. */
export interface AddedDish {
  readonly recipe: string;
  readonly portions: number;
  readonly freezePortions: number;
  readonly session?: string;
}

/** As a session of an added dish: one is made for it, at the next full hour. */
export const NEW_SESSION = 'next session';

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
