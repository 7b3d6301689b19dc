import type { Moment } from '../quantity/index.ts';
import { isHeatedAt, type Revision } from '../recipe/index.ts';
import type { TaskAbout } from '../session/index.ts';
import type { TaskFacts } from './foldRun.ts';

/** Before the heat: water that boils for it, and what is put in. */
const NOT_YET_HOT: readonly TaskAbout['stage'][] = ['kettle', 'load'];

/** When a dish left the heat: the last of its heated steps was done then; undefined: none is done yet, or none is heated. Seasoning and boxing come after it, and it cools meanwhile. */
export function leftTheHeat(
  batch: string,
  recipe: Pick<Revision, 'steps' | 'uses'>,
  about: Readonly<Record<string, TaskAbout>>,
  facts: ReadonlyMap<string, TaskFacts>,
): { readonly task: string; readonly at: Moment } | undefined {
  return Object.values(about)
    .filter((task) => task.batch === batch && !NOT_YET_HOT.includes(task.stage) && isHeatedAt(recipe, task.step))
    .flatMap(({ id }) => {
      const fact = facts.get(id);
      return fact?.doneAt === undefined || fact.skipped ? [] : [{ task: id, at: fact.doneAt }];
    })
    .sort((a, b) => b.at - a.at)[0];
}
