import type { Weights, WeekAsk } from './ask.ts';

/** What is eaten at each meal, and what is cooked. Numbers are places in the list of candidates; -1 is nothing. */
export interface Draft {
  /** At each meal, one for each of PLACES; a whole dish is a main. */
  readonly meals: readonly (readonly number[])[];
  /** Portions cooked of each candidate; 0: not cooked. */
  readonly sizes: readonly number[];
  /** In which session each is cooked. */
  readonly into: readonly number[];
}

/** The parts of a score, each in its own measure; less is better, but for liking. */
export interface ScoreParts {
  /** Parts of plates that nothing covers, and portions that are wanted and not there. */
  readonly short: number;
  /** Days of food that eaters lack, or get too much of: one eater without energy for a day is 1. */
  readonly feeds: number;
  /** Portions that go off, or are left over; and what presses on the shelf and is not used. */
  readonly waste: number;
  /** Minutes of hands. */
  readonly hands: number;
  /** Minor units at the till, in whole packs, beyond what is there. */
  readonly cost: number;
  /** How often something, or something of its form, is on the table again; half for a main that is alike: see Candidate.traits; and more for a week with no main that is new: see Candidate.had. */
  readonly repeats: number;
  /** Meals of something that is liked, or in season; less what they had often. */
  readonly liking: number;
  /** What cannot be: minutes that no session has, litres that the freezer has not, the same main twice a day. None in a week that is shown. */
  readonly over: number;
}

/** What is left over and can be frozen is no waste, but fills the freezer: it counts a little. */
export const FROZEN_COUNTS = 0.15;
/** Something in season, beside somebody's liking it. */
export const SEASON_COUNTS = 0.25;
const OVER_BUDGET = 50;
/** What cannot be costs more than anything that can. */
const CANNOT_BE = 60;

export const PART_WEIGHT: Readonly<Record<keyof ScoreParts, (weights: Weights) => number>> = {
  short: ({ short }) => short,
  feeds: ({ feeds }) => feeds,
  waste: ({ waste }) => waste,
  hands: ({ hands }) => hands / 10,
  cost: ({ cost }) => cost / 100,
  repeats: ({ repeats }) => repeats,
  liking: ({ liking }) => -liking,
  over: () => CANNOT_BE,
};

/** One number of the parts: what the search makes small. */
export function scoreOf(parts: ScoreParts, { weights, handsAtMost, costAtMost }: WeekAsk): number {
  let sum =
    weights.short * parts.short +
    weights.feeds * parts.feeds +
    weights.waste * parts.waste +
    (weights.hands / 10) * parts.hands +
    (weights.cost / 100) * parts.cost +
    weights.repeats * parts.repeats -
    weights.liking * parts.liking +
    CANNOT_BE * parts.over;
  if (handsAtMost !== undefined && parts.hands > handsAtMost) sum += OVER_BUDGET + parts.hands - handsAtMost;
  if (costAtMost !== undefined && parts.cost > costAtMost) sum += OVER_BUDGET + (parts.cost - costAtMost) / 10;
  return sum;
}
