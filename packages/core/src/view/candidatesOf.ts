import { inSeason } from '../food/index.ts';
import type { RecipeState } from '../formats/index.ts';
import { HOUR_MS, addDays, daysBetween, inBase, type Day, type Moment } from '../quantity/index.ts';
import { leadOf } from '../session/index.ts';
import { needsOf } from '../stock/index.ts';
import { keepsUntil } from '../storage/index.ts';
import {
  MEALS_A_DAY,
  firstMealFrom,
  firstMealOf,
  refusalOf,
  shareOf,
  type Candidate,
  type Cooking,
  type Good,
  type MealName,
} from '../week/index.ts';
import { dishHere, type DishHere } from './dishHere.ts';
import { dishWork } from './dishWork.ts';
import { keptBeside } from './keptBeside.ts';
import { FREEZER_LITRES_A_GRAM } from './freezerLeft.ts';
import { readyFrom } from './frozenThrough.ts';
import type { KitchenView, ShelfLot } from './kitchenView.ts';
import { newestPrices } from './newestPrice.ts';
import { looksOf } from './looksOf.ts';
import { coversOf, formOf, portionFacts, traitsOf, vegetablesIn, type MadeOf } from './platePart.ts';
import { cookedOn } from './promisesOf.ts';
import { DAYS, weekDays } from './stripsOf.ts';
import { demandedOf, learnedOf } from './tableOf.ts';

type Eaters = KitchenView['week']['eaters'];

/** A meal of the week, with who sits at it. */
export interface Seat {
  readonly day: Day;
  readonly meal: MealName;
  readonly at: Eaters;
  readonly guests: number;
}

/** What is asked of the whole kitchen once, for all its dishes. */
export interface CandidateAsk {
  readonly view: KitchenView;
  readonly seats: readonly Seat[];
  /** When each session begins. */
  readonly starts: readonly Moment[];
  readonly now: Moment;
  /** Sessions that the search fills: what is planned in them is up to it. */
  readonly filled: ReadonlySet<string>;
  /** What presses, in the food's base unit, and how much of it is a portion's worth. */
  readonly pressing: ReadonlyMap<string, number>;
  readonly worthOf: (food: string) => number;
  readonly locked: Readonly<Record<string, number>>;
  readonly lost: ReadonlyMap<string, number>;
}

/** What is eaten in the morning or in the hand is no lunch and no dinner. */
const NO_MEAL = /breakfast|cracker|snack/i;
/** What keeps so long frozen may be frozen at all, days. */
const FREEZES_FROM_DAYS = 14;
/** What was on the table so often in two weeks has had its turn. Common practice, no published source. */
const OFTEN = 6;
const BEHIND_DAYS = 14;

