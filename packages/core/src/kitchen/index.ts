export { POT_ACROSS_CM, STARTING_EQUIPMENT } from './kitchen.ts';
export type { BoxKind, Cooker, Equipment, GrainPot, Jug, Oven, OwnFigures } from './kitchen.ts';
export { START_SETS } from './startSets.ts';
export type { StartSet } from './startSets.ts';
