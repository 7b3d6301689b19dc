import { dayAt, type Day, type Moment } from '../quantity/index.ts';
import { keepsUntil } from '../storage/index.ts';
import { readyAfter, servedAt } from '../week/index.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { missingBeforeTrip, nextTrip } from './nextTrip.ts';
import type { KitchenView } from './kitchenView.ts';
import { brokenMeals, type BrokenMeal } from './mends.ts';
import { stripsOf } from './stripsOf.ts';
import { newSessionAt, type WeekChange } from './weekChange.ts';
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
export const brokenAfter = (view: KitchenView, change: WeekChange, now: Moment): readonly BrokenMeal[] => {
  const changed = withChange(view, change, now);
  return brokenMeals(changed, stripsOf(changed, {}, now), now);
};

/**
 * A change with as many portions more of what would still be short as its meals lack. The search reckons in whole plates, the strip in grams and by what each eater takes
 * besides: what is offered is tried against the strip before it is offered. Only what is cooked can be made more of.
 */
export function untilItHolds(view: KitchenView, offered: WeekChange, now: Moment): TriedChange {
  let best: TriedChange = { change: offered, broken: brokenAfter(view, offered, now) };
  // What nobody can bring before the trip mends nothing, either.
  const late = (change: WeekChange): number =>
    nextTrip(view) === undefined ? 0 : missingBeforeTrip(withChange(view, change, now)).length;
  for (let tries = 0; tries < TRIES && best.broken.length > 0; tries++) {
    const change = withMore(view, best.change, best.broken, now);
    if (!change) break;
    const broken = brokenAfter(view, change, now);
    // More of what goes off before it is wanted mends nothing.
    if (lackOf(broken) >= lackOf(best.broken) || late(change) > late(best.change)) break;
    best = { change, broken };
  }
  return best;
}

/** All that lacks: what is not there at all counts as a portion. */
export const lackOf = (broken: readonly BrokenMeal[]): number =>
  broken.flatMap(({ lacks }) => lacks).reduce((sum, { portions }) => sum + Math.max(1, portions), 0);

/** The change with more of each lacking dish that is planned in time or added; undefined where none of them is. */
function withMore(
  view: KitchenView,
  change: WeekChange,
  broken: readonly BrokenMeal[],
  now: Moment,
): WeekChange | undefined {
  const lacking = new Map<
    string,
    { portions: number; late: readonly { readonly day: Day; readonly portions: number }[]; before: number }
  >();
  for (const { lacks, day, meal } of broken)
    for (const { food, portions } of lacks) {
      const served = servedAt(view.week.slots, day, meal, view.kitchen.equipment.zone);
      const was = lacking.get(food) ?? { portions: 0, late: [], before: served };
      lacking.set(food, {
        portions: was.portions + Math.max(1, portions),
        late: [...was.late, { day, portions: Math.max(1, portions) }],
        before: Math.min(was.before, served),
      });
    }
  const size = new Map((change.size ?? []).map((each) => [each.id, each]));
  let { add = [] } = change;
  let more = false;
  /** Of what lacks, so much is eaten when the fridge no longer keeps it: it is frozen, where it can be. */
  const frozenOf = (food: string, startsAt: Moment, late: readonly { day: Day; portions: number }[]): number => {
    const component = view.foods.get(food);
    if (!component?.facts.keeps?.freezer) return 0;
    const madeOn = dayAt(new Date(Math.max(startsAt, now)), view.kitchen.equipment.zone);
    const until = keepsUntil(component, 'fridge', { madeOn })?.value;
    return late.reduce((sum, each) => sum + (until !== undefined && each.day > until ? each.portions : 0), 0);
  };
  for (const [food, { portions, late, before }] of lacking) {
    const recipe = view.recipes.find(({ document }) => document.component.id === food);
    if (!recipe) continue;
    const planned = view.batches.find(
      ({ state, session }) =>
        state.recipe === recipe.id &&
        state.status === 'planned' &&
        session.status === 'planned' &&
        !change.drop?.includes(state.id) &&
        readyAfter(Math.max(Date.parse(session.startsAt), now)) <= before,
    );
    if (planned) {
      const batch = planned.state;
      const was = size.get(batch.id) ?? {
        id: batch.id,
        portions: Number(batch.portions),
        freezePortions: Number(batch.freezePortions),
      };
      size.set(batch.id, {
        ...was,
        portions: was.portions + portions,
        freezePortions: was.freezePortions + frozenOf(food, Date.parse(planned.session.startsAt), late),
      });
      more = true;
    } else if (add.some((each) => each.recipe === recipe.id)) {
      const start = startOf(view, add.find((each) => each.recipe === recipe.id)?.session, now);
      const frozen = frozenOf(food, start, late);
      add = add.map((each) =>
        each.recipe === recipe.id
          ? { ...each, portions: each.portions + portions, freezePortions: each.freezePortions + frozen }
          : each,
      );
      more = true;
    }
  }
  return more ? { ...change, size: [...size.values()], add } : undefined;
}

/** When an added dish is cooked, ms. */
const startOf = (view: KitchenView, session: string | undefined, now: Moment): number => {
  const made = session === undefined ? undefined : newSessionAt(session, now);
  if (made !== undefined) return made;
  const into = view.week.sessions.find(({ id }) => id === (session ?? view.session?.id));
  return into?.status === 'planned' ? Date.parse(into.startsAt) : nextSessionAt(now);
};