/** All that may be eaten in the week, and the goods that it is bought as. */
export function candidatesOf(ask: CandidateAsk): {
  readonly candidates: readonly Candidate[];
  readonly goods: readonly Good[];
} {
  const { view } = ask;
  const dishes = view.recipes.filter(({ name }) => !NO_MEAL.test(name)).map((recipe) => dishHere(view, recipe));
  const placeOfFood = new Map(dishes.map(({ document }, n) => [document.component.id, n]));
  const facts = new Map<number, Omit<MadeOf, 'each'>>();
  const partsOf = (dish: DishHere): readonly { readonly candidate: number; readonly each: number }[] =>
    dish.scaled.lines.flatMap(({ food, grams, line }) => {
      const candidate = placeOfFood.get(food.id);
      const made = candidate === undefined ? undefined : dishes[candidate];
      if (candidate === undefined || !made || !grams || line.optional) return [];
      return [{ candidate, each: inBase(grams).valueOf() / dish.document.portions / made.scaled.portionG }];
    });
  const factsOf = (n: number, above: readonly number[]): Omit<MadeOf, 'each'> => {
    const before = facts.get(n);
    const dish = dishes[n];
    if (before || !dish) return before ?? { facts: UNKNOWN, vegetablesG: 0 };
    // A dish that is made of itself is nobody's dinner.
    const of = partsOf(dish).flatMap(({ candidate, each }) =>
      above.includes(candidate) ? [] : [{ ...factsOf(candidate, [...above, n]), each }],
    );
    const found = { facts: portionFacts(dish.scaled, of), vegetablesG: vegetablesIn(dish.scaled, of) };
    facts.set(n, found);
    return found;
  };
  const goods = goodsOf(ask, dishes);
  const learned = learnedOf(view);
  const eatenOf = eatenOfLate(view);
  const { eaters } = view.week;
  const candidates = dishes.map((dish, n): Candidate => {
    const { recipe, document, scaled } = dish;
    const { portionG } = scaled;
    const { component } = document;
    const lots = view.lots.filter(({ food, state }) => food.id === component.id && state.portionG !== null);
    // Boxes that were filled otherwise than the recipe says are counted by the larger portion: nobody's plate is smaller for it.
    const portionsIn = (lot: (typeof lots)[number]) =>
      lot.onHand.valueOf() / Math.max(1, Number(lot.state.portionG), portionG);
    const frozen = lots
      .filter(({ place }) => place.kind === 'freezer')
      .map((lot) => ({ portions: portionsIn(lot), fromMeal: readyAt(ask, lot) }));
    const demanded = demandedOf(view, recipe, 1);
    const takes = new Map(
      eaters.map((eater) => [
        eater.id,
        refusalOf(eater, demanded) === undefined ? shareOf(eater, component.kind) * learned(eater.id, component.id) : 0,
      ]),
    );
    const { facts: portion, vegetablesG } = factsOf(n, []);
    const needs = partsOf(dish);
    const into = sessionsInTime(ask, dish);
    const work = into.length === 0 ? undefined : dishWork(view, recipe);
    const liked =
      eaters.length === 0
        ? 0
        : eaters.filter(({ tastes }) => tastes?.likes?.includes(component.id)).length / eaters.length;
    const often = Math.min(1, (eatenOf.get(component.id) ?? 0) / OFTEN);
    const lost = ask.lost.get(component.id) ?? 0;
    const form = formOf(document, needs.length > 1);
    return {
      food: component.id,
      recipe: recipe.id,
      name: component.name,
      kind: component.kind,
      form,
      traits: traitsOf(scaled),
      looks: looksOf(scaled, form),
      covers: coversOf(component.kind, portion, vegetablesG),
      facts: portion,
      litresEach: portionG * FREEZER_LITRES_A_GRAM,
      frozen: frozen.reduce((sum, { portions, fromMeal }) => sum + (fromMeal === 0 ? portions : 0), 0),
      cold: [
        ...lots
          .filter(({ place }) => place.kind !== 'freezer')
          .map((lot) => ({ portions: portionsIn(lot), lastMeal: lastMealOf(view, lot.until?.value) })),
        // What went into the freezer of late is not frozen through yet.
        ...frozen.filter(({ fromMeal }) => fromMeal > 0).map((box) => ({ ...box, lastMeal: DAYS * MEALS_A_DAY })),
        ...cookedElsewhere(ask, recipe),
      ],
      ...(work ? { cooks: { ...cookingOf(ask, dish, goods), into, ...work, needs } } : {}),
      want: ask.seats.map(({ at, guests }) => at.reduce((sum, { id }) => sum + (takes.get(id) ?? 0), guests)),
      eats: eaters.map(({ id }) => takes.get(id) ?? 0),
      ...(eatenOf.has(component.id) ? { had: true as const } : {}),
      liked: liked - often / 2 - lost,
      ...(lost > 0 ? { lost } : {}),
    };
  });
  return { candidates, goods: goods.list };
}

const UNKNOWN = {
  kJ: undefined,
  proteinG: undefined,
  fibreG: undefined,
  ironMg: undefined,
  vitaminCMg: undefined,
  saltG: undefined,
};

/**
 * At how many meals of the weeks behind each thing was on the table: as those meals say, and as it was written down. What was written down comes for the last days alone;
 * what days that are over say is there for both weeks.
 */
function eatenOfLate({ week, today }: Pick<KitchenView, 'week' | 'today'>): ReadonlyMap<string, number> {
  const since = addDays(today, -BEHIND_DAYS);
  const said = week.slots.flatMap(({ day, meal, parts }) => parts.map(({ food }) => ({ day, meal, food })));
  const meals = new Map<string, Set<string>>();
  for (const { food, day, meal } of [...said.filter(({ day: on }) => on < today), ...week.eaten]) {
    if (day < since) continue;
    const on = meals.get(food) ?? new Set();
    on.add(`${day} ${meal}`);
    meals.set(food, on);
  }
  return new Map([...meals].map(([food, on]) => [food, on.size]));
}

/** The last meal of the week that something keeps for. */
const lastMealOf = (view: KitchenView, until: Day | undefined): number =>
  until ? (daysBetween(view.today, until) + 1) * MEALS_A_DAY - 1 : DAYS * MEALS_A_DAY;

/** The first meal that a frozen box can feed, from 0. */
const readyAt = ({ view, now }: CandidateAsk, lot: ShelfLot): number =>
  firstMealFrom(view.week.slots, weekDays(view.today), view.kitchen.equipment.zone, readyFrom(view, lot, now));

