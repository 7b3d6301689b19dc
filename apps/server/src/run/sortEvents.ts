import type { EventsTaken } from '@kestrel-ridge/core/formats';
import { DAY_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { isAdded, laterId, type RunEvent } from '@kestrel-ridge/core/run';
import { readEvent } from '@kestrel-ridge/core/run/schema';
import type { RunRow } from './run.model.ts';

/** A device that was away may be so far ahead of the run that the server knows. */
const MOST_AHEAD = 10_000;
/** A trainer's time goes faster; a clock that was set wrong is told by the page. Beyond these no event is a run's. */
const BEFORE_MS = DAY_MS;
const AFTER_MS = 7 * DAY_MS;

export const AGAIN = 'Reload the run and say it again.';

interface Known {
  readonly run: Pick<RunRow, 'about' | 'startedAt'>;
  readonly newestClock: number;
  readonly now: Moment;
}

/** Events that may be kept, each once, and those that may not with the reason. */
export function sortEvents(
  raw: readonly unknown[],
  known: Known,
): { readonly events: readonly RunEvent[]; readonly refused: EventsTaken['refused'] } {
  const events = new Map<string, RunEvent>();
  const refused: EventsTaken['refused'][number][] = [];
  for (const each of raw) {
    const read = readEvent(each);
    if (!read.ok) {
      const id = (each as { readonly id?: unknown } | null)?.id;
      const [{ field, fault } = { field: '', fault: 'It cannot be understood.' }] = read.problem;
      refused.push({ id: typeof id === 'string' ? id.slice(0, 80) : '', field, fault, remedy: AGAIN });
      continue;
    }
    const wrong = faultOf(read.value, known);
    if (wrong) refused.push({ id: read.value.id, ...wrong, remedy: AGAIN });
    else events.set(read.value.id, read.value);
  }
  return { events: [...events.values()], refused };
}

function faultOf(
  { what, clock, at }: RunEvent,
  { run, newestClock, now }: Known,
): { readonly field: string; readonly fault: string } | undefined {
  if (!isOfRun(what.task, run)) return { field: 'what.task', fault: 'It names a task that is not in this run.' };
  if (clock > newestClock + MOST_AHEAD)
    return { field: 'clock', fault: 'It counts further ahead than any device has seen of this run.' };
  if (at < run.startedAt.getTime() - BEFORE_MS || at > now + AFTER_MS)
    return { field: 'at', fault: 'Its time is days away from this run: look at the clock of the device.' };
  return undefined;
}

/** Planned, added on the way, or put off at the gate of one that was planned. */
const isOfRun = (task: string, { about }: Pick<RunRow, 'about'>): boolean =>
  Object.hasOwn(about, task) ||
  isAdded(task) ||
  Object.values(about).some(({ id, goesIn }) => goesIn.some(({ line }) => task === laterId(id, line)));
