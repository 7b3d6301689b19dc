import type { Cooks } from './lanes.ts';
import type { PlanResult } from './planSlice.ts';

/** Whose hands a plan has: by name where people are named. */
export const cooksOf = ({ present, who }: Pick<PlanResult, 'present' | 'who'>): Cooks => ({
  names: present.map(({ name }) => (name === 'Cook' ? 'Hands' : name)),
  who: who && Object.fromEntries(Object.entries(who).map(([task, name]) => [task, name === 'Cook' ? 'Hands' : name])),
});
