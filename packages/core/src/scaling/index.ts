export { multiplier } from './law.ts';
export { loadsFor } from './loads.ts';
export type { Bulk, Loads } from './loads.ts';
export { perLoad, scaleBatch } from './scaleBatch.ts';
export type { ScaledBatch, ScaledLine } from './scaleBatch.ts';
export { showAmount } from './showAmount.ts';
export type { ShownAmount } from './showAmount.ts';
export { waterForGrain } from './waterForGrain.ts';
export type { GrainWater, School, SchoolAnswer, WaterAnswer } from './waterForGrain.ts';
