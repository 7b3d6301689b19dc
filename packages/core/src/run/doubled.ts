import { byCause, type RunEvent } from './event.ts';

/** A task that was said to be done on two devices before either knew of the other: it counts once, from the first. */
export interface Doubled {
  readonly task: string;
  readonly first: RunEvent;
  readonly second: RunEvent;
}

/** Tasks that two devices tapped done; what was reopened in between was not done twice. */
export function doubledTaps(events: readonly RunEvent[]): readonly Doubled[] {
  const open = new Map<string, RunEvent>();
  const doubled: Doubled[] = [];
  for (const event of [...new Map(events.map((each) => [each.id, each])).values()].sort(byCause)) {
    const { kind, task } = event.what;
    if (kind === 'reopened') open.delete(task);
    if (kind !== 'done' && kind !== 'skipped') continue;
    const first = open.get(task);
    if (!first) open.set(task, event);
    else if (first.device !== event.device) doubled.push({ task, first, second: event });
  }
  return doubled;
}
