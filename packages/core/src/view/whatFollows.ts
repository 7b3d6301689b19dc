import type { PlaceKind } from '../food/index.ts';
import { Fraction, type Day, type Moment } from '../quantity/index.ts';
import { afterStep, keepsUntil, urgencyOf } from '../storage/index.ts';
import type { MealName } from '../week/index.ts';
import { slotAt } from '../week/index.ts';
import type { KitchenView, ShelfLot } from './kitchenView.ts';
import { breaksWhenTaken, type Broken } from './promisesOf.ts';
import { stripsOf } from './stripsOf.ts';

/** Something that is about to be done with some of a lot. */
export interface LotStep {
  readonly lot: ShelfLot;
  /** In the unit of the lot. */
  readonly amount: Fraction;
  /** Where it goes; left out: it is gone. */
  readonly to?: string;
}

/** A thing of which the days after will have less. */
export interface MissedLater {
  readonly food: string;
  readonly name: string;
  readonly portions: number;
  /** The first meal that lacks some of it. */
  readonly day: Day;
  readonly meal: MealName;
  /** That meal says that it is eaten then. */
  readonly planned: boolean;
}

export interface Follows {
  /** Dishes that count on it and would lack some. */
  readonly dishes: readonly Broken[];
  readonly meals: readonly MissedLater[];
}

/** Less than that of a portion is rounding. */
const A_THIRD = 1 / 3;

/** The kitchen with lots as they will lie after some steps; each amount is kept. */
export function withSteps(view: KitchenView, steps: readonly LotStep[]): KitchenView {
  const { today, kitchen } = view;
  let lots = view.lots;
  for (const [n, { lot, amount, to }] of steps.entries()) {
    const place = kitchen.places.find(({ id }) => id === to);
    const aged =
      place &&
      afterStep(
        { food: lot.food, place: lot.place.kind, dates: lot.state.dates },
        { do: 'move', to: place.kind, again: true },
        today,
      );
    lots = lots.flatMap((each): ShelfLot[] => {
      if (each.state.id !== lot.state.id) return [each];
      const rest = each.onHand.sub(amount);
      const stays = rest.compare(0) > 0 ? [{ ...each, onHand: rest }] : [];
      if (!place || !aged?.ok) return stays;
      const until = keepsUntil(each.food, place.kind, aged.value.dates);
      const moved: ShelfLot = {
        ...each,
        state: { ...each.state, id: `${each.state.id} moved ${n}`, place: place.id, dates: aged.value.dates },
        place,
        onHand: amount,
        until,
        urgency: urgencyOf(until?.value, today),
      };
      return [...stays, moved];
    });
  }
  return { ...view, lots };
}

/**
 * What the dishes and meals after will lack when something is taken, moved, frozen or thrown away: asked before the tap, from every screen, by the folds that the week goes by.
 * `eaten`: the meal that it is eaten at, which wants no more then. `now`: ms since 1970.
 */
export function whatFollows(
  view: KitchenView,
  steps: readonly LotStep[],
  now: Moment,
  eaten?: { readonly day: Day; readonly meal: MealName },
): Follows {
  const real = steps.filter(({ amount }) => amount.compare(0) > 0);
  if (real.length === 0) return { dishes: [], meals: [] };
  const after = withSteps(view, real);
  const week = eaten
    ? { ...view.week, eaten: [...view.week.eaten, { ...eaten, id: 'now', eater: null, food: '', portions: 1 }] }
    : view.week;
  const foods = new Set(real.map(({ lot }) => lot.food.id));
  const before = stripsOf(view, {}, now);
  const then = stripsOf({ ...after, week }, {}, now);
  const meals = before.flatMap((was): MissedLater[] => {
    if (!foods.has(was.food.id)) return [];
    const item = then.find(({ food }) => food.id === was.food.id);
    const later = was.strip.meals.flatMap(({ day, meal, short, eaten: ate }, m) => {
      if (eaten?.day === day && eaten.meal === meal) return [];
      // Nothing of it is left anywhere: what it would have fed goes without.
      const more = item ? (item.strip.meals[m]?.short ?? 0) - short : ate;
      return more > was.portionG * A_THIRD ? [{ day, meal, more }] : [];
    });
    const [first] = later;
    if (!first) return [];
    const slot = slotAt(view.week.slots, first.day, first.meal);
    return [
      {
        food: was.food.id,
        name: was.name,
        portions: Math.max(1, Math.round(later.reduce((sum, { more }) => sum + more, 0) / was.portionG)),
        day: first.day,
        meal: first.meal,
        planned: slot?.parts.some(({ food }) => food === was.food.id) ?? false,
      },
    ];
  });
  const dishes = real.flatMap(({ lot, amount, to }) => (isAway(view, to) ? breaksWhenTaken(view, lot, amount) : []));
  return { dishes, meals };
}

/** What goes into the freezer is not there for a dish as it lies; what changes its shelf is. */
const isAway = ({ kitchen }: KitchenView, to: string | undefined): boolean => {
  const kind: PlaceKind | undefined = kitchen.places.find(({ id }) => id === to)?.kind;
  return kind === undefined || kind === 'freezer';
};
