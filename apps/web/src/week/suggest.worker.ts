import { ImpossibleProblem, search } from '@kestrel-ridge/core/schedule';
import type { Problem } from '@kestrel-ridge/core/session';
import {
  suggestSeason,
  weekGoodAt,
  type Draft,
  type Effort,
  type Profile,
  type Pulled,
  type SeasonAsk,
  type SuggestedSeason,
  type WeekAsk,
} from '@kestrel-ridge/core/week';
import { expose } from 'comlink';

/** A plan of each session is looked for briefly: how long it takes is told, and whether it can be planned at all. */
const PLAN_ROUNDS = 400;

/** The search for weeks, away from the screen. The same question gets the same answer. */
const suggester = {
  look: (
    ask: Omit<WeekAsk, 'weights'>,
    goodAt: Profile,
    pulled: Pulled,
    known: readonly Draft[],
    effort: Effort,
  ): Draft => weekGoodAt(ask, goodAt, pulled, known, effort).draft,
  season: (ask: SeasonAsk, seed: number): SuggestedSeason => suggestSeason(ask, seed),
  /** Minutes that a session takes; null: nothing can be planned of it. */
  plan: (problem: Problem): number | null => {
    try {
      return search(problem, { seed: 1, rounds: PLAN_ROUNDS }).makespan;
    } catch (thrown) {
      if (thrown instanceof ImpossibleProblem) return null;
      throw thrown;
    }
  },
};
export type Suggester = typeof suggester;

expose(suggester);
