import type { Day } from '../../quantity/index.ts';
import type { Form, Good, Linear } from '../suggest/ask.ts';

/** One week of the menu: its first day, its meals, and the main portions that all at them take together. */
export interface SeasonWeek {
  readonly from: Day;
  readonly meals: number;
  readonly portions: number;
}

/** A main that may stand on the menu. */
export interface SeasonDish {
  readonly recipe: string;
  readonly food: string;
  readonly name: string;
  readonly form: Form;
  /** How many of those at the table like it, less how many had it often of late, −1 to 1. */
  readonly liked: number;
  /** Of all that is eaten at a meal, the share of those who eat this. */
  readonly eatenBy: number;
  /** Portions that it may be made in, the least first. */
  readonly sizes: readonly number[];
  readonly hands: Linear;
  /** Meals that the fridge keeps it for. */
  readonly fridgeMeals: number;
  /** Weeks that the freezer keeps it for; 0: it does not freeze. */
  readonly freezerWeeks: number;
  /** In a box in the freezer, L a portion. */
  readonly litresEach: number;
  /** Whether its fresh food is at its best, week by week. */
  readonly inSeason: readonly boolean[];
  /** How much of each good one portion uses, in the measure of `goods`. */
  readonly buys: readonly { readonly good: number; readonly each: number }[];
  /** Frozen boxes that are there, and the last week they may be eaten in, from 0. */
  readonly boxes: readonly { readonly portions: number; readonly lastWeek: number }[];
  /** Portions that should always be in the freezer, for the worst day. */
  readonly reserve: number;
  /** On the menu in any case. */
  readonly locked?: boolean;
}

/** A menu over some weeks, as a question. */
export interface SeasonAsk {
  readonly weeks: readonly SeasonWeek[];
  readonly dishes: readonly SeasonDish[];
  readonly goods: readonly Good[];
  /** Litres of the freezer that these dishes may fill, those that are in it included; undefined: nobody has measured it. */
  readonly freezerLitres?: number;
}

/** A menu: at how many meals of each week each dish is eaten, and whether what is cooked then is made for its next time, too. */
export interface SeasonDraft {
  readonly meals: readonly (readonly number[])[];
  readonly ahead: readonly (readonly boolean[])[];
}

/** What a menu comes to in one week. */
export interface SeasonCooking {
  readonly dish: number;
  readonly portions: number;
  /** Of them, into the freezer. */
  readonly frozen: number;
}
export interface SeasonEating {
  readonly dish: number;
  readonly meals: number;
  readonly portions: number;
  /** Of them, out of the freezer. */
  readonly fromFreezer: number;
}
export interface SeasonWeekPlan {
  readonly cooks: readonly SeasonCooking[];
  readonly eats: readonly SeasonEating[];
  /** Minutes of hands. */
  readonly hands: number;
  /** Frozen portions of each dish when the week is over, and what they take, L. */
  readonly stands: readonly number[];
  readonly litres: number;
  /** Portions in boxes that went off in it. */
  readonly wentOff: number;
  /** Portions of each reserve that are there then, where there is one. */
  readonly reserves: readonly { readonly dish: number; readonly portions: number; readonly of: number }[];
}

/** The parts of a menu's score, each in its own measure; less is better, but for liking. */
export interface SeasonParts {
  /** Portions that meals lack, also for those who do not eat what there is. */
  readonly short: number;
  /** Portions that go off, in boxes or left over. */
  readonly waste: number;
  readonly hands: number;
  /** Minor units, in whole packs over all weeks. */
  readonly cost: number;
  readonly repeats: number;
  readonly liking: number;
  /** Portions that reserves lack at the end of their weeks. */
  readonly reserve: number;
  /** What cannot be: litres that the freezer has not, more dishes than a session cooks. */
  readonly over: number;
}
export interface SeasonPlan {
  readonly weeks: readonly SeasonWeekPlan[];
  readonly parts: SeasonParts;
  readonly score: number;
  /** How much of each good all weeks use together, and by week. */
  readonly uses: readonly { readonly good: number; readonly total: number; readonly byWeek: readonly number[] }[];
}
