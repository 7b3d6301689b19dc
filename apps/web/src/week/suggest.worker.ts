import { expose } from 'comlink';
import { PROFILES, suggestWeek, type Profile, type Suggested, type WeekAsk } from '@kestrel-ridge/core/week';

/** Changes tried for each week: a few hundred milliseconds. */
const ROUNDS = 16_000;

export interface SuggestedWeek extends Suggested {
  readonly goodAt: Profile;
}

/** A week for each thing that a week may be good at; away from the screen. The same question gets the same answer. */
const suggester = {
  suggest(ask: Omit<WeekAsk, 'weights'>, seed: number): readonly SuggestedWeek[] {
    return (Object.keys(PROFILES) as Profile[]).map((goodAt) => ({
      goodAt,
      ...suggestWeek({ ...ask, weights: PROFILES[goodAt] }, { seed, rounds: ROUNDS }),
    }));
  },
};
export type Suggester = typeof suggester;

expose(suggester);
