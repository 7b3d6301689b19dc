import type { WeekAsk } from './ask.ts';
import { PROFILES, type Profile } from './profiles.ts';
import { scorer } from './scorer.ts';
import { suggestWeek, type Suggested } from './suggest.ts';

/** Begun so often for each thing that a week may be good at: one search may end in a corner. */
const STARTS = 4;
const ROUNDS_A_START = 6000;
/** The best of all that was found, by what this week is to be good at, are made better still. */
const POLISHED = 2;
const ROUNDS_POLISHED = 8000;

export interface SuggestedWeek extends Suggested {
  readonly goodAt: Profile;
}

/** A week for each thing that a week may be good at. What was found for one may be the best for another: each takes from all. The same seed gives the same weeks. */
export function suggestWeeks(ask: Omit<WeekAsk, 'weights'>, seed: number): readonly SuggestedWeek[] {
  const profiles = Object.keys(PROFILES) as Profile[];
  const found = profiles.flatMap((goodAt, p) =>
    Array.from({ length: STARTS }, (_, n) =>
      suggestWeek(
        { ...ask, weights: PROFILES[goodAt] },
        { seed: (seed * profiles.length + p) * STARTS + n, rounds: ROUNDS_A_START },
      ),
    ),
  );
  return profiles.map((goodAt): SuggestedWeek => {
    const own: WeekAsk = { ...ask, weights: PROFILES[goodAt] };
    const score = scorer(own);
    const polished = [...found]
      .sort((a, b) => score(a.draft) - score(b.draft))
      .slice(0, POLISHED)
      .map(({ draft }, n) => suggestWeek(own, { seed: seed + n, rounds: ROUNDS_POLISHED, from: draft }));
    const [best] = polished.sort((a, b) => a.score - b.score);
    if (!best) throw new Error('No week was tried.');
    return { goodAt, ...best };
  });
}
