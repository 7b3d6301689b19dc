import { MINUTE_MS } from '../quantity/index.ts';
import { foldRun, type RunEvent } from '../run/index.ts';
import type { TaskAbout } from '../session/index.ts';
import type { OwnFigures } from '../kitchen/index.ts';
import type { Sourced } from '../quantity/index.ts';
import { posteriorOf, type Prior } from './posterior.ts';

/** A run as it was cooked: what its tasks were, and what happened. */
export interface CookedRun {
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly events: readonly RunEvent[];
}

/** A figure that a kitchen's own runs teach. */
export interface Learned extends Sourced<number> {
  /** On how many runs of the cooker it rests. */
  readonly n: number;
  /** Four fifths of what may be expected of it lie within. */
  readonly least: number;
  readonly most: number;
  /** Least and most of those runs. */
  readonly from: number;
  readonly to: number;
}

/** The book says 1, and weighs like two runs: few of them move its figure little. Common practice, no published source. */
const BOOK: Prior = { mean: 1, weighs: 2, noise: 0.15 };
/** Of what no book knows, only runs tell. */
const NO_BOOK: Prior = { mean: 0, weighs: 0, noise: 0.3 };
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
  const comeUpTimes = learned(seen['come up']);
  const releaseTimes = learned(seen.natural);
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

/** The mean of what was seen, drawn towards what the book says while it was seen seldom. Without a book, the mean alone. */
export function learned(times: readonly number[], what: 'loads' | 'turns' = 'loads'): Learned | undefined {
  if (times.length === 0) return undefined;
  const { mean, least, most, n } = posteriorOf(
    what === 'loads' ? BOOK : NO_BOOK,
    times.map((value) => ({ value })),
  );
  const hundredths = (value: number): number => Math.round(value * 100) / 100;
  return {
    value: hundredths(mean),
    source: `this kitchen, ${n} ${n === 1 ? what.slice(0, -1) : what}`,
    n,
    least: hundredths(Math.max(0, least)),
    most: hundredths(most),
    from: hundredths(Math.min(...times)),
    to: hundredths(Math.max(...times)),
  };
}
