export { readShelfLine } from './readShelfLine.ts';
export type { PlaceName, ShelfLine } from './readShelfLine.ts';
export type {
  BatchState,
  BatchStatus,
  Fault,
  FoodState,
  KitchenName,
  KitchenState,
  LotOrigin,
  LotState,
  MovementState,
  PlaceState,
  ProblemDetails,
  RecipeState,
  RunState,
  SessionState,
  SessionStatus,
  Topic,
  WeekState,
} from './wire.ts';
export { findFood, indexFoods } from './ingredient/findFood.ts';
export type { FoodIndex, FoundFood } from './ingredient/findFood.ts';
export type { Doubt } from './ingredient/readAmount.ts';
export { amountWords, readIngredientLine } from './ingredient/readIngredientLine.ts';
export type { IngredientLine } from './ingredient/readIngredientLine.ts';
