export { TASTES, lacksFor, starters } from './starters.ts';
export type { Starter, Taste } from './starters.ts';
export { textRecipes } from './textRecipes.ts';
