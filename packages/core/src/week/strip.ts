import type { Day } from '../quantity/index.ts';
import { MEALS_A_DAY, MEAL_NAMES, type MealName } from './meals.ts';

/** Some of a component that is or will be there. */
export interface Supply {
  readonly grams: number;
  /** The first meal it is there for, counted from the first day's lunch. */
  readonly fromMeal: number;
  /** Last day it keeps, when it is not frozen. */
  readonly until?: Day;
  readonly frozen: boolean;
  /** It was frozen before: once more only by the plain word for it. */
  readonly thawed?: boolean;
}

export interface StripMeal {
  readonly day: Day;
  readonly meal: MealName;
  /** Grams there before the meal. */
  readonly cold: number;
  readonly frozen: number;
  readonly eaten: number;
  /** Of what is eaten: so much comes out of the freezer, and has to be thawed before. */
  readonly thawed: number;
  /** Grams wanted and not there. */
  readonly short: number;
  /** Grams that went off before this meal. */
  readonly spoiled: number;
}

/** What became of one piece of the supply, in the order in which the pieces were handed in. */
export interface PieceFate {
  readonly eaten: number;
  readonly spoiled: number;
  readonly left: number;
}

export interface Strip {
  readonly fates: readonly PieceFate[];
  readonly meals: readonly StripMeal[];
  /** The last meal before the first that falls short; undefined when the first falls short already. */
  readonly lasts: StripMeal | undefined;
  readonly firstShort: StripMeal | undefined;
  readonly spoiledGrams: number;
  readonly shortGrams: number;
  readonly leftGrams: number;
}

/**
 * One component through the days: what is there is eaten cold first, the first to go off first; frozen boxes follow when the cold ones are gone.
 * Supply is conserved: what was there is eaten, went off, or is left.
 */
export function foldStrip(days: readonly Day[], supply: readonly Supply[], wantGrams: readonly number[]): Strip {
  const pieces = supply
    .map((piece, at) => ({ ...piece, at, left: piece.grams, spoiled: 0 }))
    .sort((a, b) => Number(a.frozen) - Number(b.frozen) || (a.until ?? '9999').localeCompare(b.until ?? '9999'));
  const meals: StripMeal[] = [];

  for (const [number, want] of wantGrams.entries()) {
    const day = days[Math.floor(number / MEALS_A_DAY)];
    const meal = MEAL_NAMES[number % MEALS_A_DAY];
    if (day === undefined || meal === undefined) throw new RangeError('More meals than days.');

    let spoiled = 0;
    let cold = 0;
    let frozen = 0;
    for (const piece of pieces) {
      if (piece.fromMeal > number) continue;
      if (!piece.frozen && piece.until !== undefined && piece.until < day) {
        spoiled += piece.left;
        piece.spoiled += piece.left;
        piece.left = 0;
      }
      if (piece.frozen) frozen += piece.left;
      else cold += piece.left;
    }

    let open = want;
    let thawed = 0;
    if (open > 0)
      for (const piece of pieces) {
        if (piece.fromMeal > number) continue;
        const bite = Math.min(piece.left, open);
        piece.left -= bite;
        open -= bite;
        if (piece.frozen) thawed += bite;
      }
    // Sums of many thirds of portions: less than a tenth of a gram is nothing.
    const short = open < 0.1 ? 0 : open;
    meals.push({ day, meal, cold, frozen, eaten: want - open, thawed, short, spoiled });
  }

  const shortAt = meals.findIndex((meal) => meal.short > 0);
  return {
    fates: [...pieces]
      .sort((a, b) => a.at - b.at)
      .map(({ grams, left, spoiled }) => ({ eaten: grams - left - spoiled, spoiled, left })),
    meals,
    firstShort: shortAt < 0 ? undefined : meals[shortAt],
    lasts: shortAt < 0 ? meals.at(-1) : meals[shortAt - 1],
    spoiledGrams: meals.reduce((all, meal) => all + meal.spoiled, 0),
    shortGrams: meals.reduce((all, meal) => all + meal.short, 0),
    leftGrams: pieces.reduce((all, piece) => all + piece.left, 0),
  };
}
