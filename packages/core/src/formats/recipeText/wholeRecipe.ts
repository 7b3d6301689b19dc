import { namedId, type Food, type FoodId } from '../../food/index.ts';
import { sameData } from '../../quantity/index.ts';
import type { Revision } from '../../recipe/index.ts';
import { readRevision } from '../../recipe/schema/index.ts';
import { fromJsonLd, isData, toJsonLd, type RecipeFacts } from './jsonLd.ts';
import type { RecipeText } from './recipeText.ts';
import { toMarkdown, toRecipeText } from './toRecipeText.ts';

/** What a file holds beside its words: the recipe as it is kept, with its foods by name, as another kitchen knows them by other ids. */
interface Whole {
  readonly document: Revision;
  readonly foods: Readonly<Record<string, string>>;
}

const MARK = 'kitchen-recipe/1';
const IN_MARKDOWN = new RegExp(`\\n?<!-- ${MARK} (.*?) -->\\n?`, 's');

const wholeOf = (document: Revision, foods: ReadonlyMap<FoodId, Food>): string =>
  JSON.stringify({
    document,
    foods: Object.fromEntries(
      stringsIn(document).flatMap((id) => {
        const name = foods.get(id)?.name;
        return name === undefined ? [] : [[id, name]];
      }),
    ),
  } satisfies Whole);

/** Every text in it: foods are among them, in lines, slots and versions. */
const stringsIn = (data: unknown): readonly string[] =>
  typeof data === 'string'
    ? [data]
    : typeof data === 'object' && data !== null
      ? Object.values(data).flatMap(stringsIn)
      : [];

/** A recipe as Markdown, with all of it in a comment at the end, which a page of Markdown does not show. */
export const toWholeMarkdown = (document: Revision, foods: ReadonlyMap<FoodId, Food>): string =>
  `${toMarkdown(toRecipeText(document, foods))}\n<!-- ${MARK} ${wholeOf(document, foods).replace(/--/g, '-\\u002d')} -->\n`;

/** A recipe as schema.org data, with all of it in a property of its own. */
export const toWholeJsonLd = (document: Revision, foods: ReadonlyMap<FoodId, Food>, facts: RecipeFacts): string =>
  toJsonLd(toRecipeText(document, foods), facts, { name: MARK, value: wholeOf(document, foods) });

/** The words of a pasted text, without what stands in it for the program. */
export const withoutWhole = (text: string): string => text.replace(IN_MARKDOWN, '\n');

/**
 * The recipe that a text of this program holds whole. It is believed only while the words around it say the same: who has changed the words means the words. Undefined:
 * there is none, it says something else, or it speaks of a food that this kitchen does not have.
 * @example wholeRecipe(toWholeMarkdown(recipe, foods), [...foods.values()]) // the recipe
 */
export function wholeRecipe(text: string, foods: readonly Food[]): Revision | undefined {
  const data = isData(text);
  const said = data ? inJsonLd(text) : IN_MARKDOWN.exec(text)?.[1];
  const whole = said === undefined ? undefined : parsed(said);
  if (whole === undefined) return undefined;
  const byName = new Map(foods.map((food) => [food.name, food.id]));
  const ids = new Map(Object.entries(whole.foods).map(([id, name]) => [id, byName.get(name)]));
  if ([...ids.values()].includes(undefined)) return undefined;
  const here = JSON.parse(JSON.stringify(whole.document), (_, value: unknown) =>
    typeof value === 'string' ? (ids.get(value) ?? value) : value,
  ) as unknown;
  const read = readRevision(here);
  if (!read.ok) return undefined;
  const recipe = read.value;
  const known = new Map(foods.map((food) => [food.id, food]));
  if (recipe.lines.some(({ food }) => !known.has(food))) return undefined;
  const words = toRecipeText(recipe, known);
  const same = data ? saysTheSame(text, words) : squeezed(withoutWhole(text)) === squeezed(toMarkdown(words));
  return same
    ? { ...recipe, component: { ...recipe.component, id: namedId(`component:${recipe.component.name}`) } }
    : undefined;
}

/** The same recipe under another name, what it makes with it: two dishes of one name are one on the shelf. */
export const renamed = (recipe: Revision, name: string): Revision =>
  name === recipe.name
    ? recipe
    : { ...recipe, name, component: { ...recipe.component, id: namedId(`component:${name}`), name } };

const squeezed = (text: string): string => text.replace(/\s+/g, ' ').trim();

function saysTheSame(text: string, words: RecipeText): boolean {
  const read = fromJsonLd(text);
  if (!read.ok) return false;
  // How long it takes is each kitchen's own.
  const { notes: _times, ...said } = read.value;
  return sameData(said, { ...words });
}

function parsed(said: string): { readonly document: unknown; readonly foods: Record<string, string> } | undefined {
  try {
    const data = JSON.parse(said) as unknown;
    if (typeof data !== 'object' || data === null || !('document' in data) || !('foods' in data)) return undefined;
    const { document, foods } = data;
    const named = typeof foods === 'object' && foods !== null ? Object.entries(foods) : [];
    return named.every(([, name]) => typeof name === 'string')
      ? { document, foods: Object.fromEntries(named) }
      : undefined;
  } catch {
    return undefined;
  }
}

/** The value of our own property, where the data has it. */
function inJsonLd(text: string): string | undefined {
  try {
    const data = JSON.parse(text) as { additionalProperty?: { name?: unknown; value?: unknown } };
    const { name, value } = data.additionalProperty ?? {};
    return name === MARK && typeof value === 'string' ? value : undefined;
  } catch {
    return undefined;
  }
}
