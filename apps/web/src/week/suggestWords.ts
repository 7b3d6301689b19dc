import { listed, shortest } from '@kestrel-ridge/core/quantity';
import type { Profile, SuggestedWeek } from '@kestrel-ridge/core/week';

/** A week with all that it is best at. */
export interface WeekCard {
  readonly week: SuggestedWeek;
  readonly goodAt: readonly Profile[];
}

/** One card a week: what is best at several things is shown once, and says so. */
export function cardsOf(weeks: readonly SuggestedWeek[]): readonly WeekCard[] {
  const drafts = [...new Set(weeks.map(({ draft }) => draft))];
  return drafts.flatMap((draft) => {
    const same = weeks.filter((each) => each.draft === draft);
    const [week] = same;
    return week ? [{ week, goodAt: same.map(({ goodAt }) => goodAt) }] : [];
  });
}

/** What a week is good at: "least waste and cheapest". */
export const goodAtWords = (goodAt: readonly Profile[]): string => listed(goodAt);

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four'];
/** Over the weeks that are shown. */
export const weeksHead = (n: number): string =>
  `${NUMBERS[n] ?? n} ${n === 1 ? 'week' : 'weeks'}, ${n > 1 ? 'each ' : ''}good at something`;

/**
 * How often something comes again, where what is only alike counts as a part of once.
 * @example repeatsWords(2.4) // => '2.4 times'
 */
export const repeatsWords = (repeats: number): string => {
  const tenths = Math.round(repeats * 10) / 10;
  return tenths === 0 ? 'never' : tenths === 1 ? 'once' : `${shortest(tenths, 1)} times`;
};

/**
 * Knife work that a session does in one go for several dishes, and what that saves.
 * @example inOneGoWords('onion', ['Kale and leek', 'Borlotti'], 2) // => 'onion for Kale and leek and Borlotti, 2 min saved'
 */
export const inOneGoWords = (food: string, dishes: readonly string[], boardMinutes: number): string =>
  `${food} for ${listed(dishes)}, ${boardMinutes * (dishes.length - 1)} min saved`;
