import { byCause, type RunEvent } from './event.ts';

export interface TaskFacts {
  readonly startedAt?: number;
  readonly doneAt?: number;
  /** After "not yet": when to look again. */
  readonly lookAgainAt?: number;
}

/** A run as its events tell it. Any order of arrival and any repetition gives the same. */
export function foldRun(events: readonly RunEvent[]): ReadonlyMap<string, TaskFacts> {
  const once = [...new Map(events.map((event) => [event.id, event])).values()].sort(byCause);
  const tasks = new Map<string, TaskFacts>();
  for (const { at, what } of once) {
    const known = tasks.get(what.task) ?? {};
    switch (what.kind) {
      case 'started':
        if (known.startedAt === undefined && known.doneAt === undefined)
          tasks.set(what.task, { ...known, startedAt: at });
        break;
      case 'done':
        // The first "done" counts: a second tap changes nothing.
        if (known.doneAt === undefined) tasks.set(what.task, { ...known, doneAt: at });
        break;
      case 'not yet':
        if (known.doneAt === undefined) tasks.set(what.task, { ...known, lookAgainAt: at + what.minutes * 60_000 });
        break;
      case 'reopened': {
        const { doneAt: _gone, ...rest } = known;
        tasks.set(what.task, rest);
        break;
      }
      default:
        what satisfies never;
    }
  }
  return tasks;
}
