import type { Slot } from '../week/index.ts';

/** What changes in a week: meals as they are to be, batches by their new size, dishes added or left out. */
export interface WeekChange {
  readonly slots?: readonly Slot[];
  readonly size?: readonly { readonly id: string; readonly portions: number; readonly freezePortions: number }[];
  readonly add?: readonly { readonly recipe: string; readonly portions: number; readonly freezePortions: number }[];
  readonly drop?: readonly string[];
}

/** A size that is tried, before it is kept. */
export interface DraftSize {
  readonly portions: number;
  readonly freezePortions: number;
}
