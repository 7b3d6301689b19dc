export { eatersOn } from './eaters.ts';
export type { Attendance, Eater } from './eaters.ts';
export { MEALS_A_DAY, MEAL_NAMES, foldStrip } from './strip.ts';
export type { Strip, StripMeal, Supply } from './strip.ts';
