import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { faultsOf } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { check, search } from '@kestrel-ridge/core/schedule';
import { expandSession } from '@kestrel-ridge/core/session';
import { demoRecipes } from '../src/demo/demoRecipes.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));

test.each(demoRecipes().map((recipe) => [recipe.name, recipe] as const))(
  '%s is read whole, scales, and can be planned',
  (_, recipe) => {
    expect(faultsOf(recipe)).toEqual([]);
    const scaled = scaleBatch(recipe, new Fraction(recipe.portions), foods, STARTING_EQUIPMENT);
    expect(scaled.missing).toEqual([]);
    expect(scaled.portionG).toBeGreaterThan(25);
    expect(scaled.portionG).toBeLessThan(700);
    const { problem } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
    expect(check(problem, search(problem, { seed: 1, rounds: 20 }))).toEqual([]);
  },
);
