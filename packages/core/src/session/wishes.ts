import type { Away } from './problem.ts';

/** What the cook has said about a plan. What is not said is left out. */
export interface Wishes {
  /** Tasks in their minute. */
  readonly pins: Readonly<Record<string, number>>;
  /** Minutes in which nobody cooks. */
  readonly breaks: readonly Pick<Away, 'from' | 'to'>[];
  /** Of two tasks, which comes first: the other starts when it has ended. */
  readonly orders?: readonly (readonly [first: string, then: string])[];
  /** Tasks given to a person, by name. */
  readonly given?: Readonly<Record<string, string>>;
  /** Knife work done in one go. */
  readonly together?: readonly (readonly string[])[];
  /** Knife work shared by two. */
  readonly shared?: readonly string[];
  /** Knife work done the evening before. */
  readonly ahead?: readonly string[];
  /** What had to begin before the session, and has: by its name and dish. */
  readonly begun?: readonly string[];
  /** Rather a plan that holds when things take longer than the shortest one. */
  readonly steady?: boolean;
}

export const NO_WISHES: Wishes = { pins: {}, breaks: [] };

export const saysNothing = (wishes: Wishes): boolean =>
  Object.values(wishes).every((each: unknown) => !each || (typeof each === 'object' && Object.keys(each).length === 0));
