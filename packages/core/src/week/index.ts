export { COMPONENT_KINDS, eatersAt, eatersOn, shareOf } from './eaters.ts';
export type { Attendance, ComponentKind, Eater, Tastes } from './eaters.ts';
export { MEALS_A_DAY, MEAL_CLOCK, MEAL_NAMES, openSlot, sameSlot, slotAt } from './meals.ts';
export type { MealName, MealPart, Slot } from './meals.ts';
export { refusalOf } from './mayEat.ts';
export type { Eaten, EatenFood } from './mayEat.ts';
export { demandOf } from './demand.ts';
export type { Demanded, Learned, Table } from './demand.ts';
export { foldStrip } from './strip.ts';
export type { PieceFate, Strip, StripMeal, Supply } from './strip.ts';
export { freezeBy } from './freezeBy.ts';
export type { FreezeBy } from './freezeBy.ts';
export { PLATE_ROLES, ROLE_WORDS, becauseOfPlates, platesFrom, roleOf } from './plates.ts';
export type { InBoxes, PlateRole, Plates } from './plates.ts';
export { tooOften, varietyOf } from './variety.ts';
export type { DayEaten, Variety } from './variety.ts';
export { isOver, mealAhead, mealsOver } from './mealOver.ts';
export { firstMealFrom, firstMealOf, readyAfter } from './readyFor.ts';
export { EVENING_CLOCK, servedAt, takeOuts } from './takeOut.ts';
export type { FrozenBox, TakeOut } from './takeOut.ts';
export { MAIN, PLACES, PLATE_PARTS, WORK, placeOf } from './suggest/ask.ts';
export type {
  Candidate,
  Cooking,
  EaterGroup,
  Form,
  Good,
  Linear,
  PortionFacts,
  SessionAsk,
  WeekAsk,
  Weights,
  Work,
} from './suggest/ask.ts';
export { REFERENCE_DAY, dayBand } from './intakes.ts';
export type { DayBand, DayWishes } from './intakes.ts';
export { flat } from './suggest/flatDraft.ts';
export { weekFold } from './suggest/fold.ts';
export { FED_DAYS, daysFed, fedOf } from './suggest/daysFed.ts';
export type { FedDay, GroupFed } from './suggest/daysFed.ts';
export type { DayFed, Eaten as WeekEaten } from './suggest/fold.ts';
export { PROFILES } from './suggest/profiles.ts';
export type { Profile } from './suggest/profiles.ts';
export { PART_WEIGHT, scoreOf } from './suggest/score.ts';
export type { Draft, ScoreParts } from './suggest/score.ts';
export { suggestWeek } from './suggest/suggest.ts';
export type { Suggested } from './suggest/suggest.ts';
export {
  FIRST_EFFORT,
  FURTHER_EFFORT,
  KEPT_DRAFTS,
  PASSES,
  bestOfEach,
  suggestWeeks,
  weekGoodAt,
  weekInSteps,
  weightsFor,
} from './suggest/weeks.ts';
export type { Effort, Pulled, SuggestedWeek, WeekSearch } from './suggest/weeks.ts';
export { WORTH_A_BOX, foldSeason } from './season/foldSeason.ts';
export { suggestSeason } from './season/suggestSeason.ts';
export type { SuggestedSeason } from './season/suggestSeason.ts';
export type {
  SeasonAsk,
  SeasonDish,
  SeasonDraft,
  SeasonParts,
  SeasonPlan,
  SeasonWeek,
  SeasonWeekPlan,
} from './season/ask.ts';
