import type { Moment } from '../quantity/index.ts';
import { PROFILES, isOver, readyAfter, servedAt, slotAt, suggestWeek, type Slot } from '../week/index.ts';
import { costAhead, usedTogether } from './costAhead.ts';
import type { KitchenView } from './kitchenView.ts';
import { mendAsk, type BrokenMeal, type MendWay } from './mends.ts';
import { missingOf } from './missingOf.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { stripsOf } from './stripsOf.ts';
import { suggestedChange } from './suggestedChange.ts';
import { brokenAfter, lackOf, untilItHolds, type TriedChange } from './untilItHolds.ts';
import { NEW_SESSION, type AddedDish, type WeekChange } from './weekChange.ts';
import { withChange } from './withChange.ts';

export type RepairWay = 'cook what is missing' | 'smaller portions' | MendWay;

/** A way to mend a week, tried before it is offered. */
export interface Repair extends TriedChange {
  readonly way: RepairWay;
  /** The meals that it sets, as they will be. */
  readonly meals: readonly Slot[];
  /** What is cooked beside what was planned. */
  readonly cooked: readonly { readonly name: string; readonly portions: number; readonly atOnce: boolean }[];
  /** What that asks for beyond what was missing before. */
  readonly buy: ReturnType<typeof missingOf>;
  /** Minor units more of ingredients. */
  readonly moreMinor: number;
}

/** Only the broken meals are open: a short search is enough. */
const ROUNDS = 5000;
/** Less than that of a usual portion is another meal, not a smaller one. Common practice, no published source. */
const LEAST_SHARE = 0.6;

/**
 * The ways to mend a week, the least change first: the missing part is cooked, everybody takes a little less, another meal from what is there, another meal and a little more
 * cooking. Each is tried against the fold that judges the week; what does not bring it further is not offered.
 */
export function repairsOf(view: KitchenView, broken: readonly BrokenMeal[], now: Moment): readonly Repair[] {
  const asItIs = (change: WeekChange): TriedChange => ({ change, broken: brokenAfter(view, change, now) });
  const withMore = (change: WeekChange): TriedChange => untilItHolds(view, change, now);
  // Only the ways that cook may cook more until they hold.
  const ways: readonly (readonly [RepairWay, WeekChange | undefined, (change: WeekChange) => TriedChange])[] = [
    ['cook what is missing', cookMissing(view, broken, now), withMore],
    ['smaller portions', smallerPortions(view, broken, now), asItIs],
    ['from what is there', anotherMeal(view, broken, 'from what is there', now), asItIs],
    ['with a little more cooking', anotherMeal(view, broken, 'with a little more cooking', now), withMore],
  ];
  return (
    ways
      .flatMap(([way, change, tried]) => (change ? [repairOf(view, way, tried(change), now)] : []))
      // Fewer meals, or as many and less that they lack: a mended meal is not paid for with another.
      .filter(
        ({ broken: left }) =>
          left.length < broken.length || (left.length === broken.length && lackOf(left) < lackOf(broken)),
      )
      .sort((a, b) => Number(a.broken.length > 0) - Number(b.broken.length > 0))
  );
}

function repairOf(view: KitchenView, way: RepairWay, { change, broken }: TriedChange, now: Moment): Repair {
  const after = withChange(view, change, now);
  const before = new Set(missingOf(view).map(({ food, missingText }) => `${food.id} ${missingText}`));
  const nameOf = (recipe: string) => view.recipes.find(({ id }) => id === recipe)?.document.component.name ?? '';
  return {
    way,
    change,
    broken,
    meals: change.slots ?? [],
    cooked: [
      ...(change.size ?? []).flatMap(({ id, portions }) => {
        const was = view.week.batches.find((batch) => batch.id === id);
        const more = portions - Number(was?.portions ?? 0);
        return was && more > 0 ? [{ name: nameOf(was.recipe), portions: more, atOnce: false }] : [];
      }),
      ...(change.add ?? []).map(({ recipe, portions, session }) => ({
        name: nameOf(recipe),
        portions,
        atOnce: session === NEW_SESSION,
      })),
    ],
    buy: missingOf(after).filter(({ food, missingText }) => !before.has(`${food.id} ${missingText}`)),
    moreMinor: usedOf(after) - usedOf(view),
  };
}

