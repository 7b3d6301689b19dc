import { done, refused, type Outcome } from '../../quantity/index.ts';
import type { RecipeText } from './recipeText.ts';

export interface BrokenFile {
  readonly code: 'broken file';
  /** The line of the file, counted from 1, where that is known. */
  readonly line: number | undefined;
  readonly what: string;
  readonly remedy: string;
}

/** What a page says of a recipe beside its words: it follows from the recipe, and is not read back. */
export interface RecipeFacts {
  /** Minutes from the first step to the last, steps ahead aside. */
  readonly minutes: number;
  readonly category: string;
  /** In a portion; undefined where not all of it is known. */
  readonly kJ?: number;
  readonly proteinG?: number;
}

/** A recipe's words as schema.org Recipe in JSON-LD; `more` is a property beside them. */
export const toJsonLd = (
  recipe: RecipeText,
  facts?: RecipeFacts,
  more?: { readonly name: string; readonly value: string },
): string =>
  JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: recipe.name,
      ...(recipe.portions === undefined ? {} : { recipeYield: `${recipe.portions}` }),
      ...(facts
        ? {
            totalTime: `PT${Math.max(1, Math.round(facts.minutes))}M`,
            recipeCategory: facts.category,
            ...(facts.kJ === undefined
              ? {}
              : {
                  nutrition: {
                    '@type': 'NutritionInformation',
                    calories: `${Math.round(facts.kJ / KJ_PER_KCAL)} kcal`,
                    ...(facts.proteinG === undefined ? {} : { proteinContent: `${Math.round(facts.proteinG)} g` }),
                  },
                }),
          }
        : {}),
      recipeIngredient: recipe.ingredients,
      recipeInstructions: recipe.method.map((text) => ({ '@type': 'HowToStep', text })),
      ...(more ? { additionalProperty: { '@type': 'PropertyValue', ...more } } : {}),
    },
    null,
    2,
  );

/** 1 kcal = 4.184 kJ, exact. */
const KJ_PER_KCAL = 4.184;

const broken = (what: string, remedy: string, line?: number): Outcome<never, BrokenFile> =>
  refused({ code: 'broken file', line, what, remedy });

/** Reads a schema.org Recipe: alone, in a list, or in a @graph; instructions as text, list, HowToStep or HowToSection. */
export function fromJsonLd(text: string): Outcome<RecipeText, BrokenFile> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (thrown) {
    const at = /position (\d+)/.exec(thrown instanceof Error ? thrown.message : '')?.[1];
    const line = at === undefined ? undefined : text.slice(0, Number(at)).split('\n').length;
    return broken(
      `This is not valid JSON${line === undefined ? '' : `: line ${line} cannot be read`}.`,
      'Copy the whole block from its first { to its last }.',
      line,
    );
  }
  const [recipe] = allRecipes(data);
  if (!recipe) return broken('There is no schema.org Recipe in it.', 'Look for the block that has "@type": "Recipe".');
  const yields = listOf(recipe['recipeYield'])
    .map(String)
    .map((each) => /\d+(?:[.,]\d+)?/.exec(each)?.[0])
    .find((each) => each !== undefined);
  const times = [...timeNote('Cooking time', recipe['cookTime']), ...timeNote('Total time', recipe['totalTime'])];
  return done({
    name: textOf(recipe['name']),
    portions: yields === undefined ? undefined : Number(yields.replace(',', '.')),
    ingredients: listOf(recipe['recipeIngredient'] ?? recipe['ingredients'])
      .map(textOf)
      .filter(Boolean),
    method: listOf(recipe['recipeInstructions']).flatMap(stepsOf),
    ...(times.length > 0 ? { notes: times } : {}),
  });
}

/** "PT1H10M", as a line of a text would say it. */
function timeNote(name: string, data: unknown): readonly string[] {
  const [, hours = '0', minutes = '0'] = /^PT(?:(\d{1,3})H)?(?:(\d{1,4})M)?/i.exec(textOf(data)) ?? [];
  const all = Number(hours) * 60 + Number(minutes);
  return all > 0 ? [`${name}: ${all} minutes`] : [];
}

/** Text that begins like data is read as data. */
export const isData = (text: string): boolean => /^\s*[[{]/.test(text);

/**
 * The recipes of a page’s data, each as data of its own; what holds one, or is no data, stays as it is.
 * @example recipesInData('[{"@type":"Recipe","name":"Dal"},{"@type":"Recipe","name":"Soup"}]').length // 2
 */
export function recipesInData(text: string): readonly string[] {
  try {
    const all = allRecipes(JSON.parse(text));
    return all.length > 1 ? all.map((each) => JSON.stringify(each, null, 2)) : [text];
  } catch {
    return [text];
  }
}

const isRecord = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data);
const listOf = (data: unknown): readonly unknown[] =>
  Array.isArray(data) ? (data as unknown[]) : data === undefined || data === null ? [] : [data];
const textOf = (data: unknown): string => (typeof data === 'string' ? data : typeof data === 'number' ? `${data}` : '');

function allRecipes(data: unknown): readonly Record<string, unknown>[] {
  if (Array.isArray(data)) return data.flatMap(allRecipes);
  if (!isRecord(data)) return [];
  if (listOf(data['@type']).includes('Recipe')) return [data];
  return allRecipes(data['@graph'] ?? data['mainEntity']);
}

function stepsOf(data: unknown): readonly string[] {
  if (typeof data === 'string') return data.split(/\r?\n/).filter((line) => line.trim());
  if (!isRecord(data)) return [];
  if (data['itemListElement'] !== undefined) return listOf(data['itemListElement']).flatMap(stepsOf);
  return [textOf(data['text']) || textOf(data['name'])].filter(Boolean);
}
