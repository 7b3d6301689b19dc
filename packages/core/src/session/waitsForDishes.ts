import type { BatchTasks } from './batchTasks.ts';
import type { PlannedBatch } from './expand.ts';
import type { ProblemLink } from './problem.ts';

/**
 * A dish that is made of another dish of the session waits for it: the step that takes it in begins when all work on the other is done.
 * Where two recipes are made of each other, the one that comes first waits for nobody.
 */
export function waitsForDishes(batches: readonly PlannedBatch[], parts: readonly BatchTasks[]): readonly ProblemLink[] {
  const madeOf = new Map<number, Set<number>>();
  const leadsBackTo = (from: number, to: number): boolean =>
    from === to || [...(madeOf.get(from) ?? [])].some((next) => leadsBackTo(next, to));
  return batches.flatMap(({ scaled }, taker) =>
    batches.flatMap((made, maker): readonly ProblemLink[] => {
      const component = made.scaled.recipe.component.id;
      const lines = scaled.lines.filter(({ food }) => food.id === component).map(({ line }) => line.id);
      if (maker === taker || lines.length === 0 || leadsBackTo(maker, taker)) return [];
      const takes = parts[taker]?.abouts.filter(({ goesIn }) => goesIn.some(({ line }) => lines.includes(line))) ?? [];
      madeOf.set(taker, (madeOf.get(taker) ?? new Set()).add(maker));
      const { abouts = [], links = [] } = parts[maker] ?? {};
      const lasts = abouts.filter(({ id }) => !links.some(({ from }) => from === id));
      return lasts.flatMap(({ id: from }) => takes.map(({ id: to }) => ({ from, to, min: 0, max: null })));
    }),
  );
}
