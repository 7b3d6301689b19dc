export {
  APPLIANCES,
  FAN_C_LOWER,
  GRILL_C,
  LARGE_POT_CM,
  OVEN_DOWN_MINUTES,
  OVEN_UP_MINUTES,
  ovenName,
  WEAK_JUG_TIMES,
  dialFor,
  dialWords,
} from './appliances.ts';
export type { Appliance, BoxKind, Cooker, Jug, Kettle, Oven, Pot } from './appliances.ts';
export {
  AWAKE,
  POT_FULL,
  byOwnLine,
  fryingPan,
  ownOf,
  STARTING_EQUIPMENT,
  largestPot,
  potThatHolds,
} from './kitchen.ts';
export type { Equipment, Writes, GrainPot, OwnFigures, OwnLine, OwnOf } from './kitchen.ts';
export { MOST_RACKS, rackName, rackTimes, racksBestFirst, slowestRack } from './racks.ts';
export type { RackNumber } from './racks.ts';
export { SKILLS } from './person.ts';
export type { Person, Skill } from './person.ts';
export { START_SETS } from './startSets.ts';
export type { StartSet } from './startSets.ts';
