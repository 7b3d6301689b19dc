import type { Moment } from '../quantity/index.ts';
import type { Sighting } from './sighting.ts';

/** A dish that was weighed when it was put away. */
export interface Weighed {
  readonly batch: string;
  /** The food that it is. */
  readonly component: string;
  readonly name: string;
  /** By the book, of what really went in, g. */
  readonly reckonedG: number;
  readonly weighedG: number;
  readonly at: Moment;
}

/** What is further off is no dish: the pot was weighed with it, or a part of it was boxed before. */
const PLAUSIBLE = { least: 0.5, most: 1.6 } as const;

/**
 * What weighed dishes show of how much really comes out of a recipe here.
 * @example weighingsOf([{ batch: 'b', component: 'kale', name: 'kale', reckonedG: 2000, weighedG: 1800, at: 0 }])[0]?.value // 0.9
 */
export const weighingsOf = (weighed: readonly Weighed[]): readonly Sighting[] =>
  weighed.flatMap(({ batch, component, name, reckonedG, weighedG, at }) => {
    const value = weighedG / reckonedG;
    if (!(value >= PLAUSIBLE.least && value <= PLAUSIBLE.most)) return [];
    return [
      {
        figure: { kind: 'yield' as const, of: component },
        run: batch,
        task: 'weighed',
        at,
        value,
        real: weighedG,
        book: reckonedG,
        what: name,
      },
    ];
  });
