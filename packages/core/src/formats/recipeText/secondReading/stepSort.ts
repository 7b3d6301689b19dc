import type { MethodStep } from '../readMethodStep.ts';

/** Where a step's minutes are spent, and by whom. */
export const STEP_SORTS = ['hands', 'stands', 'at the hob', 'on the hob', 'oven', 'blender', 'appliance'] as const;
export type StepSort = (typeof STEP_SORTS)[number];

/**
 * The sort of a step as it was read.
 * @example sortOf(readMethodStep('Simmer for 20 minutes')) // "on the hob": nobody stays at it
 */
export function sortOf({ station, attention: { needs } }: MethodStep): StepSort {
  if (station === undefined) return needs === 'hands' ? 'hands' : 'stands';
  if (station === 'burner') return needs === 'hands' ? 'at the hob' : 'on the hob';
  if (station === 'oven') return 'oven';
  return station === 'jug' ? 'blender' : 'appliance';
}
