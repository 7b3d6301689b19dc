export { BOOK, bookFood } from './book.ts';
export { bookFoodId, isTapWater, namedId } from './bookFoodId.ts';
export { inBaseOf, massOf } from './bridge.ts';
export { dryShareOf } from './dryShare.ts';
export { inSeason } from './season.ts';
export type { BridgeMissing } from './bridge.ts';
export { CAUTION_IDS, cautionOf } from './cautions.ts';
export type { Caution, CautionId, CautionSetting } from './cautions.ts';
export {
  ALLERGENS,
  NO_ALLERGENS,
  addedBy,
  allergenWords,
  factsOfStatement,
  statementOf,
  uniteStatements,
} from './allergens.ts';
export type { Allergen, AllergenStatement } from './allergens.ts';
export type {
  Composition,
  Food,
  FoodFacts,
  FoodHazard,
  FoodId,
  FoodKind,
  FoodPack,
  FoodRole,
  PlaceKind,
} from './food.ts';
export { FOOD_ROLES } from './food.ts';
export { FIGURES, figureOf, THIS_KITCHEN, withOwnFigures } from './ownFigures.ts';
export type { Figure, FigureName, KnownFigure, OwnFigures } from './ownFigures.ts';
export { FOOD_GROUPS, groupsOf } from './foodGroup.ts';
export type { FoodGroup } from './foodGroup.ts';
export { likeFood } from './likeFood.ts';
