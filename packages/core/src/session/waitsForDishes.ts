import { byProductsOf } from '../scaling/index.ts';
import type { BatchTasks } from './batchTasks.ts';
import type { PlannedBatch } from './expand.ts';
import type { ProblemLink } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/**
 * A dish that is made of another dish of the session waits for it: the step that takes it in begins when all work on the other is done; of what comes out beside that and
 * is kept, when the step that gives it is done.
 * Where two recipes are made of each other, the one that comes first waits for nobody.
 */
export function waitsForDishes(batches: readonly PlannedBatch[], parts: readonly BatchTasks[]): readonly ProblemLink[] {
  const madeOf = new Map<number, Set<number>>();
  const leadsBackTo = (from: number, to: number): boolean =>
    from === to || [...(madeOf.get(from) ?? [])].some((next) => leadsBackTo(next, to));
  return batches.flatMap(({ scaled }, taker) =>
    batches.flatMap((made, maker): readonly ProblemLink[] => {
      if (maker === taker) return [];
      const { abouts = [], links = [] } = parts[maker] ?? {};
      const takersOf = (isOf: (food: { readonly id: string; readonly name: string }) => boolean) => {
        const lines = scaled.lines.filter(({ food }) => isOf(food)).map(({ line }) => line.id);
        return parts[taker]?.abouts.filter(({ goesIn }) => goesIn.some(({ line }) => lines.includes(line))) ?? [];
      };
      const waits: ProblemLink[] = [];
      const waitFor = (froms: readonly TaskAbout[], takes: readonly TaskAbout[]) => {
        if (takes.length === 0 || leadsBackTo(maker, taker)) return;
        madeOf.set(taker, (madeOf.get(taker) ?? new Set()).add(maker));
        waits.push(...froms.flatMap(({ id: from }) => takes.map(({ id: to }) => ({ from, to, min: 0, max: null }))));
      };
      const { component } = made.scaled.recipe;
      waitFor(
        abouts.filter(({ id }) => !links.some(({ from }) => from === id)),
        takersOf(({ id }) => id === component.id),
      );
      for (const { name, step, goes } of byProductsOf(made.scaled))
        if (goes.to === 'shelf')
          waitFor(
            abouts.filter((task) => task.step === step),
            takersOf((food) => food.name === name),
          );
      return waits;
    }),
  );
}
