import { main, run, TSC } from '../scripts/step.mjs';
import { figure, median } from './figure.mjs';

const core = (folder) => import(new URL(`../packages/core/dist/${folder}/index.js`, import.meta.url).href);

/** Times work several times over, milliseconds each. */
function timed(times, work) {
  const took = [];
  for (let n = 0; n < times; n++) {
    const began = performance.now();
    work();
    took.push(performance.now() - began);
  }
  return took;
}

/** Reading lines, scaling the book of recipes and searching 500 of them, each beside a plain piece of work in the same run. */
await main(async () => {
  await run('node', [TSC, '-b', 'packages/core', 'apps/server'], { log: 'build-core' });
  const [
    { BOOK },
    { STARTER_RECIPES, componentFood, indexRecipes, searchRecipes },
    { indexFoods, readIngredientLine },
    { Fraction },
    { scaleBatch, perPortion },
    { STARTING_EQUIPMENT },
    { textRecipes },
  ] = await Promise.all(['food', 'recipe', 'formats', 'quantity', 'scaling', 'kitchen', 'starters'].map(core));
  const dishes = await import(new URL('../apps/server/dist/demo/dishes/index.js', import.meta.url).href);
  const bought = new Map(BOOK.map((food) => [food.id, food]));
  const book = [...STARTER_RECIPES, ...textRecipes(), ...dishes.HUT_DISHES];
  const foods = new Map([...bought, ...book.map((recipe) => [recipe.component.id, componentFood(recipe, bought)])]);
  const index = indexFoods(BOOK);
  const lines = [
    '500 g millet',
    '1 1/2 cups quinoa, rinsed',
    '2 cans (400 g each) borlotti beans',
    '3 cloves of garlic, minced',
    '34 cup flour',
    'juice of half a lemon',
    'salt to taste',
    '1 lb 4 oz swede',
  ];
  const many = Array.from({ length: 2000 }, (_, n) => lines[n % lines.length]);

  const reading = median(timed(7, () => many.forEach((line) => readIngredientLine(line, index))));
  const splitting = median(
    timed(7, () =>
      many.forEach((line) =>
        line
          .toLowerCase()
          .split(/\s+/)
          .map((word) => word.replace(/[^a-z0-9]/g, '')),
      ),
    ),
  );
  figure('ingredient lines read a second', (many.length / reading) * 1000, '1/s', 'for the record: a ratio is judged');
  figure('reading a line ÷ splitting it into words', reading / splitting, 'ratio', '<=60');

  const scaling = median(
    timed(15, () =>
      book.forEach((recipe) => perPortion(scaleBatch(recipe, new Fraction(24), foods, STARTING_EQUIPMENT))),
    ),
  );
  figure(
    `scaling the whole demo book of ${book.length}, with what a portion holds, per recipe`,
    scaling / book.length,
    'ms',
    'for the record',
  );
  figure('scaling one recipe ÷ a frame of 16 ms', scaling / book.length / 16, 'ratio', '<=0.25');

  const words = BOOK.map((food) => food.name);
  const recipes = Array.from({ length: 500 }, (_, n) => {
    const document = STARTER_RECIPES[n % STARTER_RECIPES.length];
    return {
      id: n,
      document: { ...document, name: `${words[n % words.length]} with ${words[(n * 7) % words.length]}` },
    };
  });
  const found = indexRecipes(recipes, foods);
  const query = 'kale with leek';
  const keys = Array.from({ length: query.length }, (_, n) => query.slice(0, n + 1));
  const search = timed(15, () => keys.forEach((typed) => searchRecipes(found, typed))).map((ms) => ms / keys.length);
  figure('search as you type over 500 recipes, a keystroke', median(search), 'ms', 'for the record');
  figure('a keystroke ÷ a frame of 16 ms', median(search) / 16, 'ratio', '<=0.5');
});
