import { inSeason } from '../food/index.ts';
import type { RecipeState } from '../formats/index.ts';
import { Fraction, daysBetween, inBase, type Day, HOUR_MS, type Moment } from '../quantity/index.ts';
import { cookedAs, expectedMinutes, type Revision } from '../recipe/index.ts';
import { leadOf } from '../session/index.ts';
import { keepsUntil } from '../storage/index.ts';
import { perPortion, scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import {
  MEALS_A_DAY,
  MEAL_NAMES,
  eatersAt,
  firstMealOf,
  servedAt,
  refusalOf,
  shareOf,
  slotAt,
  type Candidate,
  type Cooking,
  type WeekAsk,
} from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { newestPrices } from './newestPrice.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { cookedOn } from './promisesOf.ts';
import { rankedFirsts } from './rankedFirsts.ts';
import { DAYS, weekDays } from './stripsOf.ts';
import { demandedOf } from './tableOf.ts';

/** What the cook wants kept, and how much there is to spend. */
export interface Wanted {
  /** Meals that say already what they are stay as they are. */
  readonly keepSet?: boolean;
  /** Recipes that are cooked in any case, with their portions. */
  readonly locked: Readonly<Record<string, number>>;
  readonly handsAtMost: number | undefined;
}

/** What is eaten in the morning or in the hand is no lunch and no dinner. */
const NO_MEAL = /breakfast|cracker|snack/i;
/** Dishes that one session cooks at most. Common practice, no published source. */
const MOST_DISHES = 6;
/** What keeps so long frozen may be frozen at all, days. */
const FREEZES_FROM_DAYS = 14;
/** So much of a food is a portion's worth, g or mL: what presses is counted by it. Common practice, no published source. */
const PORTION_WORTH = 150;
/** Of something that is counted, or used by the spoon, one piece. */
const worthOf = (view: KitchenView, food: string): number => {
  const { base, kind } = view.foods.get(food)?.facts ?? {};
  return base === 'each'
    ? 1
    : kind === 'seasoning' || kind === 'acid' || kind === 'fat'
      ? PORTION_WORTH * 4
      : PORTION_WORTH;
};

/** The kitchen's week as a question to the search: who eats, what is there, what may be cooked. */
export function askOf(view: KitchenView, wanted: Wanted, now: Moment): Omit<WeekAsk, 'weights'> {
  const { zone, weekBudgetMinor } = view.kitchen.equipment;
  const days = weekDays(view.today);
  const { eaters, attendance, slots } = view.week;
  const seats = days.flatMap((day) =>
    MEAL_NAMES.map((meal) => {
      // What has been served, or eaten already, is not suggested any more.
      const past =
        servedAt(slots, day, meal, zone) < now ||
        view.week.eaten.some((eaten) => eaten.day === day && eaten.meal === meal);
      const at = past ? [] : eatersAt(day, meal, eaters, attendance);
      return { day, meal, at, guests: past ? 0 : (slotAt(slots, day, meal)?.guests ?? 0) };
    }),
  );
  const start = view.session?.status === 'planned' ? Date.parse(view.session.startsAt) : nextSessionAt(now);
  const cookedFrom = firstMealOf(slots, days, zone, Math.max(start, now));
  const pressing = new Map<string, number>();
  for (const { food, lot } of rankedFirsts(view))
    if (food.facts.kind !== 'component') pressing.set(food.id, (pressing.get(food.id) ?? 0) + lot.onHand.valueOf());
  const prices = new Map([...newestPrices(view)].map(([food, { minor, amount }]) => [food, minor / amount.valueOf()]));
  const weighed = [...prices].filter(([food]) => view.foods.get(food)?.facts.base !== 'each').map(([, price]) => price);
  const usual = weighed.length > 0 ? weighed.reduce((sum, price) => sum + price, 0) / weighed.length : 0;
  const month = Number(view.today.slice(5, 7));
  const settled: Record<number, readonly string[]> = {};
  seats.forEach(({ day, meal }, m) => {
    const slot = slotAt(slots, day, meal);
    if (slot?.locked || (wanted.keepSet && (slot?.parts.length ?? 0) > 0))
      settled[m] = slot?.parts.map(({ food }) => food) ?? [];
  });

  const candidates = view.recipes.flatMap((recipe): Candidate[] => {
    const { component } = recipe.document;
    if (NO_MEAL.test(recipe.name)) return [];
    const lots = view.lots.filter(({ food, state }) => food.id === component.id && state.portionG !== null);
    const portionsIn = (lot: (typeof lots)[number]) => lot.onHand.valueOf() / Math.max(1, Number(lot.state.portionG));
    const eaten = demandedOf(view, recipe, 1);
    return [
      {
        food: component.id,
        name: component.name,
        kind: component.kind,
        frozen: lots.filter(({ place }) => place.kind === 'freezer').reduce((sum, lot) => sum + portionsIn(lot), 0),
        cold: [
          ...lots
            .filter(({ place }) => place.kind !== 'freezer')
            .map((lot) => ({ portions: portionsIn(lot), lastMeal: lastMealOf(view, lot.until?.value) })),
          ...cookedElsewhere(view, recipe, now),
        ],
        ...(tooLateToBegin(view, recipe, Math.max(start, now), now)
          ? {}
          : { cooks: cookingOf(view, recipe, { pressing, prices, usual, month, locked: wanted.locked[recipe.id] }) }),
        eatenBy: seats.map(({ at, guests }) => {
          const all = at.reduce((sum, eater) => sum + shareOf(eater, component.kind), guests);
          const fed = at
            .filter((eater) => refusalOf(eater, eaten) === undefined)
            .reduce((sum, eater) => sum + shareOf(eater, component.kind), guests);
          return all === 0 ? 0 : fed / all;
        }),
        liked:
          eaters.length === 0
            ? 0
            : eaters.filter(({ tastes }) => tastes?.likes?.includes(component.id)).length / eaters.length,
      },
    ];
  });
  return {
    people: seats.map(({ at, guests }) => at.reduce((sum, { appetite }) => sum + appetite, guests)),
    cookedFrom,
    candidates,
    presses: [...pressing].map(([food, amount]) => ({
      name: view.foods.get(food)?.name ?? '',
      portions: amount / worthOf(view, food),
    })),
    settled,
    mostBatches: MOST_DISHES,
    ...(wanted.handsAtMost === undefined ? {} : { handsAtMost: wanted.handsAtMost }),
    ...(weekBudgetMinor === undefined ? {} : { costAtMost: weekBudgetMinor }),
  };
}

/** The last meal of the week that something keeps for. */
const lastMealOf = (view: KitchenView, until: Day | undefined): number =>
  until ? (daysBetween(view.today, until) + 1) * MEALS_A_DAY - 1 : DAYS * MEALS_A_DAY;

/** What the other planned sessions make of it: there from their day on, whatever is suggested for this one. */
function cookedElsewhere(view: KitchenView, recipe: RecipeState, now: Moment): Candidate['cold'] {
  const { zone } = view.kitchen.equipment;
  const food = view.foods.get(recipe.document.component.id);
  return view.batches
    .filter(
      ({ recipe: { id }, state, session }) =>
        id === recipe.id && state.status === 'planned' && session.id !== view.session?.id,
    )
    .map((batch) => {
      const made = cookedOn(view, batch);
      const until = food && keepsUntil(food, 'fridge', { madeOn: made });
      return {
        portions: Number(batch.state.portions) - Number(batch.state.freezePortions),
        fromMeal: firstMealOf(
          view.week.slots,
          weekDays(view.today),
          zone,
          Math.max(Date.parse(batch.session.startsAt), now),
        ),
        lastMeal: lastMealOf(view, until?.value),
      };
    });
}

/** A soak that would have had to begin already: what is planned has its own word for that, what is not cannot be suggested. */
function tooLateToBegin(view: KitchenView, recipe: RecipeState, start: number, now: Moment): boolean {
  if (view.batches.some(({ state }) => state.recipe === recipe.id && state.session === view.session?.id)) return false;
  const { steps } = cookedAs(recipe.document, {}, view.foods);
  return steps.some((step) => step.kind === 'ahead' && now + leadOf(step, steps).leastHours * HOUR_MS > start);
}

function cookingOf(
  view: KitchenView,
  recipe: RecipeState,
  known: {
    readonly pressing: ReadonlyMap<string, number>;
    readonly prices: ReadonlyMap<string, number>;
    /** What a gram costs on the whole. */
    readonly usual: number;
    readonly month: number;
    readonly locked: number | undefined;
  },
): Cooking {
  const document = cookedAs(recipe.document, {}, view.foods);
  const { portions, component } = document;
  const scaled = scaleBatch(document, new Fraction(portions), view.foods, view.kitchen.equipment);
  const needs = scaled.lines.flatMap(({ food, fromShelf, line }) =>
    fromShelf && !line.optional ? [{ food, each: inBase(fromShelf.value).valueOf() / portions }] : [],
  );
  const { nutrients } = perPortion(scaled);
  const gramsOf = (key: 'protein' | 'fibre') => nutrients.find((each) => each.key === key)?.perPortion;
  const cost = needs.reduce(
    (sum, { food, each }) => sum + (known.prices.get(food.id) ?? (food.facts.base === 'each' ? 0 : known.usual)) * each,
    0,
  );
  const { once, each } = handsOf(document, scaled);
  return {
    recipe: recipe.id,
    sizes: [...new Set([0.5, 1, 1.5, 2, 3].map((times) => Math.max(2, Math.round(portions * times))))],
    handsOnce: once,
    handsEach: each,
    costEach: cost,
    costGuessed: needs.some(({ food }) => !known.prices.has(food.id)),
    clears: [...known.pressing.keys()].map(
      (food) => (needs.find((need) => need.food.id === food)?.each ?? 0) / worthOf(view, food),
    ),
    keepsMeals: component.fridgeDays.value * MEALS_A_DAY,
    freezes: component.freezerDays.value >= FREEZES_FROM_DAYS,
    proteinG: gramsOf('protein'),
    fibreG: gramsOf('fibre'),
    inSeason: needs.some(({ food }) => inSeason(food.name, known.month) === true),
    ...(known.locked === undefined ? {} : { locked: known.locked }),
  };
}

/** Minutes of hands, once and for each portion: roughly, to choose by; the session works them out. */
function handsOf(
  document: Revision,
  { lines, portions }: ScaledBatch,
): { readonly once: number; readonly each: number } {
  let once = 0;
  let each = 0;
  for (const step of document.steps) {
    if (step.kind === 'ahead') continue;
    if (step.kind === 'pressure') once += 6;
    else if (step.attention.needs === 'hands') {
      if (step.time.law !== 'by amount') once += expectedMinutes(step);
      else {
        const kilos = lines
          .filter(({ line }) => line.into.some((into) => into.step === step.id))
          .reduce((sum, { grams }) => sum + (grams?.g.valueOf() ?? 0) / 1000, 0);
        once += step.time.minutes;
        each += (step.time.perKg * kilos) / portions.valueOf();
      }
    }
  }
  return { once, each };
}
