import type { Step } from './revision.ts';

/** Does one step of a recipe lead to another, or is it the same? */
export const leadsTo = (steps: readonly Step[], from: string, to: string): boolean =>
  from === to || (steps.find(({ id }) => id === to)?.after.some(({ step }) => leadsTo(steps, from, step)) ?? false);
