import type { ComponentKind } from '../eaters.ts';

/** A component that may be eaten in the week: from boxes that are there, from a batch that may be cooked, or both. */
export interface Candidate {
  readonly food: string;
  readonly name: string;
  readonly kind: ComponentKind;
  /** Portions in boxes that keep through the week, frozen. */
  readonly frozen: number;
  /** Cold portions, and the last meal at which they may be eaten, counted from 0; the first one where they are not there yet. */
  readonly cold: readonly { readonly portions: number; readonly fromMeal?: number; readonly lastMeal: number }[];
  /** How it may be cooked; undefined: only what is there. */
  readonly cooks?: Cooking;
  /** The share of those at each meal who eat it, 0 to 1. */
  readonly eatenBy: readonly number[];
  /** How many of those at the table like it, 0 to 1. */
  readonly liked: number;
}

export interface Cooking {
  readonly recipe: string;
  /** Portions that it may be made in, the least first. */
  readonly sizes: readonly number[];
  /** Minutes of hands, once and for each portion. */
  readonly handsOnce: number;
  readonly handsEach: number;
  /** Minor units for a portion; what has no price is taken at what foods cost here on the whole. */
  readonly costEach: number;
  readonly costGuessed: boolean;
  /** How much of each thing that presses one portion uses, in the measure of `presses`. */
  readonly clears: readonly number[];
  /** Meals for which the fridge keeps it, from the first that it feeds. */
  readonly keepsMeals: number;
  readonly freezes: boolean;
  readonly proteinG: number | undefined;
  readonly fibreG: number | undefined;
  /** Its fresh food is at its best now. */
  readonly inSeason: boolean;
  /** It is cooked in any case, in that size. */
  readonly locked?: number;
}

/** How much each part of the score counts. */
export interface Weights {
  readonly short: number;
  readonly waste: number;
  readonly hands: number;
  readonly cost: number;
  readonly repeats: number;
  readonly protein: number;
  readonly liking: number;
}

export interface WeekAsk {
  /** How many eat at each meal, in usual portions: lunch and dinner in turn. */
  readonly people: readonly number[];
  /** The first meal that what is cooked can feed. */
  readonly cookedFrom: number;
  readonly candidates: readonly Candidate[];
  /** What presses on the shelf: how much of it there is, in usual portions. */
  readonly presses: readonly { readonly name: string; readonly portions: number }[];
  /** Meals that are settled: the foods at each, by the number of the meal. */
  readonly settled: Readonly<Record<number, readonly string[]>>;
  /** Dishes cooked at most. */
  readonly mostBatches: number;
  /** Minutes of hands that there are; undefined: as many as it takes. */
  readonly handsAtMost?: number;
  /** Minor units that there are. */
  readonly costAtMost?: number;
  readonly weights: Weights;
}

/** A whole dish is a plate by itself; otherwise one of each. */
export const ROLES = ['base', 'protein', 'side'] as const;
