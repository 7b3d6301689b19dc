export { STARTING_EQUIPMENT } from './kitchen.ts';
export type { BoxKind, Cooker, Equipment, Jug, Oven } from './kitchen.ts';
