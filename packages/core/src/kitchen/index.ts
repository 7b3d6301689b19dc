export { APPLIANCES, FAN_C_LOWER, LARGE_POT_CM, WEAK_JUG_TIMES, dialFor } from './appliances.ts';
export type { Appliance, BoxKind, Cooker, Jug, Kettle, Oven, Pot } from './appliances.ts';
export { POT_FULL, fryingPan, STARTING_EQUIPMENT, largestPot, potThatHolds } from './kitchen.ts';
export type { Equipment, GrainPot, OwnFigures } from './kitchen.ts';
export { SKILLS } from './person.ts';
export type { Person, Skill } from './person.ts';
export { START_SETS } from './startSets.ts';
export type { StartSet } from './startSets.ts';
