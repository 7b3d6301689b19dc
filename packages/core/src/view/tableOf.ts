import { statementOf, type AllergenStatement } from '../food/index.ts';
import { learnAppetite, plateSums, type LearnedAppetite } from '../learn/index.ts';
import type { RecipeState } from '../formats/index.ts';
import { foodsOfRecipe } from '../recipe/index.ts';
import { shareOf, type Demanded, type Learned, type Table } from '../week/index.ts';
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
    foods: foodsOfRecipe(recipe.document).map((id) => ({ id, name: view.foods.get(id)?.name ?? '' })),
  };
}

/** What was learned of an eater and a component. */
export function learnedFor(view: KitchenView, eaterId: string, food: string): LearnedAppetite {
  const { plates, eaters } = view.week;
  const eater = eaters.find(({ id }) => id === eaterId);
  const kind = view.recipes.find(({ document }) => document.component.id === food)?.document.component.kind;
  const usual = Math.max(0.05, eater && kind ? shareOf(eater, kind) : 1);
  const eaten = plates.find((each) => each.eater === eaterId && each.food === food);
  return learnAppetite(
    eaten ? { n: eaten.n, sum: eaten.sum / usual, squares: eaten.squares / usual ** 2 } : plateSums([]),
  );
}

/** The same for all of them, looked up once. */
export function learnedOf(view: KitchenView): Learned {
  const known = new Map(
    view.week.plates.map(({ eater, food }) => [`${eater} ${food}`, learnedFor(view, eater, food).times] as const),
  );
  return (eater, food) => known.get(`${eater} ${food}`) ?? 1;
}
