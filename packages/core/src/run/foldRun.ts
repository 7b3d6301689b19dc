import { MINUTE_MS, type Milliseconds, type Moment } from '../quantity/index.ts';
import type { Written } from '../quantity/index.ts';
import { byCause, type GateChoice, type Measured, type RunEvent, type RunFact } from './event.ts';

export interface TaskFacts {
  readonly startedAt?: Moment;
  readonly doneAt?: Moment;
  /** After "not yet": when to look again. */
  readonly lookAgainAt?: number;
  /** When somebody looked and it was not done. */
  readonly notYetAt?: readonly Moment[];
  readonly skipped?: boolean;
  /** Its clock stands still since then. */
  readonly pausedAt?: Moment;
  /** ms for which it has stood still. */
  readonly pausedMs?: Milliseconds;
  /** Lines that went in. */
  readonly ticked?: readonly string[];
  /** Lines that had not been ticked at the gate. */
  readonly gate?: Readonly<Record<string, GateChoice>>;
  /** More or less than was planned, line by line, in the order in which it was said. */
  readonly plus?: readonly { readonly line: string; readonly amount: Written }[];
  readonly who?: string;
  readonly measured?: readonly { readonly at: Moment; readonly what: Measured; readonly value: number }[];
  /** Trays that have come out: of which rack, and when. */
  readonly traysOut?: readonly { readonly rack: number; readonly at: Moment }[];
  readonly notes?: readonly string[];
  /** The dish was dropped at this task. */
  readonly dropped?: boolean;
  /** The load of this task was dropped. */
  readonly loadDropped?: boolean;
  /** Of a task that nobody had planned. */
  readonly added?: { readonly at: Moment; readonly name: string; readonly minutes: number; readonly hands: boolean };
}

/** A run as its events tell it. Any order of arrival and any repetition gives the same. */
export function foldRun(events: readonly RunEvent[]): ReadonlyMap<string, TaskFacts> {
  const once = [...new Map(events.map((event) => [event.id, event])).values()].sort(byCause);
  const tasks = new Map<string, TaskFacts>();
  for (const { at, what } of once) tasks.set(what.task, next(tasks.get(what.task) ?? {}, at, what));
  return tasks;
}

function next(known: TaskFacts, at: Moment, what: RunFact): TaskFacts {
  const open = known.doneAt === undefined;
  switch (what.kind) {
    case 'started':
      return known.startedAt === undefined && open ? { ...known, startedAt: at } : known;
    case 'done':
      // The first "done" counts: a second tap changes nothing.
      return open ? { ...resumed(known, at), doneAt: at } : known;
    case 'skipped':
      return open ? { ...resumed(known, at), doneAt: at, skipped: true } : known;
    case 'not yet':
      return open
        ? { ...known, lookAgainAt: at + what.minutes * MINUTE_MS, notYetAt: [...(known.notYetAt ?? []), at] }
        : known;
    case 'reopened': {
      const { doneAt: _gone, skipped: _nor, ...rest } = known;
      return rest;
    }
    case 'paused':
      return open && known.pausedAt === undefined ? { ...known, pausedAt: at } : known;
    case 'resumed':
      return resumed(known, at);
    case 'ticked':
      return { ...known, ticked: [...without(known.ticked, what.line), what.line] };
    case 'unticked':
      return { ...known, ticked: without(known.ticked, what.line) };
    case 'gate':
      return { ...known, gate: { ...known.gate, [what.line]: what.choice } };
    case 'amount':
      return { ...known, plus: [...(known.plus ?? []), { line: what.line, amount: what.plus }] };
    case 'given':
      return { ...known, who: what.who };
    case 'added':
      return known.added
        ? known
        : { ...known, added: { at, name: what.name, minutes: what.minutes, hands: what.hands } };
    case 'measured':
      return { ...known, measured: [...(known.measured ?? []), { at, what: what.what, value: what.value }] };
    case 'tray out':
      // The first word of a rack counts, as of all that is done.
      return open && !known.traysOut?.some(({ rack }) => rack === what.rack)
        ? { ...known, traysOut: [...(known.traysOut ?? []), { rack: what.rack, at }] }
        : known;
    case 'tray back':
      return { ...known, traysOut: (known.traysOut ?? []).filter(({ rack }) => rack !== what.rack) };
    case 'noted':
      return { ...known, notes: [...(known.notes ?? []), what.text] };
    case 'dish dropped':
      return { ...known, dropped: true };
    case 'load dropped':
      return { ...known, loadDropped: true };
    default:
      return what satisfies never;
  }
}

const without = (lines: readonly string[] | undefined, line: string): readonly string[] =>
  (lines ?? []).filter((each) => each !== line);

/** A clock that stood still goes on: what it stood is added up. A device whose time is behind adds nothing. */
function resumed(known: TaskFacts, at: Moment): TaskFacts {
  if (known.pausedAt === undefined) return known;
  const { pausedAt, ...rest } = known;
  return { ...rest, pausedMs: (known.pausedMs ?? 0) + Math.max(0, at - pausedAt) };
}
