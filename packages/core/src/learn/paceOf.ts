import { BOOK_PACE, type HandsPace } from '../schedule/index.ts';
import type { Sighting } from './sighting.ts';

/** How hands go here against the minutes of a plan, and how many sessions and steps that was seen in. */
export interface Pace extends HandsPace {
  readonly sessions: number;
  readonly steps: number;
}

/** So many sessions, and so many steps, the book's word weighs as much as. Common practice, no published source. */
const BOOK_WEIGHS = { sessions: 4, steps: 12 } as const;

/**
 * The pace of this kitchen's hands against the book's minutes, out of what they were seen to do. Variance within and between sessions by the moments of a one-way
 * random-effects model, each drawn to the book's while there are few. A bound does not count.
 * Source: published: S. R. Searle, G. Casella, C. E. McCulloch, Variance Components, 1992, chapter 3.
 * @example paceOf(sightings).sessionSpread // 0.08 where sessions differ by about 8 %
 */
export function paceOf(sightings: readonly Pick<Sighting, 'bound' | 'run' | 'value'>[]): Pace {
  const counted = sightings.filter(({ bound, value }) => bound === undefined && value > 0);
  if (counted.length === 0) return { ...BOOK_PACE, sessions: 0, steps: 0 };
  const bySession = new Map<string, number[]>();
  for (const { run, value } of counted) {
    const mine = bySession.get(run);
    if (mine) mine.push(Math.log(value));
    else bySession.set(run, [Math.log(value)]);
  }
  const sessions = [...bySession.values()];
  const n = counted.length;
  const within = sessions.reduce((sum, logs) => sum + squares(logs), 0);
  const steps = drawn(within, n - sessions.length, BOOK_PACE.stepSpread, BOOK_WEIGHS.steps);
  // The mean of a session of k steps strays by the steps' own spread, too: that is no difference between sessions.
  const means = sessions.map(mean);
  const k = (n - sessions.reduce((sum, { length }) => sum + length * length, 0) / n) / Math.max(1, sessions.length - 1);
  const between = Math.max(0, squares(means) - (Math.max(0, sessions.length - 1) * steps ** 2) / Math.max(1, k));
  return {
    middle: (mean(means) * sessions.length) / (sessions.length + BOOK_WEIGHS.sessions / 2),
    sessionSpread: drawn(between, sessions.length - 1, BOOK_PACE.sessionSpread, BOOK_WEIGHS.sessions),
    stepSpread: steps,
    sessions: sessions.length,
    steps: n,
  };
}

/**
 * A pace against the minutes of a plan that goes by `planned` times the book's.
 * @example againstPlan(pace, 1.1).middle // 0 for hands that take a tenth longer than the book
 */
export const againstPlan = (pace: Pace, planned: number): Pace => ({
  ...pace,
  middle: pace.middle - Math.log(planned),
});

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
/** The squares of what they are off their mean. */
const squares = (values: readonly number[]): number => {
  const middle = mean(values);
  return values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
};
const drawn = (sum: number, of: number, book: number, weighs: number): number =>
  Math.sqrt((sum + weighs * book ** 2) / (Math.max(0, of) + weighs));
