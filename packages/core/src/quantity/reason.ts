/** Why a figure is what it is: a rule, the figure it gave, the parts it was made of, and where the rule is known from. */
export interface Because {
  readonly rule: string;
  readonly figure: string;
  readonly parts?: readonly Because[];
  readonly source?: string;
}

/** A figure that a cook may doubt, with its reason. Built in the function that computes it, from the same variables. */
export interface Reasoned<T> {
  readonly value: T;
  readonly because: Because;
}

/** A figure that came from a table. */
export interface Sourced<T> {
  readonly value: T;
  /** `published: …`, `common practice, no published source`, `from memory` or `this kitchen`. */
  readonly source: string;
}

export const fromMemory = <T>(value: T): Sourced<T> => ({ value, source: 'from memory' });
export const commonPractice = <T>(value: T): Sourced<T> => ({ value, source: 'common practice, no published source' });
