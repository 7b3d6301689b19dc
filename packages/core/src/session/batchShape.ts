import type { Equipment } from '../kitchen/index.ts';
import type { Station, StationUse, Step } from '../recipe/index.ts';
import type { PlannedBatch } from './expand.ts';
import { goesInto, type GoesInto } from './goesInto.ts';
import { holds } from './stepFacts.ts';
import type { Stage } from './taskAbout.ts';

/** So long a use of a station lasts for a load. */
export interface Stretch {
  readonly load: number;
  readonly start: string;
  readonly end: string;
}

/** A batch as its tasks are named and cut into loads: what every part of taking it apart asks. */
export interface BatchShape extends PlannedBatch, GoesInto {
  readonly dish: string;
  readonly loads: number;
  /** The loads that a step is done for; 0: once for all. */
  readonly numbers: (step: Step) => readonly number[];
  readonly taskId: (step: string, load: number, stage?: Stage) => string;
  /** The first and the last task of a step. */
  readonly firstTask: (step: Step, load: number) => string;
  readonly lastTask: (step: Step, load: number) => string;
  readonly steps: ReadonlyMap<string, Step>;
  /** What holds a station during a step. */
  readonly useAt: (station: Station, step: string) => StationUse | undefined;
  readonly stretchesOf: (use: StationUse, from: Step, to: Step) => readonly Stretch[];
}

export function batchShape({ id, scaled }: PlannedBatch, equipment: Equipment): BatchShape {
  const { recipe } = scaled;
  const loads = scaled.loads.value.loads;
  const taskId = (step: string, load: number, stage?: Stage) =>
    [id, step, ...(load ? [`${load}`] : []), ...(stage ? [stage] : [])].join('/');
  const firstTask = (step: Step, load: number) =>
    step.kind === 'pressure' ? taskId(step.id, load, 'load') : taskId(step.id, load);
  const lastTask = (step: Step, load: number) =>
    step.kind === 'pressure' ? taskId(step.id, load, 'empty') : taskId(step.id, load);

  /** A use for each load: a vessel holds one. What is done once for all belongs to the first load where the use begins with it, and to the last where it ends with it. */
  const stretchesOf = (use: StationUse, from: Step, to: Step): readonly Stretch[] => {
    const inside = recipe.steps.filter(
      (step) => step.kind !== 'ahead' && holds(recipe.steps, use.from, use.to, step.id),
    );
    const ofLoads = inside.filter(({ per }) => per === 'load');
    const [first] = ofLoads;
    const last = ofLoads.at(-1);
    if (!first || !last) return [{ load: 0, start: firstTask(from, 0), end: lastTask(to, 0) }];
    return Array.from({ length: loads }, (_, n) => n + 1).map((load) => ({
      load,
      start: from.per === 'load' ? firstTask(from, load) : load === 1 ? firstTask(from, 0) : firstTask(first, load),
      end: to.per === 'load' ? lastTask(to, load) : load === loads ? lastTask(to, 0) : lastTask(last, load),
    }));
  };

  return {
    id,
    scaled,
    dish: recipe.component.name,
    loads,
    numbers: (step) => (step.per === 'batch' ? [0] : Array.from({ length: loads }, (_, n) => n + 1)),
    taskId,
    firstTask,
    lastTask,
    steps: new Map(recipe.steps.map((step) => [step.id, step])),
    useAt: (station, step) =>
      recipe.uses.find((use) => use.station === station && holds(recipe.steps, use.from, use.to, step)),
    stretchesOf,
    ...goesInto(scaled, equipment),
  };
}
