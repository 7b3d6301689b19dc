import fc from 'fast-check';
import { ALLERGENS, FOOD_GROUPS, groupsOf } from '../src/food/index.ts';
import { addDays } from '../src/quantity/index.ts';
import { foodsOfRecipe } from '../src/recipe/index.ts';
import { MEALS_A_DAY, shareOf, type Tastes } from '../src/week/index.ts';
import { askOf, helpingsOn, stripsOf, thoseWhoEat, weekDays } from '../src/view/index.ts';
import { BOWL, DISHES, FOODS, KALE, MILLET, TODAY, boxOf, eaterOf, kitchenOf } from './inventKitchen.ts';

const foods = new Map(FOODS.map((food) => [food.id, food]));
const some = <T>(of: readonly T[]) => fc.subarray([...of], { maxLength: 3 });
const tastes: fc.Arbitrary<Tastes> = fc.record({
  never: some(
    FOODS.filter(({ id }) => DISHES.some(({ document }) => foodsOfRecipe(document).includes(id))).map(({ id }) => id),
  ),
  neverGroups: some(FOOD_GROUPS),
  allergens: some(ALLERGENS),
  inSpite: some(DISHES.map(({ document }) => document.component.id)),
});
const SIX = Date.parse('2026-03-02T05:00:00Z');

test('law: who does not eat a dish is in no size, no strip and no suggestion of it; all others are in each', () => {
  fc.assert(
    fc.property(fc.array(tastes, { minLength: 1, maxLength: 4 }), fc.integer({ min: 0, max: 6 }), (all, ahead) => {
      const eaters = all.map((each, n) => eaterOf(`eater ${n}`, { tastes: each, appetite: 1 + n / 4 }));
      const lots = DISHES.map(({ document }, n) => boxOf(`box ${n}`, document, 'fridge', 400, TODAY));
      const view = kitchenOf({ eaters, lots });
      const day = addDays(TODAY, ahead);
      const m = weekDays(TODAY).indexOf(day) * MEALS_A_DAY + 1;
      const ask = askOf(view, { locked: {}, handsAtMost: undefined }, SIX);
      for (const { document } of DISHES) {
        const { id, kind } = document.component;
        const mine = thoseWhoEat(view, id, eaters);
        // By hand: a food that is never eaten, one of a group that is not, an allergen that is not borne; also by way of a dish it is made of.
        const inside = [...foodsOfRecipe(document), ...(document === BOWL ? foodsOfRecipe(MILLET) : [])];
        for (const eater of eaters) {
          const { never = [], neverGroups = [], inSpite = [] } = eater.tastes ?? {};
          const left = inside.some(
            (food) =>
              !inSpite.includes(food) &&
              (never.includes(food) ||
                groupsOf(foods.get(food) ?? KALE_FOOD).some((group) => neverGroups.includes(group))),
          );
          if (left && !inSpite.includes(id)) expect(mine).not.toContain(eater);
        }
        const shares = mine.reduce((sum, eater) => sum + shareOf(eater, kind), 0);
        expect(helpingsOn(view, id, day)).toBeCloseTo(shares, 9);
        const item = stripsOf(view, {}, SIX).find(({ food }) => food.id === id);
        const meal = item?.strip.meals[m];
        if (item && day === TODAY)
          expect((meal?.eaten ?? 0) + (meal?.short ?? 0)).toBeCloseTo((shares / MEALS_A_DAY) * item.portionG, 6);
        const candidate = ask.candidates.find(({ food }) => food === id);
        expect(candidate?.want[m] ?? 0).toBeCloseTo(shares, 9);
      }
    }),
    { numRuns: 40 },
  );
});
const KALE_FOOD = { facts: { kind: 'leaf', base: 'g' } } as const;

test('one tap leaves a group; a food of it may be eaten all the same, and so may a dish', () => {
  const view = kitchenOf({});
  const eats = (of: Tastes, dish: typeof KALE) =>
    thoseWhoEat(view, dish.component.id, [eaterOf('a', { tastes: of })]).length === 1;
  const leek = KALE.lines
    .map(({ food }) => food)
    .filter((id) => groupsOf(foods.get(id) ?? KALE_FOOD).includes('greens'));
  expect(eats({ neverGroups: ['greens'] }, KALE)).toBe(false);
  expect(eats({ neverGroups: ['greens'], inSpite: leek }, KALE)).toBe(true);
  expect(eats({ neverGroups: ['greens'], inSpite: [KALE.component.id] }, KALE)).toBe(true);
  // Grain comes into the bowl by way of the cooked millet.
  expect(eats({ neverGroups: ['grain'] }, BOWL)).toBe(false);
  expect(eats({ neverGroups: ['pulses'] }, BOWL)).toBe(true);
});
