import { choosePacks, packsAt } from '../cost/index.ts';
import { inSeason } from '../food/index.ts';
import { Fraction, addDays, daysBetween, type Moment } from '../quantity/index.ts';
import {
  MAIN,
  MEALS_A_DAY,
  MEAL_NAMES,
  eatersAt,
  placeOf,
  slotAt,
  type Candidate,
  type Cooking,
  type SeasonAsk,
  type SeasonDish,
  type SeasonPlan,
  type SeasonWeek,
} from '../week/index.ts';
import { askOf } from './askOf.ts';
import { dishHere } from './dishHere.ts';
import { freezerLeft } from './freezerLeft.ts';
import { lotsOf, type KitchenView } from './kitchenView.ts';
import { pricesOf } from './shopAsk.ts';
import { DAYS, weekDays } from './stripsOf.ts';

/** A menu goes over so many weeks. */
export const SEASON_WEEKS = 4;

/** What the cook says of the menu. */
export interface SeasonWanted {
  /** Recipes that are on it in any case, and that are not. */
  readonly locked: readonly string[];
  readonly without: readonly string[];
}

/** The kitchen as a question for a menu over the next weeks: its mains, who eats, what stands frozen, what should never run out. `now`: ms since 1970. */
export function seasonOf(view: KitchenView, wanted: SeasonWanted, now: Moment): SeasonAsk {
  const { candidates, goods, people } = askOf(view, { locked: {}, handsAtMost: undefined }, now);
  const weeks = Array.from({ length: SEASON_WEEKS }, (_, w) => weekAhead(view, w));
  const eating = people.reduce((sum, n) => sum + n, 0);
  const dishes = candidates.flatMap((candidate): SeasonDish[] => {
    const { cooks, food, recipe, name, form, liked, litresEach, kind, want } = candidate;
    const known = view.recipes.find(({ id }) => id === recipe);
    if (!cooks || !known || placeOf(kind) !== MAIN || wanted.without.includes(recipe)) return [];
    const { document, scaled } = dishHere(view, known);
    const { portionG } = scaled;
    const floor = view.costs.floors.find((each) => each.food === food);
    const fresh = scaled.lines.map((line) => line.food.name);
    const whole = withComponents(candidates, cooks);
    return [
      {
        recipe,
        food,
        name,
        form,
        liked,
        litresEach,
        eatenBy: eating === 0 ? 1 : Math.min(1, want.reduce((sum, n) => sum + n, 0) / eating),
        sizes: cooks.sizes,
        hands: whole.hands,
        fridgeMeals: cooks.keepsMeals,
        freezerWeeks: cooks.freezes ? Math.floor(document.component.freezerDays.value / DAYS) : 0,
        inSeason: weeks.map(({ from }) => fresh.some((each) => inSeason(each, Number(from.slice(5, 7))) === true)),
        buys: whole.buys,
        boxes: lotsOf(view, food)
          .filter((lot) => lot.place.kind === 'freezer' && lot.state.portionG !== null)
          .map((lot) => ({
            portions: lot.onHand.valueOf() / Math.max(1, Number(lot.state.portionG), portionG),
            lastWeek: lot.until ? Math.floor(daysBetween(view.today, lot.until.value) / DAYS) : SEASON_WEEKS,
          })),
        reserve: floor ? Math.ceil(Number(floor.amount) / portionG - 1e-9) : 0,
        ...(wanted.locked.includes(recipe) ? { locked: true } : {}),
      },
    ];
  });
  const left = freezerLeft(view)?.value;
  const standing = dishes.reduce(
    (sum, { boxes, litresEach }) => sum + boxes.reduce((all, { portions }) => all + portions, 0) * litresEach,
    0,
  );
  return { weeks, dishes, goods, ...(left === undefined ? {} : { freezerLitres: left + standing }) };
}

