import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import { asCooked, type PlannedRun } from './asCooked.ts';
import type { TaskFacts } from './foldRun.ts';
import { projectRun } from './project.ts';

/** A dish that is not begun, or one load of it. */
export interface LeftOutWork {
  readonly batch: string;
  /** Left out: the whole dish. */
  readonly load?: number;
}

/** What leaving it out does, said before it is done. */
export interface LeaveOutMeans {
  /** The task at which it is said. */
  readonly task: string;
  /** Steps that go, and minutes by which all is done sooner. */
  readonly steps: number;
  readonly savesMinutes: number;
}

/** Undefined where it has begun: what is in the pot cannot be left out any more. */
export function leaveOutMeans(
  run: PlannedRun,
  facts: ReadonlyMap<string, TaskFacts>,
  { batch, load }: LeftOutWork,
  /** When all is done as it goes now, and now; ms. */
  { endsAt, now }: { readonly endsAt: Moment; readonly now: Moment },
): LeaveOutMeans | undefined {
  const mine = Object.values(run.about).filter(
    (task) => task.batch === batch && (load === undefined || task.load === load),
  );
  const [first] = mine;
  const touched = ({ startedAt, doneAt, ticked, gate }: TaskFacts): boolean =>
    startedAt !== undefined || doneAt !== undefined || (ticked?.length ?? 0) > 0 || gate !== undefined;
  if (!first || mine.some(({ id }) => touched(facts.get(id) ?? {}))) return undefined;
  const said = load === undefined ? { dropped: true } : { loadDropped: true };
  const without = asCooked(run, new Map(facts).set(first.id, { ...facts.get(first.id), ...said }));
  const sooner = projectRun(without.problem, without.plan, run.startedAt, without.facts, now).endsAt;
  return {
    task: first.id,
    steps: mine.length,
    savesMinutes: Math.max(0, Math.round((endsAt - sooner) / MINUTE_MS)),
  };
}
