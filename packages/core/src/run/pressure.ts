import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import type { Stage, TaskAbout } from '../session/index.ts';
import type { RunTask } from './project.ts';

/** Where a load stands in the sealed cooker's cycle. */
export interface PressureCycle {
  readonly batch: string | null;
  readonly dish: string;
  readonly load: number;
  readonly loads: number;
  readonly stages: readonly {
    readonly stage: Stage;
    readonly task: RunTask;
    readonly about: TaskAbout;
  }[];
  /** The stage that is under way, or that is next. */
  readonly at: Stage;
  /** The pin should be up by now and is not: what to look at. */
  readonly watchdog: readonly string[];
}

const ORDER: readonly Stage[] = ['load', 'come up', 'hold', 'natural', 'vent', 'empty'];

/** What a cook looks at when the pin does not rise. Common practice, no published source; the manual comes first. */
const LOOK_AT = [
  'Is the valve set to seal?',
  'Does the ring sit all round, and is it clean?',
  'Is there enough liquid?',
  'Does steam leave at the rim?',
] as const;

/** The cycles that are open: begun, or next to begin with the lid. One for each load. */
export function pressureCycles(
  tasks: readonly RunTask[],
  about: Readonly<Record<string, TaskAbout>>,
  now: Moment,
): readonly PressureCycle[] {
  const cycles = new Map<string, { task: RunTask; about: TaskAbout }[]>();
  for (const task of tasks) {
    const known = about[task.id];
    if (!known?.stage || known.stage === 'kettle') continue;
    const key = `${known.batch ?? ''} ${known.step} ${known.load}`;
    cycles.set(key, [...(cycles.get(key) ?? []), { task, about: known }]);
  }
  return [...cycles.values()].flatMap((members): PressureCycle[] => {
    const stages = ORDER.flatMap((stage) =>
      members.filter((each) => each.about.stage === stage).map((each) => ({ stage, ...each })),
    );
    const open = stages.find(({ task }) => task.status !== 'done');
    const [first] = stages;
    if (!open || !first || first.task.status !== 'done') return [];
    const late =
      open.stage === 'come up' &&
      now > open.task.start + open.about.window.latest * MINUTE_MS &&
      open.task.status !== 'done';
    return [
      {
        batch: first.about.batch,
        dish: first.about.dish,
        load: first.about.load,
        loads: first.about.loads,
        stages,
        at: open.stage,
        watchdog: late ? LOOK_AT : [],
      },
    ];
  });
}
