import { BOOK } from '../src/food/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { STARTER_RECIPES } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { expandSession } from '../src/session/index.ts';
import { START_SETS } from '../src/kitchen/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));

test.each(START_SETS)('the starters can be planned in a $name, for four portions each', ({ equipment }) => {
  const batches = STARTER_RECIPES.map((recipe) => ({
    id: recipe.component.kind,
    scaled: scaleBatch(recipe, new Fraction(4), foods, equipment),
  }));
  const { problem } = expandSession('s', batches, equipment, 1);
  expect(check(problem, search(problem, { seed: 1, rounds: 200 }))).toEqual([]);
});
