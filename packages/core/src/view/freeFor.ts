import { Fraction, type Day } from '../quantity/index.ts';
import { freeOf, isGoodOn } from '../stock/index.ts';
import type { Revision } from '../recipe/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { cookedOn, promisesOf } from './promisesOf.ts';

export interface FreeStock {
  /** What somebody has counted, in the unit its lots are counted in. */
  readonly there: Fraction;
  /** What dishes of before will have made of it by then. */
  readonly cooked: Fraction;
  /** What other dishes count on. */
  readonly promised: Fraction;
  /** What is left for this one. */
  readonly free: Fraction;
}

/** What of a food a dish can count on: what is on the shelf less what is promised to others. `mine` are the batches that ask: what is promised to them is theirs. */
export function freeFor(
  view: KitchenView,
  food: string,
  mine: readonly string[] = [],
  on: Day = dayOf(view, mine),
): FreeStock {
  const { counted, coming, promises } = promisesOf(view);
  const there = counted
    .filter((lot) => lot.food === food && isGoodOn(lot, on))
    .reduce((sum, { onHand }) => sum.add(onHand), new Fraction(0));
  const at = beginsOf(view, mine);
  // What another dish of before will have made can be counted on too.
  const made = coming.filter((lot) => lot.food === food && (lot.coming?.at ?? 0) <= at && isGoodOn(lot, on));
  const free = freeOf([...counted, ...made], promises, food, on, mine);
  const cooked = made.reduce((sum, { onHand }) => sum.add(onHand), new Fraction(0));
  return { there, cooked, promised: there.add(cooked).sub(free), free };
}

/** When those that ask are cooked, ms; who has no session asks for the earliest moment, before which nothing is made. */
const beginsOf = (view: KitchenView, mine: readonly string[]): number =>
  Math.max(
    ...view.batches.filter(({ state }) => mine.includes(state.id)).map(({ session }) => Date.parse(session.startsAt)),
    -Infinity,
  );

/** The day of those that ask: the first of their sessions; who has none planned asks for today. */
const dayOf = (view: KitchenView, mine: readonly string[]): Day =>
  view.batches
    .filter(({ state }) => mine.includes(state.id))
    .map((batch) => cookedOn(view, batch))
    .sort()[0] ?? view.today;

/** The planned batches of a recipe: when it is asked about, what is promised to them is its own. */
export const batchesOf = ({ batches }: KitchenView, { component }: Pick<Revision, 'component'>): readonly string[] =>
  batches
    .filter(({ state, recipe }) => state.status === 'planned' && recipe.document.component.id === component.id)
    .map(({ state }) => state.id);
