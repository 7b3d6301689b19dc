import { MEALS_A_DAY } from '../meals.ts';
import type { Weights, WeekAsk } from './ask.ts';

/** What is eaten at each meal, and what is cooked. Numbers are places in the list of candidates; -1 is nothing. */
export interface Draft {
  /** At each meal: base, protein, side; or a whole dish in all three. */
  readonly meals: readonly (readonly [number, number, number])[];
  /** Portions cooked of each candidate; 0: not cooked. */
  readonly sizes: readonly number[];
}

/** The parts of a score, each in its own measure; less is better, but for liking. */
export interface ScoreParts {
  /** Parts of plates that are missing, in portions. */
  readonly short: number;
  /** Portions that go off, or crowd the freezer; and what presses on the shelf and is not used. */
  readonly waste: number;
  /** Minutes of hands. */
  readonly hands: number;
  /** Minor units. */
  readonly cost: number;
  /** How often something is on the table that was on it earlier that day or the day before. */
  readonly repeats: number;
  /** Grams of protein that plates lack below a usual one. */
  readonly protein: number;
  /** Meals of something that is liked, or in season. */
  readonly liking: number;
}

/** What is left over and can be frozen is no waste, but fills the freezer: it counts a little. */
export const FROZEN_COUNTS = 0.15;
/** Something in season, beside somebody's liking it. */
export const SEASON_COUNTS = 0.25;
/** A plate of a main meal. Common practice, no published source. */
export const PLATE_PROTEIN_G = 20;
const OVER_BUDGET = 50;

export const PART_WEIGHT: Readonly<Record<keyof ScoreParts, (weights: Weights) => number>> = {
  short: ({ short }) => short,
  waste: ({ waste }) => waste,
  hands: ({ hands }) => hands / 10,
  cost: ({ cost }) => cost / 100,
  repeats: ({ repeats }) => repeats,
  protein: ({ protein }) => protein / 20,
  liking: ({ liking }) => -liking,
};

/** One number of the parts: what the search makes small. */
export const scoreOf = (parts: ScoreParts, ask: WeekAsk): number => {
  let sum = 0;
  for (const part of Object.keys(PART_WEIGHT) as (keyof ScoreParts)[])
    sum += PART_WEIGHT[part](ask.weights) * parts[part];
  if (ask.handsAtMost !== undefined && parts.hands > ask.handsAtMost)
    sum += OVER_BUDGET + parts.hands - ask.handsAtMost;
  if (ask.costAtMost !== undefined && parts.cost > ask.costAtMost)
    sum += OVER_BUDGET + (parts.cost - ask.costAtMost) / 10;
  return sum;
};

export interface Eaten {
  /** Portions eaten of each candidate at each meal. */
  readonly at: readonly (readonly { readonly candidate: number; readonly portions: number }[])[];
  /** Portions of a cooked batch that are eaten when the fridge no longer keeps it: they are frozen. */
  readonly fromFreezer: readonly number[];
}

/**
 * What a draft comes to. Cold boxes are eaten first, the first to go off first; then what was cooked, then what is frozen. Nobody is given what they do not eat: their
 * part of the plate is short.
 */
export function partsOf(draft: Draft, ask: WeekAsk, eaten?: (what: Eaten) => void): ScoreParts {
  const { candidates, people, cookedFrom } = ask;
  const cold = candidates.map((each) => each.cold.map(({ portions }) => portions));
  const cooked = [...draft.sizes];
  const frozen = candidates.map((each) => each.frozen);
  const fromFreezer = candidates.map(() => 0);
  const at: { candidate: number; portions: number }[][] = [];
  let short = 0;
  let protein = 0;
  let liking = 0;
  let repeats = 0;
  let before = new Set<number>();
  let today = new Set<number>();

  for (const [m, meal] of draft.meals.entries()) {
    if (m % MEALS_A_DAY === 0) {
      before = today;
      today = new Set();
    }
    const n = people[m] ?? 0;
    const served: { candidate: number; portions: number }[] = [];
    at.push(served);
    if (n === 0) continue;
    let grams = 0;
    let known = true;
    const whole = meal[0] >= 0 && meal[0] === meal[1];
    for (const [r, c] of meal.entries()) {
      if (whole && r > 0) break;
      const weight = whole ? 3 : 1;
      const candidate = candidates[c];
      if (!candidate) {
        short += n * weight;
        continue;
      }
      const want = n * (candidate.eatenBy[m] ?? 0);
      let open = want;
      const pieces = cold[c] ?? [];
      for (const [p, piece] of candidate.cold.entries()) {
        if (piece.lastMeal < m || (piece.fromMeal ?? 0) > m) continue;
        const bite = Math.min(open, pieces[p] ?? 0);
        pieces[p] = (pieces[p] ?? 0) - bite;
        open -= bite;
      }
      const { cooks } = candidate;
      if (cooks && m >= cookedFrom) {
        const late = m >= cookedFrom + cooks.keepsMeals;
        if (!late || cooks.freezes) {
          const bite = Math.min(open, cooked[c] ?? 0);
          cooked[c] = (cooked[c] ?? 0) - bite;
          open -= bite;
          if (late) fromFreezer[c] = (fromFreezer[c] ?? 0) + bite;
        }
      }
      const bite = Math.min(open, frozen[c] ?? 0);
      frozen[c] = (frozen[c] ?? 0) - bite;
      open -= bite;
      const got = want - open;
      short += (n - got) * weight;
      if (got > 0) {
        served.push({ candidate: c, portions: got });
        if (before.has(c) || today.has(c)) repeats += 1;
        today.add(c);
        if (candidate.liked > 0 || cooks?.inSeason)
          liking += (candidate.liked + (cooks?.inSeason ? SEASON_COUNTS : 0)) * (got / n);
        if (cooks?.proteinG === undefined) known = false;
        else grams += (cooks.proteinG * got) / n;
      }
    }
    if (known && served.length > 0) protein += Math.max(0, PLATE_PROTEIN_G - grams);
  }

  const pressing = ask.presses.map(({ portions }) => portions);
  let waste = 0;
  let hands = 0;
  let cost = 0;
  for (const [c, candidate] of candidates.entries()) {
    for (const [p, piece] of candidate.cold.entries()) if (piece.lastMeal < people.length) waste += cold[c]?.[p] ?? 0;
    const { cooks } = candidate;
    const size = draft.sizes[c] ?? 0;
    if (!cooks) continue;
    waste += (cooked[c] ?? 0) * (cooks.freezes ? FROZEN_COUNTS : 1);
    if (size === 0) continue;
    for (const [p, each] of cooks.clears.entries()) pressing[p] = (pressing[p] ?? 0) - each * size;
    hands += cooks.handsOnce + cooks.handsEach * size;
    cost += cooks.costEach * size;
  }
  for (const left of pressing) waste += Math.max(0, left);
  eaten?.({ at, fromFreezer });
  return { short, waste, hands, cost, repeats, protein, liking };
}
