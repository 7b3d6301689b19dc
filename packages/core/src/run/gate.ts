import type { GoesIn, Problem, TaskAbout } from '../session/index.ts';
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
  const opens = (resource: string) => uses.some((use) => use.resource.startsWith(resource) && use.from === task.id);
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
 * What was answered at an earlier gate is not asked again, but "later" is.
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
  const missing = before.flatMap((each) => {
    const known = facts.get(each.id);
    return each.goesIn
      .filter(({ line, comesOut: _whole }) => {
        const answer = known?.gate?.[line];
        // What was put off has a step of its own: done, it went in; skipped, it did not.
        const open = answer === 'later' && facts.get(laterId(each.id, line))?.doneAt === undefined;
        return !known?.ticked?.includes(line) && (answer === undefined || (open && gate === 'boxes'));
      })
      .map((into) => ({ task: each.id, into }));
  });
  const comesOut =
    gate === 'boxes'
      ? before.flatMap((each) =>
          each.goesIn
            .filter(({ comesOut: whole, line }) => whole && facts.get(each.id)?.gate?.[line] !== 'left out')
            .map((into) => ({ task: each.id, into })),
        )
      : [];
  const stuck = gate === 'lid' ? brownedBefore(task, problem, about) : undefined;
  const loosen = facts.get(task.id)?.ticked?.includes(LOOSENED) ? undefined : stuck?.name;
  return missing.length > 0 || comesOut.length > 0 || loosen !== undefined
    ? { gate, missing, comesOut, loosen }
    : undefined;
}

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
