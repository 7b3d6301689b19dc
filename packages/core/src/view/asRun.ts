import type { Allergen, CautionId } from '../food/index.ts';
import { Fraction } from '../quantity/index.ts';
import { finalsWith, loadsDropped, type TaskFacts } from '../run/index.ts';
import { perPortion, scaleBatch, type Final } from '../scaling/index.ts';
import type { TaskAbout } from '../session/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';

/** A run as far as it goes: what its tasks are, and what was told of them. */
export interface Told {
  readonly about: Readonly<Record<string, TaskAbout>>;
  readonly facts: ReadonlyMap<string, TaskFacts>;
}

/** A batch with what its run says that went into it: the same figures while it is cooked, and when it is put away. What was said by hand stands before it. */
export function asRun(view: KitchenView, batch: ScaledBatchView, { about, facts }: Told): ScaledBatchView {
  const planned = scaledWith(view, batch, batch.state.finals);
  const finals = finalsWith(batch.state.finals, batch.state.id, planned, about, facts);
  const dropped = loadsDropped(facts, about).filter((each) => each.batch === batch.state.id);
  if (finals.length === batch.state.finals.length && dropped.length === 0) return batch;
  const { loads = 1 } = dropped[0] ?? {};
  // What is not cooked of several loads is not there to be boxed either.
  const portions = new Fraction(batch.state.portions).mul(loads - dropped.length).div(loads);
  const state = { ...batch.state, finals, portions: portions.toFraction() };
  return { ...batch, state, scaled: scaledWith(view, { ...batch, state }, finals) };
}

const scaledWith = (view: KitchenView, { recipe, state }: ScaledBatchView, finals: readonly Final[]) =>
  scaleBatch(recipe.document, new Fraction(state.portions), view.foods, view.kitchen.equipment, finals);

/** What leaving something out changes of a dish. */
export interface LeftOutMeans {
  readonly portions: number;
  /** Grams in a portion, and grams of protein in it, before and after. */
  readonly portionG: readonly [number, number];
  readonly proteinG: readonly [number | undefined, number | undefined];
  /** Allergens that it no longer contains, and cautions that no longer hold. */
  readonly freeOf: readonly Allergen[];
  readonly freed: readonly CautionId[];
}

/** The dish as it is now beside the dish without some lines at some tasks: said at the gate, before it is answered. */
export function leftOutMeans(
  view: KitchenView,
  batch: ScaledBatchView,
  told: Told,
  leftOut: readonly { readonly task: string; readonly line: string }[],
): LeftOutMeans {
  const facts = new Map(told.facts);
  for (const { task, line } of leftOut) {
    const known = facts.get(task) ?? {};
    facts.set(task, { ...known, gate: { ...known.gate, [line]: 'left out' } });
  }
  const [was, is] = [asRun(view, batch, told).scaled, asRun(view, batch, { ...told, facts }).scaled];
  const protein = (scaled: typeof was) => perPortion(scaled).nutrients.find(({ key }) => key === 'protein')?.perPortion;
  return {
    portions: was.portions.valueOf(),
    portionG: [was.portionG, is.portionG],
    proteinG: [protein(was), protein(is)],
    freeOf: was.allergens.contains.filter((each) => !is.allergens.contains.includes(each)),
    freed: was.cautions.filter((each) => !is.cautions.includes(each)),
  };
}
