/** Work that not everybody does. */
export const SKILLS = ['knife', 'pressure', 'hot oven', 'blender'] as const;
export type Skill = (typeof SKILLS)[number];

/** Someone who cooks here, with the hours of a day that are theirs for it, and what they leave to others. */
export interface Person {
  readonly name: string;
  /** "09:00" on the kitchen's clock; left out: from the start. */
  readonly from?: string;
  /** "12:30"; left out: to the end. */
  readonly to?: string;
  readonly cannot?: readonly Skill[];
}
