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
