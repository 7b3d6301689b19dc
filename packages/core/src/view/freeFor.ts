import { Fraction } from '../quantity/index.ts';
import { freeOf } from '../stock/index.ts';
import type { Revision } from '../recipe/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { promisesOf } from './promisesOf.ts';

export interface FreeStock {
  /** What somebody has counted, in the unit its lots are counted in. */
  readonly there: Fraction;
  /** What other dishes count on. */
  readonly promised: Fraction;
  /** What is left for this one. */
  readonly free: Fraction;
}

/** What of a food a dish can count on: what is on the shelf less what is promised to others. `mine` are the batches that ask: what is promised to them is theirs. */
export function freeFor(view: KitchenView, food: string, mine: readonly string[] = []): FreeStock {
  const { counted, promises } = promisesOf(view);
  const there = counted
    .filter((lot) => lot.food === food)
    .reduce((sum, { onHand }) => sum.add(onHand), new Fraction(0));
  const free = freeOf(counted, promises, food, mine);
  return { there, promised: there.sub(free), free };
}

/** The planned batches of a recipe: when it is asked about, what is promised to them is its own. */
export const batchesOf = ({ batches }: KitchenView, { component }: Pick<Revision, 'component'>): readonly string[] =>
  batches
    .filter(({ state, recipe }) => state.status === 'planned' && recipe.document.component.id === component.id)
    .map(({ state }) => state.id);
