export { applySwaps } from './swap.ts';
export type { Swap } from './swap.ts';
export { componentFood } from './componentFood.ts';
export { faultsOf } from './faultsOf.ts';
export type { RecipeFault } from './faultsOf.ts';
export type {
  After,
  AheadStep,
  Attention,
  Law,
  Line,
  PressureStep,
  Revision,
  StationUse,
  Step,
  TimeLaw,
  Window,
  WorkStep,
} from './revision.ts';
export { indexRecipes, searchRecipes } from './searchRecipes.ts';
export type { RecipeWords } from './searchRecipes.ts';
export { STARTER_RECIPES } from './starters/index.ts';
