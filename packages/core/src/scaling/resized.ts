/** Portions of a batch, and how many of them go into the freezer. */
export interface PortionsOf {
  readonly portions: number;
  readonly freezePortions: number;
}

/**
 * A size at other portions. What goes into the freezer is what is left beside the meals, so fewer portions take from it first, and as many as before bring it back;
 * more portions are for meals until somebody says otherwise. `tried`: what stands there now; a number to freeze that somebody typed is what it goes by.
 * @example resized({ portions: 10, freezePortions: 4 }, { portions: 10, freezePortions: 4 }, 7).freezePortions // => 1
 */
export function resized(kept: PortionsOf, tried: PortionsOf, portions: number): PortionsOf {
  const typed = tried.freezePortions !== at(kept, tried.portions);
  return { portions, freezePortions: at(typed ? tried : kept, portions) };
}

function at({ portions: before, freezePortions }: PortionsOf, portions: number): number {
  const fresh = Math.max(0, before - freezePortions);
  return Math.min(freezePortions, Math.max(0, portions - fresh));
}
