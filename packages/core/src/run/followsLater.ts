import type { MinuteCount } from '../quantity/index.ts';
import type { Problem, TaskAbout } from '../session/index.ts';
import type { TaskFacts } from './foldRun.ts';

/** Stirring something in takes so long; cooking it apart, until it is done. Common practice, no published source. */
const STIR_IN_MINUTES = 2;
const COOK_APART_MINUTES = 15;

/** A step that nobody had planned: what was not ticked at a gate and was to come in later. */
export interface LaterStep {
  readonly about: TaskAbout;
  readonly minutes: MinuteCount;
  /** What has to be over before it, and what waits for it. */
  readonly after: readonly string[];
  readonly before: readonly string[];
}

export const laterId = (task: string, line: string): string => `later/${task}/${line}`;

/**
 * What was put off at a gate gets a step of its own, so that nobody has to remember it: after the lid is off, the tray is out or the blades stand still, and before the
 * last hands on the dish. Without such last hands it comes at the end of the dish.
 */
export function laterSteps(
  problem: Problem,
  about: Readonly<Record<string, TaskAbout>>,
  facts: ReadonlyMap<string, TaskFacts>,
): readonly LaterStep[] {
  return [...facts].flatMap(([id, { gate }]) =>
    Object.entries(gate ?? {}).flatMap(([line, choice]): LaterStep[] => {
      const task = about[id];
      const into = task?.goesIn.find((each) => each.line === line);
      if (choice !== 'later' || !task || !into) return [];
      const ofLoad = (other: TaskAbout | undefined) =>
        other?.batch === task.batch && (other.load === task.load || other.load === 0 || task.load === 0);
      const behind = behindOf(id, problem).filter((each) => ofLoad(about[each]));
      const closed = behind.filter((each) => about[each]?.attention.needs !== 'hands');
      const opens = closed.length > 0 ? withVent(closed, behind, about) : [id];
      const before = behind.filter((each) => !opens.includes(each) && behindOf(each, problem).length === 0);
      const apart = into.follows === 'cook apart';
      return [
        {
          about: {
            id: laterId(id, line),
            batch: task.batch,
            dish: task.dish,
            load: task.load,
            loads: task.loads,
            step: laterId(task.step, line),
            putOff: true,
            name: apart ? `Cook ${into.food} apart and stir in` : `Stir in ${into.food}`,
            station: 'hands',
            skills: [],
            window: exactly(apart ? COOK_APART_MINUTES : STIR_IN_MINUTES),
            attention: { needs: 'hands' },
            cautions: [],
            goesIn: [{ ...into, follows: 'not later' }],
            ...(task.who === undefined ? {} : { who: task.who }),
          },
          minutes: apart ? COOK_APART_MINUTES : STIR_IN_MINUTES,
          after: opens,
          before,
        },
      ];
    }),
  );
}

/** The lid is off when it has been vented and emptied: hands do that, and they come before what follows. */
function withVent(
  closed: readonly string[],
  behind: readonly string[],
  about: Readonly<Record<string, TaskAbout>>,
): readonly string[] {
  const emptied = behind.filter((each) => about[each]?.stage === 'empty');
  return emptied.length > 0 ? emptied : closed;
}

/** Everything that waits for a task, near and far. */
function behindOf(id: string, { links }: Problem): readonly string[] {
  const seen = new Set<string>([id]);
  for (const at of seen) for (const { from, to } of links) if (from === at) seen.add(to);
  seen.delete(id);
  return [...seen];
}

const exactly = (n: number) => ({ earliest: n, expected: n, latest: n });
