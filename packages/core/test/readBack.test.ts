import { BOOK } from '../src/food/index.ts';
import {
  NOTHING_SAID,
  asRevision,
  fromJsonLd,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
  renamed,
  toRecipeText,
  toWholeJsonLd,
  toWholeMarkdown,
  wholeRecipe,
  withoutWhole,
} from '../src/formats/index.ts';
import { namedId, type Food } from '../src/food/index.ts';
import { faultsOf, STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import { HAND_TEXTS } from './handTexts.ts';

const index = indexFoods(BOOK);
const foods = new Map(BOOK.map((food) => [food.id, food]));
const readLine = (text: string) => readIngredientLine(text, index);

/** A pasted text as the recipe it becomes when nothing is answered. */
function recipeOf(text: string): Revision {
  const words = readRecipeText(text);
  const { lines, method } = readPaste(words, NOTHING_SAID, index, readLine);
  return asRevision({
    name: words.name || 'A dish without a name',
    portions: words.portions ?? 4,
    lines: lines.map(({ line }) => line),
    method,
  });
}

const PASTED = HAND_TEXTS.map(({ file, text }) => [file, recipeOf(text)] as const).filter(
  ([, recipe]) => faultsOf(recipe).length === 0,
);
const ALL: readonly (readonly [string, Revision])[] = [
  ...STARTER_RECIPES.map((recipe) => [recipe.name, recipe] as const),
  ...PASTED,
];
const asKept = (recipe: Revision): Revision => ({
  ...(JSON.parse(JSON.stringify(recipe)) as Revision),
  component: { ...recipe.component, id: namedId(`component:${recipe.component.name}`) },
});
const FACTS = { minutes: 40, category: 'soup' };

test('there is something to read back', () => {
  expect(PASTED.length).toBeGreaterThan(60);
});

test.each(ALL)('law: %s, written out, is read back whole: lines, laws, shares, steps, soaks, stations', (_, recipe) => {
  const kept = asKept(recipe);
  expect(wholeRecipe(toWholeMarkdown(recipe, foods), BOOK)).toEqual(kept);
  expect(wholeRecipe(toWholeJsonLd(recipe, foods, FACTS), BOOK)).toEqual(kept);
});

test.each(ALL)('%s: whoever changes a word means the words', (_, recipe) => {
  const markdown = toWholeMarkdown(recipe, foods);
  expect(wholeRecipe(markdown.replace(/^Makes \d+/m, 'Makes 77'), BOOK)).toBeUndefined();
  expect(wholeRecipe(`${markdown}\nAnd a little more.`, BOOK)).toBeUndefined();
  const data = JSON.parse(toWholeJsonLd(recipe, foods, FACTS)) as Record<string, unknown>;
  expect(wholeRecipe(JSON.stringify({ ...data, recipeYield: '77' }), BOOK)).toBeUndefined();
});

test('the words beside it are the recipe’s, and nothing of the record is among them', () => {
  const [recipe] = STARTER_RECIPES;
  if (!recipe) throw new Error('no starter');
  const words = readRecipeText(withoutWhole(toWholeMarkdown(recipe, foods)));
  expect(JSON.stringify(words)).not.toMatch(/document|kitchen-recipe/);
  expect(words.name).toBe(recipe.name);
  const data = fromJsonLd(toWholeJsonLd(recipe, foods, FACTS));
  const notes = [`Total time: ${FACTS.minutes} minutes`];
  expect(data.ok && data.value).toEqual({ ...toRecipeText(recipe, foods), notes });
});

test('in a kitchen that knows a food by another id it is that kitchen’s; in one that does not have it, the words are read', () => {
  const [recipe] = STARTER_RECIPES;
  const first = recipe && foods.get(recipe.lines[0]?.food ?? '');
  if (!recipe || !first) throw new Error('no starter');
  const text = toWholeMarkdown(recipe, foods);
  const own: Food = { ...first, id: 'own-food' };
  const there = wholeRecipe(text, [...BOOK.filter(({ id }) => id !== first.id), own]);
  expect(there?.lines[0]?.food).toBe('own-food');
  expect(
    wholeRecipe(
      text,
      BOOK.filter(({ id }) => id !== first.id),
    ),
  ).toBeUndefined();
});

test.each([
  ['no record', '# Soup\n'],
  ['a broken one', '# Soup\n<!-- kitchen-recipe/1 {"document": -->'],
  ['one of another shape', '# Soup\n<!-- kitchen-recipe/1 {"document":{"name":"Soup"},"foods":{}} -->'],
  ['foods that are no names', '# Soup\n<!-- kitchen-recipe/1 {"document":{},"foods":{"a":1}} -->'],
  ['data that is none', '{"additionalProperty":{"name":"kitchen-recipe/1","value":"x"}}'],
])('%s is no recipe, and breaks nothing', (_, text) => {
  expect(wholeRecipe(text, BOOK)).toBeUndefined();
});

test('under another name it is another dish; under its own it is the same', () => {
  const [recipe] = STARTER_RECIPES;
  if (!recipe) throw new Error('no starter');
  expect(renamed(recipe, recipe.name)).toBe(recipe);
  const other = renamed(recipe, 'Another');
  expect([other.name, other.component.name]).toEqual(['Another', 'Another']);
  expect(other.component.id).not.toBe(recipe.component.id);
  expect(faultsOf(other)).toEqual([]);
});
