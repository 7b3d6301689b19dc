import type { Cooks } from './lanes.ts';
import type { PlanResult } from './planSlice.ts';

/** What the lane of a cook is called: of somebody without a name it says what they are. */
export const laneName = (cook: string): string => (cook === 'Cook' ? 'Hands' : cook);

/** Whose hands a plan has: by name where people are named. */
export const cooksOf = ({ present, who }: Pick<PlanResult, 'present' | 'who'>): Cooks => ({
  names: present.map(({ name }) => laneName(name)),
  who: who && Object.fromEntries(Object.entries(who).map(([task, name]) => [task, laneName(name)])),
});
