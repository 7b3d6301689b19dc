import { MINUTE_MS } from '../quantity/index.ts';
import { foldRun, type RunEvent } from '../run/index.ts';
import type { TaskAbout } from '../session/index.ts';
import type { OwnFigures } from '../kitchen/index.ts';
import { LOADS, learned, type Learned } from './learned.ts';

/** A run as it was cooked: what its tasks were, and what happened. */
export interface CookedRun {
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly events: readonly RunEvent[];
}

/** What is further off was no cooker: a tap was forgotten, or came twice. */
const PLAUSIBLE = { least: 0.4, most: 3 };

/**
 * How long this kitchen's sealed cooker takes to come up and to release, against what heat alone says: the mean of its runs, drawn towards the book while
 * they are few (n × mean + 2 × 1) ÷ (n + 2).
 * @example cookerLog(runs).comeUpTimes?.value // 1.18
 */
export function cookerLog(
  runs: readonly CookedRun[],
): Readonly<Partial<Record<keyof Pick<OwnFigures, 'comeUpTimes' | 'releaseTimes'>, Learned>>> {
  const seen = { 'come up': [] as number[], natural: [] as number[] };
  for (const { about, events } of runs) {
    const facts = foldRun(events);
    for (const task of Object.values(about)) {
      if ((task.stage !== 'come up' && task.stage !== 'natural') || task.bookMinutes === undefined) continue;
      const begun = begunAt(task, about, facts);
      const done = facts.get(task.id)?.doneAt;
      if (begun === undefined || done === undefined) continue;
      const times = (done - begun) / MINUTE_MS / task.bookMinutes;
      if (times >= PLAUSIBLE.least && times <= PLAUSIBLE.most) seen[task.stage].push(times);
    }
  }
  const comeUpTimes = learned(seen['come up'], LOADS);
  const releaseTimes = learned(seen.natural, LOADS);
  return { ...(comeUpTimes ? { comeUpTimes } : {}), ...(releaseTimes ? { releaseTimes } : {}) };
}

/** It began when it was started, or when the stage before it was done. */
function begunAt(task: TaskAbout, about: CookedRun['about'], facts: ReturnType<typeof foldRun>): number | undefined {
  const before = task.stage === 'come up' ? 'load' : 'hold';
  const earlier = Object.values(about).find(
    ({ batch, step, load, stage }) =>
      batch === task.batch && step === task.step && load === task.load && stage === before,
  );
  return facts.get(task.id)?.startedAt ?? (earlier && facts.get(earlier.id)?.doneAt);
}
