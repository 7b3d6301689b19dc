import { PLACES, flat, placeOf, scoreOf, weekFold, type WeekAsk } from '../src/week/index.ts';

/** All choices out of lists, one of each. Written over with each step: to be read at once. */
function* choices(lists: readonly (readonly number[])[]): Generator<readonly number[]> {
  const at = lists.map(() => 0);
  for (;;) {
    yield at.map((n, which) => lists[which]?.[n] ?? 0);
    let which = 0;
    while (which < at.length && (at[which] as number) + 1 >= (lists[which]?.length ?? 0)) at[which++] = 0;
    if (which === at.length) return;
    at[which] = (at[which] as number) + 1;
  }
}

/** The score of the best of all drafts there are of a small week: each plate, each size, each session tried with each. It shares the score with the search, and no step of it. */
export function bestOfEveryDraft(ask: WeekAsk): number {
  const fold = weekFold(ask);
  const { candidates, people } = ask;
  const plates = people.flatMap(() =>
    PLACES.map((_, place) => [-1, ...candidates.flatMap(({ kind }, c) => (placeOf(kind) === place ? [c] : []))]),
  );
  const state = flat({
    meals: people.map(() => PLACES.map(() => -1)),
    sizes: candidates.map(() => 0),
    into: candidates.map(() => 0),
  });
  let least = Infinity;
  for (const into of choices(candidates.map(({ cooks }) => cooks?.into ?? [0]))) {
    state.into.set(into);
    for (const sizes of choices(candidates.map(({ cooks }) => [0, ...(cooks?.sizes ?? [])]))) {
      state.sizes.set(sizes);
      for (const on of choices(plates)) {
        state.plates.set(on);
        least = Math.min(least, scoreOf(fold(state), ask));
      }
    }
  }
  return least;
}