/** What a dish takes with all that it is made of: components are cooked for it. */
function withComponents(
  candidates: readonly Candidate[],
  { work, buys, needs }: Cooking,
  depth = 0,
): Pick<SeasonDish, 'hands' | 'buys'> {
  const parts = needs.flatMap(({ candidate, each }) => {
    const cooks = depth < DEEPEST ? candidates[candidate]?.cooks : undefined;
    return cooks ? [{ each, of: withComponents(candidates, cooks, depth + 1) }] : [];
  });
  return {
    hands: {
      once: parts.reduce((sum, { of }) => sum + of.hands.once, work.hands.once),
      each: parts.reduce((sum, { each, of }) => sum + each * of.hands.each, work.hands.each),
    },
    buys: [...buys, ...parts.flatMap(({ each, of }) => of.buys.map((buy) => ({ ...buy, each: buy.each * each })))],
  };
}
/** A dish of dishes of dishes is as deep as it goes. */
const DEEPEST = 3;

/** Who eats in a week from now on: the first is the one at hand. */
function weekAhead(view: KitchenView, w: number): SeasonWeek {
  const { eaters, attendance, slots } = view.week;
  const from = addDays(view.today, w * DAYS);
  const seats = weekDays(from).flatMap((day) =>
    MEAL_NAMES.map((meal) => {
      const at = eatersAt(day, meal, eaters, attendance);
      return at.reduce((sum, { appetite }) => sum + appetite, slotAt(slots, day, meal)?.guests ?? 0);
    }),
  );
  return {
    from,
    meals: Math.min(DAYS * MEALS_A_DAY, seats.filter((n) => n > 0).length),
    portions: seats.reduce((sum, n) => sum + n, 0),
  };
}

/** Something that all the weeks use much of, and that keeps: bought at once, or week by week. */
export interface BigBuy {
  readonly food: string;
  readonly name: string;
  /** Beyond what is there, in the food's base unit. */
  readonly missing: Fraction;
  readonly packs: readonly { readonly count: number; readonly amount: Fraction }[];
  /** Minor units, all at once, and bought week by week. */
  readonly minor: number;
  readonly weeklyMinor: number;
}

/** What keeps so long is bought for all the weeks at once, days. */
const KEEPS_FOR_WEEKS = SEASON_WEEKS * DAYS;

/** The big buys of a menu: what keeps at least as long, dearest first; what has no price is left to the week's own list. */
export function bigBuys(view: KitchenView, ask: SeasonAsk, { uses }: Pick<SeasonPlan, 'uses'>): readonly BigBuy[] {
  const prices = pricesOf(view.costs);
  const foods = [...view.foods.values()];
  return uses
    .flatMap(({ good, total, byWeek }): BigBuy[] => {
      const { name, there = 0 } = ask.goods[good] ?? {};
      const food = foods.find((each) => each.name === name);
      const keeps = food?.facts.keeps;
      if (!food || (keeps?.cupboard?.value ?? keeps?.['cool room']?.value ?? 0) < KEEPS_FOR_WEEKS) return [];
      const packs = packsAt(prices, food.id).map(({ amount, minor }) => ({ amount, minor }));
      const missing = total - there;
      const once = missing <= 0 ? undefined : choosePacks(rounded(missing), packs);
      if (!once) return [];
      let shelf = there;
      let weeklyMinor = 0;
      for (const amount of byWeek) {
        const lacks = amount - shelf;
        const bought = lacks > 1e-6 ? choosePacks(rounded(lacks), packs) : undefined;
        weeklyMinor += bought?.minor ?? 0;
        shelf += inBaseOf(bought?.amount) - amount;
      }
      return [
        {
          food: food.id,
          name: food.name,
          missing: rounded(missing),
          packs: once.packs.map(({ pack, count }) => ({ count, amount: pack.amount })),
          minor: once.minor,
          weeklyMinor,
        },
      ];
    })
    .sort((a, b) => b.minor - a.minor);
}

/** To a tenth, up: nobody buys a hundredth of a gram. */
const rounded = (amount: number): Fraction => new Fraction(Math.ceil(amount * 10 - 1e-6), 10);
const inBaseOf = (amount: Fraction | undefined): number => amount?.valueOf() ?? 0;
