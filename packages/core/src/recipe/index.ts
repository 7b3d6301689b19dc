export { applySwaps } from './swap.ts';
export type { Swap } from './swap.ts';
export { compareRevisions } from './compareRevisions.ts';
export type { Difference } from './compareRevisions.ts';
export { cookedAs, foodsOfRecipe, restOf, waysOf, wholeOf } from './cookedAs.ts';
export type { Choice, Fill } from './cookedAs.ts';
export { HEATING, isEatenCold, isHeated, isHeatedAt, staysCrisp } from './isHeated.ts';
export { leadsTo } from './leadsTo.ts';
export { readShare } from './readShare.ts';
export { hotLines, shareLeft } from './mildPart.ts';
export type { MildPart } from './mildPart.ts';
export { componentFood } from './componentFood.ts';
export { USUAL_POT_CM, boiledOffG, expectedMinutes, minutesToBoilOff } from './expectedMinutes.ts';
export { faultsOf } from './faultsOf.ts';
export type { RecipeFault } from './faultsOf.ts';
export type {
  After,
  AheadStep,
  Attention,
  ByProduct,
  Law,
  Line,
  LineChange,
  Method,
  Pan,
  PressureStep,
  Revision,
  Share,
  Station,
  StationUse,
  Step,
  TimeLaw,
  Version,
  Vessel,
  Window,
  WorkStep,
} from './revision.ts';
export { STATIONS, STEP_NAME_MOST, VESSELS } from './revision.ts';
export { indexRecipes, searchRecipes } from './searchRecipes.ts';
export type { RecipeWords } from './searchRecipes.ts';
export { skipSteps } from './skipSteps.ts';
export { STARTER_RECIPES } from './starters/index.ts';
export {
  attentionWords,
  goesWords,
  lawWords,
  stepTimes,
  stepWords,
  timeWords,
  windowWords,
  writtenPlain,
  writtenWords,
} from './words.ts';
export { cupsOfWater, grainOf, packetLine } from './packetOf.ts';
export type { GrainOfDish } from './packetOf.ts';
export { withSchool } from './withSchool.ts';
export { growthOf, usualLaw } from './usualLaw.ts';
export type { Growth } from './usualLaw.ts';