const usedOf = (view: KitchenView): number =>
  usedTogether(
    costAhead(
      view,
      view.batches.filter(({ state }) => state.status === 'planned').map(({ scaled }) => scaled),
    ),
  );

/** The missing part is cooked: in its own session where that is early enough, else in another that is, else as soon as may be. Undefined where none of it could be ready. */
function cookMissing(view: KitchenView, broken: readonly BrokenMeal[], now: Moment): WeekChange | undefined {
  const { zone } = view.kitchen.equipment;
  const first = new Map<string, number>();
  for (const { day, meal, lacks } of broken)
    for (const { food } of lacks) {
      const served = servedAt(view.week.slots, day, meal, zone);
      first.set(food, Math.min(first.get(food) ?? Infinity, served));
    }
  const add = [...first].flatMap(([food, before]): AddedDish[] => {
    const recipe = view.recipes.find(({ document }) => document.component.id === food);
    if (!recipe) return [];
    const inTime = (startsAt: Moment) => readyAfter(Math.max(startsAt, now)) <= before;
    const planned = view.batches.some(
      ({ state, session }) =>
        state.recipe === recipe.id &&
        state.status === 'planned' &&
        session.status === 'planned' &&
        inTime(Date.parse(session.startsAt)),
    );
    if (planned) return [];
    const session = view.week.sessions.find(
      ({ status, startsAt }) => status === 'planned' && inTime(Date.parse(startsAt)),
    );
    if (!session && !inTime(nextSessionAt(now))) return [];
    return [{ recipe: recipe.id, portions: 1, freezePortions: 0, session: session?.id ?? NEW_SESSION }];
  });
  const known = [...first.keys()].some((food) => view.recipes.some(({ document }) => document.component.id === food));
  return known ? { add } : undefined;
}

/** Everybody takes as much less as is lacking, as long as that is still a portion. */
function smallerPortions(view: KitchenView, broken: readonly BrokenMeal[], now: Moment): WeekChange | undefined {
  const strips = stripsOf(view, {}, now);
  const slots = broken.flatMap(({ day, meal, number }): Slot[] => {
    const slot = slotAt(view.week.slots, day, meal);
    if (!slot || isOver(view.week.slots, day, meal, view.kitchen.equipment.zone, now)) return [];
    const parts = slot.parts.map((part) => {
      const there = strips.find(({ food }) => food.id === part.food)?.strip.meals[number];
      const want = (there?.eaten ?? 0) + (there?.short ?? 0);
      const share = want > 0 ? (there?.eaten ?? 0) / want : 1;
      return share < 1 ? { ...part, portions: Math.floor(part.portions * share * 20) / 20, share } : { ...part, share };
    });
    if (parts.some(({ share }) => share < LEAST_SHARE)) return [];
    return [{ ...slot, parts: parts.map(({ food, portions }) => ({ food, portions })) }];
  });
  return slots.length === broken.length ? { slots } : undefined;
}

/** Another meal, found by the search for weeks with all else settled: planned dishes are never left out, nor made smaller. */
function anotherMeal(view: KitchenView, broken: readonly BrokenMeal[], way: MendWay, now: Moment): WeekChange {
  const ask = mendAsk(view, broken, way, now);
  const week = suggestWeek({ ...ask, weights: PROFILES['least work'] }, { seed: 1, rounds: ROUNDS });
  const { slots = [], size = [], add = [] } = suggestedChange(view, ask, week);
  if (way === 'from what is there') return { slots };
  return {
    slots,
    add,
    size: size.filter(({ id, portions }) => {
      const was = view.week.batches.find((batch) => batch.id === id);
      return was !== undefined && portions > Number(was.portions);
    }),
  };
}
