export { FILL, portionsInBox, splitIntoBoxes } from './boxes.ts';
export { keepsUntil } from './keepsUntil.ts';
export { labelLines } from './label.ts';
export type { LabelFacts } from './label.ts';
export { urgencyOf } from './urgency.ts';
export type { Urgency } from './urgency.ts';
export { rankUseFirst } from './rankUseFirst.ts';
export type { FirstReason, UseFirst } from './rankUseFirst.ts';
