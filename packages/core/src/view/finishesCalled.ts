import type { PastState, RunState } from '../formats/index.ts';
import { againstPlan, paceOf, sightingsOf, type Sighting } from '../learn/index.ts';
import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import { rehearse } from '../schedule/index.ts';
import type { TaskAbout } from '../session/index.ts';
import { spreadsOf } from './tasksOf.ts';
import { sessionsOfPast } from './weekThatWas.ts';

/** By when a session would have been called done, by what the sessions before it had shown, and when it was. */
export interface CalledFinish {
  readonly session: string;
  readonly name: string;
  readonly start: Moment;
  /** Done by then in so many rehearsals: see CALLED. */
  readonly by: Moment;
  readonly finish: Moment;
  readonly held: boolean;
}

/** What is called: so many of all finishes. */
export const CALLED = 0.8;
const REHEARSALS = 200;
const SEED = 4180;

/**
 * Sessions that are over, each with the finish that would have been called for it, the first one first. What a session itself showed is not known to its own call, nor what came
 * after it: so it tells how far such a call can be trusted in this kitchen. Sessions whose times are in doubt are left out.
 * It takes a moment for each session, and belongs on no interface's thread.
 * @example finishesCalled(past).filter(({ held }) => held).length // about 8 of 10
 */
export function finishesCalled(past: PastState): readonly CalledFinish[] {
  const recipeOf = Object.fromEntries(past.batches.map(({ id, recipe }) => [id, recipe]));
  const runOf = new Map(past.runs.map((run) => [run.session, run]));
  const shown: Sighting[] = [];
  return [...sessionsOfPast(past)]
    .sort((a, b) => a.start - b.start)
    .flatMap(({ id, name, start, finish, doubt }): readonly CalledFinish[] => {
      const run = runOf.get(id);
      if (!run || doubt !== undefined) return [];
      const pace = againstPlan(paceOf(shown), plannedHands(run));
      const { finishes } = rehearse(run.problem, run.plan, spreadsOf(run), pace, { seed: SEED, runs: REHEARSALS });
      const by = start + (finishes[Math.ceil(finishes.length * CALLED) - 1] ?? 0) * MINUTE_MS;
      shown.push(
        ...sightingsOf({ id: run.id, about: run.about, recipeOf, events: run.events }).filter(
          ({ figure }) => figure.kind === 'hands',
        ),
      );
      return [{ session: id, name, start, by, finish, held: finish <= by }];
    });
}

/** How the minutes of hands that its plan went by stand to the book's. */
function plannedHands({ about }: RunState): number {
  const hands = Object.values(about).filter(({ attention }) => attention.needs === 'hands');
  const sum = (of: (task: TaskAbout) => number): number => hands.reduce((all, task) => all + of(task), 0);
  const book = sum(({ bookMinutes, window }) => bookMinutes ?? window.expected);
  return book > 0 ? sum(({ window }) => window.expected) / book : 1;
}