/** What the planned sessions that are not filled anew make of it: there from their day on, whatever is suggested. */
function cookedElsewhere({ view, now, filled }: CandidateAsk, recipe: RecipeState): Candidate['cold'] {
  const { zone } = view.kitchen.equipment;
  const food = view.foods.get(recipe.document.component.id);
  return view.batches
    .filter(
      ({ recipe: { id }, state, session }) => id === recipe.id && state.status === 'planned' && !filled.has(session.id),
    )
    .map((batch) => {
      const until = food && keepsUntil(food, 'fridge', { madeOn: cookedOn(view, batch) });
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

/** Sessions that a dish is in time for: for a soak that would have had to begin already it is too late. What is planned has its own word for that. */
function sessionsInTime({ view, starts, now }: CandidateAsk, { recipe, document }: DishHere): readonly number[] {
  const planned = view.batches.some(
    ({ state }) => state.recipe === recipe.id && state.session === view.session?.id && state.status === 'planned',
  );
  const hours = Math.max(
    0,
    ...document.steps.flatMap((step) => (step.kind === 'ahead' ? [leadOf(step, document.steps).leastHours] : [])),
  );
  return starts.flatMap((start, s) =>
    (planned && s === 0) || now + hours * HOUR_MS <= start || hours === 0 ? [s] : [],
  );
}

interface Goods {
  readonly list: readonly Good[];
  readonly numberOf: ReadonlyMap<string, number>;
  readonly guessed: ReadonlySet<string>;
}

/** What one portion takes of what is bought, in each food's base unit. */
const boughtFor = ({ scaled, document }: DishHere) =>
  needsOf(scaled)
    .filter(({ food }) => food.facts.kind !== 'component')
    .map(({ food, amount }) => ({ food, each: amount.valueOf() / document.portions }));

/** All that the dishes are made of, with what is there and what a pack costs. What has no price is taken at what a gram of food costs here on the whole. */
function goodsOf({ view }: CandidateAsk, dishes: readonly DishHere[]): Goods {
  const prices = newestPrices(view);
  const there = new Map<string, number>();
  for (const { food, onHand } of view.lots) there.set(food.id, (there.get(food.id) ?? 0) + onHand.valueOf());
  const weighed = [...prices].filter(([food]) => view.foods.get(food)?.facts.base !== 'each');
  const usual =
    weighed.length > 0
      ? weighed.reduce((sum, [, { minor, amount }]) => sum + minor / amount.valueOf(), 0) / weighed.length
      : 0;
  const list: Good[] = [];
  const numberOf = new Map<string, number>();
  const guessed = new Set<string>();
  for (const dish of dishes)
    for (const { food } of boughtFor(dish)) {
      if (numberOf.has(food.id)) continue;
      numberOf.set(food.id, list.length);
      const price = prices.get(food.id);
      const perUnit = price ? price.minor / price.amount.valueOf() : food.facts.base === 'each' ? 0 : usual;
      const holds = food.facts.packs?.value.map(({ grams }) => grams).sort((a, b) => a - b)[0];
      const paid = price?.amount.valueOf();
      const pack = food.facts.base === 'g' && holds !== undefined ? holds : paid;
      if (!price) guessed.add(food.id);
      list.push({
        name: food.name,
        there: there.get(food.id) ?? 0,
        pack: price ? pack : undefined,
        minor: price && pack !== undefined ? perUnit * pack : perUnit,
      });
    }
  return { list, numberOf, guessed };
}

function cookingOf(
  { view, pressing, worthOf, locked }: CandidateAsk,
  dish: DishHere,
  goods: Goods,
): Omit<Cooking, 'into' | 'work' | 'cuts' | 'needs'> {
  const { recipe, document } = dish;
  const { portions, component } = document;
  const needs = boughtFor(dish);
  const month = Number(view.today.slice(5, 7));
  const wanted = locked[recipe.id];
  return {
    recipe: recipe.id,
    sizes: [...new Set(SIZES.map((times) => Math.max(2, Math.round(portions * times))))],
    buys: needs.flatMap(({ food, each }) => {
      const good = goods.numberOf.get(food.id);
      return good === undefined ? [] : [{ good, each }];
    }),
    gives: keptBeside(view, dish.scaled).flatMap(({ food, amount }) => {
      const good = goods.numberOf.get(food.id);
      return good === undefined ? [] : [{ good, each: amount.valueOf() / portions }];
    }),
    costGuessed: needs.some(({ food }) => goods.guessed.has(food.id)),
    clears: [...pressing.keys()].map(
      (food) => (needs.find((need) => need.food.id === food)?.each ?? 0) / worthOf(food),
    ),
    keepsMeals: component.fridgeDays.value * MEALS_A_DAY,
    freezes: component.freezerDays.value >= FREEZES_FROM_DAYS,
    inSeason: needs.some(({ food }) => inSeason(food.name, month) === true),
    ...(wanted === undefined ? {} : { locked: wanted }),
  };
}
/** Times the written size. */
const SIZES = [0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4];
