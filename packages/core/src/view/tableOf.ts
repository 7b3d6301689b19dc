import { groupsOf, statementOf, type AllergenStatement } from '../food/index.ts';
import { addedSums, learnAppetite, type LearnedAppetite } from '../learn/index.ts';
import type { RecipeState } from '../formats/index.ts';
import type { Day } from '../quantity/index.ts';
import { foodsOfRecipe, type Revision } from '../recipe/index.ts';
import {
  eatersOn,
  refusalOf,
  shareOf,
  type Demanded,
  type EatenFood,
  type Eater,
  type Learned,
  type MealName,
  type Table,
} from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';

export const tableOf = ({ week }: KitchenView): Table => ({
  eaters: week.eaters,
  attendance: week.attendance,
  slots: week.slots,
});

/** What a component says of the fourteen; one that is not among the foods is unknown. */
const madeOf = (view: KitchenView, id: string): AllergenStatement => {
  const food = view.foods.get(id);
  return food ? statementOf(food) : { contains: [], may: [], unknown: ['this dish'] };
};

/** A recipe's component as those at the table see it: what is in it, and how much of it is usual. */
export function demandedOf(view: KitchenView, recipe: RecipeState, portionG: number): Demanded {
  const { component } = recipe.document;
  return {
    id: component.id,
    kind: component.kind,
    portionG,
    portionsADay: view.week.appetites.find(({ food }) => food === component.id)?.portionsADay ?? 1,
    allergens: madeOf(view, component.id),
    foods: foodsIn(view, recipe.document),
  };
}

/** All that goes into a dish, also by way of the dishes that it is made of. */
function foodsIn(view: KitchenView, document: Revision): readonly EatenFood[] {
  const known = foodsKnown.get(document);
  if (known?.foods === view.foods && known.recipes === view.recipes) return known.inside;
  const found = new Map<string, EatenFood>();
  const put = (of: Revision) => {
    for (const id of foodsOfRecipe(of)) {
      const food = view.foods.get(id);
      if (!food || found.has(id)) continue;
      found.set(id, { id, name: food.name, groups: groupsOf(food) });
      const made = view.recipes.find((recipe) => recipe.document.component.id === id)?.document;
      if (made) put(made);
    }
  };
  put(document);
  const inside = [...found.values()];
  foodsKnown.set(document, { foods: view.foods, recipes: view.recipes, inside });
  return inside;
}

const foodsKnown = new WeakMap<
  Revision,
  Pick<KitchenView, 'foods' | 'recipes'> & { readonly inside: readonly EatenFood[] }
>();

/** Who of some eaters eats a component at all: the one answer for strips, sizes, plates and boxes. */
export function thoseWhoEat<E extends Eater>(view: KitchenView, food: string, eaters: readonly E[]): readonly E[] {
  const recipe = view.recipes.find(({ document }) => document.component.id === food);
  if (!recipe) return eaters;
  const eaten = demandedOf(view, recipe, 1);
  return eaters.filter((eater) => refusalOf(eater, eaten) === undefined);
}

/** How many usual portions of a component a day's table takes at each helping, guests of its meals left out. */
export const helpingsOn = (view: KitchenView, food: string, day: Day): number => {
  const kind = view.recipes.find(({ document }) => document.component.id === food)?.document.component.kind ?? 'dish';
  return thoseWhoEat(view, food, eatersOn(day, view.week.eaters, view.week.attendance)).reduce(
    (sum, eater) => sum + shareOf(eater, kind),
    0,
  );
};

/** What was learned of an eater and a component; of one meal, drawn to what is known of all of them. */
export function learnedFor(view: KitchenView, eaterId: string, food: string, meal?: MealName): LearnedAppetite {
  const { plates, eaters } = view.week;
  const eater = eaters.find(({ id }) => id === eaterId);
  const kind = view.recipes.find(({ document }) => document.component.id === food)?.document.component.kind;
  const usual = Math.max(0.05, eater && kind ? shareOf(eater, kind) : 1);
  const eaten = plates
    .filter((each) => each.eater === eaterId && each.food === food)
    .map((each) => ({ meal: each.meal, n: each.n, sum: each.sum / usual, squares: each.squares / usual ** 2 }));
  const ofAll = learnAppetite(addedSums(eaten));
  if (meal === undefined) return ofAll;
  return learnAppetite(addedSums(eaten.filter((each) => each.meal === meal)), ofAll.times);
}

/** The same for all of them, looked up once. */
export function learnedOf(view: KitchenView): Learned {
  const known = new Map(
    view.week.plates.flatMap(({ eater, food, meal }) => [
      [`${eater} ${food}`, learnedFor(view, eater, food).times] as const,
      [`${eater} ${food} ${meal}`, learnedFor(view, eater, food, meal).times] as const,
    ]),
  );
  return (eater, food, meal) => known.get(`${eater} ${food} ${meal}`) ?? known.get(`${eater} ${food}`) ?? 1;
}
