import type { TaskAbout } from '../session/index.ts';
import type { TaskFacts } from './foldRun.ts';

/** What a cook noted at a step. */
export interface StepNote {
  readonly step: string;
  readonly text: string;
}

/** What was noted while a batch was cooked, by the step of its recipe. */
export const notesOf = (
  batch: string,
  about: Readonly<Record<string, TaskAbout>>,
  facts: ReadonlyMap<string, TaskFacts>,
): readonly StepNote[] =>
  Object.values(about)
    .filter((task) => task.batch === batch)
    .flatMap(({ id, step }) => (facts.get(id)?.notes ?? []).map((text) => ({ step, text })));
