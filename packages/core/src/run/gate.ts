import { isThing, type GoesIn, type Problem, type TaskAbout } from '../session/index.ts';
import { laterId } from './followsLater.ts';
import type { TaskFacts } from './foldRun.ts';

/** A point of no return: what is not in now does not come in, or only in another way. */
export type Gate = 'lid' | 'tray' | 'blades' | 'boxes';

const GATE_WORDS: Readonly<Record<Gate, string>> = {
  lid: 'before the lid is sealed',
  tray: 'before the tray goes in',
  blades: 'before the blades turn',
  boxes: 'before it is portioned',
};
export const gateWords = (gate: Gate): string => GATE_WORDS[gate];

/** Is a task such a point? The lid of the cooker, a tray into the oven, the blades of the jug, and the last hands on a dish. */
export function gateAt(task: TaskAbout, { uses, tasks, links }: Problem, about: Abouts): Gate | undefined {
  if (task.stage === 'load') return 'lid';
  if (task.attention.needs !== 'hands') return undefined;
  const opens = (kind: string) => uses.some((use) => use.from === task.id && isThing(use.resource, kind));
  if (opens('oven') || opens('air fryer')) return 'tray';
  if (opens('jug')) return 'blades';
  const last = !links.some(
    ({ from, to }) => from === task.id && about[to]?.batch === task.batch && about[to]?.step !== task.step,
  );
  const follows = tasks.some(({ id }) => id !== task.id && about[id]?.batch === task.batch);
  return task.batch !== null && last && follows ? 'boxes' : undefined;
}

type Abouts = Readonly<Record<string, TaskAbout>>;

/** A line that should have gone in, and at which task. */
export interface Unticked {
  readonly task: string;
  readonly into: GoesIn;
}

export interface ReadBack {
  readonly gate: Gate;
  /** What is not ticked, of this task and of those before it. */
  readonly missing: readonly Unticked[];
  /** What went in whole and has to come out again. */
  readonly comesOut: readonly Unticked[];
  /** What was browned in the cooker sticks to its base, and is loosened with liquid before the lid is sealed: what browned it. */
  readonly loosen: string | undefined;
}

/** Ticked at the task of the lid when the base was loosened: no food has that id. */
export const LOOSENED = 'what stuck to the base';

/**
 * What is read back at a gate; undefined when nothing is missing: then nothing is asked.
 * What was answered at an earlier gate is not asked again: what comes later has its own step. What goes in whole is asked for once, where it is the last moment.
 */
export function readBack(
  task: TaskAbout,
  problem: Problem,
  about: Abouts,
  facts: ReadonlyMap<string, TaskFacts>,
): ReadBack | undefined {
  const gate = gateAt(task, problem, about);
  if (!gate) return undefined;
  const before = [...earlierOf(task, problem, about)].flatMap((id) => about[id] ?? []);
  const missing = before
    // What was put off has a step of its own, and is asked nowhere else.
    .filter(({ putOff }) => !putOff)
    .flatMap((each) => {
      const known = facts.get(each.id);
      return each.goesIn
        .filter(({ line }) => !known?.ticked?.includes(line) && known?.gate?.[line] === undefined)
        .map((into) => ({ task: each.id, into }));
    });
  const outAlready = (line: string) =>
    [...facts.values()].some(({ ticked }) => ticked?.includes(takenOut(task.batch ?? '', line, task.load)));
  // While the lid is shut nothing comes out; before the blades it has to, and before the boxes what is still in.
  const comesOut =
    gate === 'blades' || gate === 'boxes'
      ? before
          .filter(({ id }) => id !== task.id)
          .flatMap((each) =>
            each.goesIn
              .filter(({ comesOut: whole, line }) => whole && !neverIn(each.id, line, facts) && !outAlready(line))
              .map((into) => ({ task: each.id, into })),
          )
      : [];
  const stuck = gate === 'lid' ? brownedBefore(task, problem, about) : undefined;
  const loosen = facts.get(task.id)?.ticked?.includes(LOOSENED) ? undefined : stuck?.name;
  return missing.length > 0 || comesOut.length > 0 || loosen !== undefined
    ? { gate, missing, comesOut, loosen }
    : undefined;
}

/** Ticked at the gate where something was taken out again: no food has that id. */
export const takenOut = (batch: string, line: string, load: number): string => `out of ${batch}, load ${load}: ${line}`;

/** It was left out, or put off and then skipped, or is still to come. */
const neverIn = (task: string, line: string, facts: ReadonlyMap<string, TaskFacts>): boolean => {
  const answer = facts.get(task)?.gate?.[line];
  if (answer === 'left out') return true;
  const later = facts.get(laterId(task, line));
  return answer === 'later' && (later?.doneAt === undefined || later.skipped === true);
};

/** Work in the cooker before its lid goes on: browning leaves a paste on the base. */
function brownedBefore(task: TaskAbout, problem: Problem, about: Abouts): TaskAbout | undefined {
  return [...earlierOf(task, problem, about)]
    .flatMap((id) => about[id] ?? [])
    .find((each) => each.station === 'cooker' && each.stage === undefined && each.id !== task.id);
}

/** A task and what of its dish leads to it: other loads of the dish have gates of their own. */
function earlierOf(task: TaskAbout, { links }: Problem, about: Abouts): ReadonlySet<string> {
  const seen = new Set([task.id]);
  for (const at of seen)
    for (const { from, to } of links) {
      const other = about[from];
      if (
        to === at &&
        other &&
        other.batch === task.batch &&
        (other.load === task.load || other.load === 0 || task.load === 0)
      )
        seen.add(from);
    }
  return seen;
}
