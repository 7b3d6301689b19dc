import type { PastState } from '../formats/index.ts';

/** What a portion of it weighs: as in its boxes of these days, else as in those that stood there before, g. */
export function portionOfBoxes({ movements, before }: PastState, food: string): number {
  const said =
    movements.find((each) => each.food === food && each.portionG !== null)?.portionG ??
    before.find((each) => each.food === food)?.portionG;
  return Math.max(1, Number(said ?? 1));
}
