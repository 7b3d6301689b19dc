import { ImpossibleProblem, search } from '@kestrel-ridge/core/schedule';
import type { Problem } from '@kestrel-ridge/core/session';
import {
  suggestSeason,
  weekInSteps,
  type Draft,
  type SeasonAsk,
  type SuggestedSeason,
  type WeekSearch,
} from '@kestrel-ridge/core/week';
import { expose } from 'comlink';

/** A plan of each session is looked for briefly: how long it takes is told, and whether it can be planned at all. */
const PLAN_ROUNDS = 400;

/** Questions whose answer nobody waits for any more. */
const leftOff = new Set<number>();
/** Lets in what was said to the worker meanwhile. */
const breath = () => new Promise<void>((resolve) => setTimeout(resolve));

/** The search for weeks, away from the screen. The same question gets the same answer. */
const suggester = {
  /** The best week for one thing; undefined: the question was left off meanwhile. */
  look: async (question: number, asked: WeekSearch): Promise<Draft | undefined> => {
    const steps = weekInSteps(asked);
    for (;;) {
      await breath();
      if (leftOff.has(question)) return undefined;
      const step = steps.next();
      if (step.done) return step.value.draft;
    }
  },
  leaveOff: (question: number): void => void leftOff.add(question),
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
