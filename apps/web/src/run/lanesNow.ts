import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import type { CookedRun, RunView } from '@kestrel-ridge/core/run';
import { laneName } from '../session/cooksOf.ts';
import { lanesOf, type Lane } from '../session/lanes.ts';

export interface LanesNow {
  readonly lanes: readonly Lane[];
  /** The moment of minute 0. */
  readonly from: Moment;
  /** How long it is from there to the end of the last step, minutes. */
  readonly minutes: number;
}

/**
 * The plan of a run as lanes, as it stands: what was, at the times it had; what comes, as it is expected now.
 * Washes stay out: nobody ticks them off, so nobody knows when they are.
 */
export function lanesNow(
  { problem, plan, about }: Pick<CookedRun, 'problem' | 'plan' | 'about'>,
  { tasks }: Pick<RunView, 'tasks'>,
): LanesNow {
  const times = new Map(tasks.map((task) => [task.id, task]));
  const from = Math.min(...tasks.map(({ start }) => start));
  const minute = (at: Moment) => (at - from) / MINUTE_MS;
  const asItStands = {
    ...problem,
    tasks: problem.tasks.flatMap((task) => {
      const time = times.get(task.id);
      return time ? [{ ...task, minutes: Math.max(0, minute(time.end) - minute(time.start)) }] : [];
    }),
  };
  const named = Object.values(about).flatMap(({ id, who }) => (who === undefined ? [] : [{ id, who: laneName(who) }]));
  const names = [...new Set(named.map(({ who }) => who))].sort();
  const [only = laneName('Cook')] = names;
  // One cook does all of it, also what meets in the plan of a run that went otherwise.
  const whose = names.length > 1 ? named : Object.values(about).map(({ id }) => ({ id, who: only }));
  const lanes = lanesOf(
    { problem: asItStands, about, ahead: [], faults: [] },
    { ...plan, washes: [], starts: Object.fromEntries(tasks.map(({ id, start }) => [id, minute(start)])) },
    { names: names.length > 1 ? names : [only], who: Object.fromEntries(whose.map(({ id, who }) => [id, who])) },
  );
  return { lanes, from, minutes: Math.max(1, ...tasks.map(({ end }) => minute(end))) };
}
