import { expose } from 'comlink';
import { suggestWeeks, type SuggestedWeek, type WeekAsk } from '@kestrel-ridge/core/week';

/** The search for weeks, away from the screen. The same question gets the same answer. */
const suggester = {
  suggest: (ask: Omit<WeekAsk, 'weights'>, seed: number): readonly SuggestedWeek[] => suggestWeeks(ask, seed),
};
export type Suggester = typeof suggester;

expose(suggester);
