import { readyAfter, servedAt } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { brokenMeals, type BrokenMeal } from './mends.ts';
import { stripsOf } from './stripsOf.ts';
import type { WeekChange } from './weekChange.ts';
import { withChange } from './withChange.ts';

/** What a mended week comes to, judged by the fold that the week's own page goes by. */
export interface TriedChange {
  readonly change: WeekChange;
  /** What would still not hold. */
  readonly broken: readonly BrokenMeal[];
}

/** More portions may make other boxes last otherwise: so often it is tried anew. */
const TRIES = 6;

/** Which meals would not hold after a change. */
export const brokenAfter = (view: KitchenView, change: WeekChange, now: number): readonly BrokenMeal[] => {
  const changed = withChange(view, change, now);
  return brokenMeals(changed, stripsOf(changed, {}, now), now);
};

/**
 * A change with as many portions more of what would still be short as its meals lack. The search reckons in whole plates, the strip in grams and by what each eater takes
 * besides: what is offered is tried against the strip before it is offered. Only what is cooked can be made more of.
 */
export function untilItHolds(view: KitchenView, offered: WeekChange, now: number): TriedChange {
  let change = offered;
  let broken = brokenAfter(view, change, now);
  for (let tries = 0; tries < TRIES && broken.length > 0; tries++) {
    const larger = withMore(view, change, broken, now);
    if (!larger) break;
    change = larger;
    broken = brokenAfter(view, change, now);
  }
  return { change, broken };
}

/** The change with more of each lacking dish that is planned in time or added; undefined where none of them is. */
function withMore(
  view: KitchenView,
  change: WeekChange,
  broken: readonly BrokenMeal[],
  now: number,
): WeekChange | undefined {
  const lacking = new Map<string, { portions: number; before: number }>();
  for (const { lacks, day, meal } of broken)
    for (const { food, portions } of lacks) {
      const served = servedAt(view.week.slots, day, meal, view.kitchen.equipment.zone);
      const was = lacking.get(food) ?? { portions: 0, before: served };
      lacking.set(food, {
        portions: was.portions + Math.max(1, portions),
        before: Math.min(was.before, served),
      });
    }
  const size = new Map((change.size ?? []).map((each) => [each.id, each]));
  let { add = [] } = change;
  let more = false;
  for (const [food, { portions, before }] of lacking) {
    const recipe = view.recipes.find(({ document }) => document.component.id === food);
    if (!recipe) continue;
    const batch = view.batches.find(
      ({ state, session }) =>
        state.recipe === recipe.id &&
        state.status === 'planned' &&
        session.status === 'planned' &&
        !change.drop?.includes(state.id) &&
        readyAfter(Math.max(Date.parse(session.startsAt), now)) <= before,
    )?.state;
    if (batch) {
      const was = size.get(batch.id) ?? {
        id: batch.id,
        portions: Number(batch.portions),
        freezePortions: Number(batch.freezePortions),
      };
      size.set(batch.id, { ...was, portions: was.portions + portions });
      more = true;
    } else if (add.some((each) => each.recipe === recipe.id)) {
      add = add.map((each) => (each.recipe === recipe.id ? { ...each, portions: each.portions + portions } : each));
      more = true;
    }
  }
  return more ? { ...change, size: [...size.values()], add } : undefined;
}
