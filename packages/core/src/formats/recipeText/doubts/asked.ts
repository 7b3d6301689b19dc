import type { MethodStep } from '../readMethodStep.ts';
import type { StepDoubt } from '../stepDoubt.ts';

/** What is known of all that stands before a step. */
export interface StepBefore {
  /** Nothing that boils off is known to be in the pot. */
  readonly dry?: boolean;
  /** So many were shaped. */
  readonly pieces?: number;
  /** What is made was frozen. */
  readonly frozen?: boolean;
  /** Another way of cooking it that the text tells under a name of its own: "air fryer". */
  readonly otherWay?: string;
  /** Something is begun on a day before: what is said of a morning is the one behind it. */
  readonly begun?: boolean;
  /** The text is American by its words: degrees without their unit may be Fahrenheit. */
  readonly american?: boolean;
  /** The step before it. */
  readonly before?: MethodStep;
}

/** A step of which something may have to be asked. */
export interface Asked extends StepBefore {
  readonly step: MethodStep;
  /** Its words without names of dishes and vessels that would be taken for deeds. */
  readonly plain: string;
  /** Somebody said of it how long it takes in all, or that it is handwork. */
  readonly settled: boolean;
}

/** What has to be asked of a step by one rule; undefined: nothing. */
export type Rule = (asked: Asked) => StepDoubt | undefined;

/** What the first of some rules asks. */
export const firstOf =
  (rules: readonly Rule[]): Rule =>
  (asked) => {
    for (const rule of rules) {
      const doubt = rule(asked);
      if (doubt) return doubt;
    }
    return undefined;
  };
