import type { Equipment } from '../kitchen/index.ts';
import { STARTER_RECIPES, type Revision, type Station } from '../recipe/index.ts';
import { textRecipes } from './textRecipes.ts';

/** What a dish tastes of, in a word that somebody would choose by. */
export const TASTES = ['mild', 'sharp', 'nutty', 'herby', 'sweet'] as const;
export type Taste = (typeof TASTES)[number];

/** A recipe to begin with. */
export interface Starter {
  readonly recipe: Revision;
  readonly tastes: readonly Taste[];
}

const TASTE_OF: Readonly<Record<string, readonly Taste[]>> = {
  'Millet with bay': ['mild'],
  'Borlotti with onion': ['mild'],
  'Roast celeriac and parsnip': ['sweet', 'herby'],
  'Sunflower-seed sauce with mustard': ['nutty', 'sharp'],
  'Kale with leek': ['nutty'],
  'Leek and split-pea soup': ['mild', 'herby'],
  'Buckwheat with fried onions': ['nutty', 'sweet'],
  'Swede and carrot mash': ['mild', 'sweet'],
  'Kohlrabi and apple salad': ['sharp'],
  'Hazelnut and parsley sauce': ['nutty', 'herby'],
  'Parsnip and caraway fritters': ['sweet', 'herby'],
  'Black-eyed peas with chard': ['sharp'],
  'Celeriac baked in the tray': ['herby'],
  'Red cabbage with apple': ['sharp', 'sweet'],
  'Oat and apple breakfast': ['mild', 'sweet'],
  'Farro with mushrooms': ['herby'],
};

/** Recipes to begin with, one at least for each part of a plate, each way of cooking and each taste. */
export const starters = (): readonly Starter[] =>
  [...STARTER_RECIPES, ...textRecipes()].map((recipe) => ({ recipe, tastes: TASTE_OF[recipe.name] ?? [] }));

const HAS: Readonly<Partial<Record<Station, (equipment: Equipment) => boolean>>> = {
  oven: ({ ovens }) => ovens.length > 0,
  cooker: ({ cookers }) => cookers.length > 0,
  burner: ({ burners }) => burners > 0,
  'rice cooker': ({ riceCooker }) => riceCooker !== undefined,
  microwave: ({ microwave }) => microwave !== undefined,
  'air fryer': ({ airFryer }) => airFryer !== undefined,
};

/** Each way that a recipe is written for: its stations, without what every kitchen has. */
const waysOf = ({ uses, methods = [] }: Revision): readonly (readonly Station[])[] =>
  [uses, ...methods.map((method) => method.uses)].map((way) => [...new Set(way.map(({ station }) => station))]);

/**
 * What a kitchen lacks for a recipe in every way that it is written for; none: it can be cooked there.
 * @example lacksFor(roastRoots, { ...equipment, ovens: [] }) // ['oven']
 */
export function lacksFor(recipe: Revision, equipment: Equipment): readonly Station[] {
  const lacking = waysOf(recipe).map((way) => way.filter((station) => !(HAS[station]?.(equipment) ?? true)));
  return lacking.reduce((least, each) => (each.length < least.length ? each : least));
}
