import type { MinuteCount, SessionMinute } from '../quantity/index.ts';
/**
 * A cooking session in neutral words, format `kitchen-schedule/1`: what has to be done and what there is to do it with.
 * `away`, `at` and `notBefore` are additions of our own; a session without them is in the plain format.
 * Whole minutes; the session starts at minute 0; a task that starts at s and lasts d holds the minutes s … s+d−1.
 */
export interface Problem {
  readonly format: 'kitchen-schedule/1';
  readonly id: string;
  readonly title: string;
  readonly cooks: number;
  readonly resources: readonly Resource[];
  readonly tasks: readonly ProblemTask[];
  readonly links: readonly ProblemLink[];
  readonly uses: readonly ProblemUse[];
  /** Minutes in which so many pairs of hands are not there: a break, a cook who comes later. */
  readonly away?: readonly Away[];
}

export interface Away {
  readonly from: SessionMinute;
  readonly to: SessionMinute;
  readonly hands: number;
}

export interface ProblemTask {
  readonly id: string;
  readonly dish: string;
  readonly name: string;
  readonly minutes: MinuteCount;
  /** `full`: one pair of hands for all of it. `look`: somebody looks every so often, which takes no hands here. `none`: nobody. */
  readonly attention: 'full' | 'look' | 'none';
  readonly lookEvery?: number;
  /** It runs alone, but somebody starts it: a dial is turned. */
  readonly byHand?: boolean;
  /** It starts in this very minute: the cook has said so. */
  readonly at?: SessionMinute;
  /** It does not start earlier. */
  readonly notBefore?: SessionMinute;
}

/** start(to) − end(from) is at least min and, unless max is null, at most max. */
export interface ProblemLink {
  readonly from: string;
  readonly to: string;
  readonly min: number;
  readonly max: number | null;
}

export type Resource =
  | {
      readonly id: string;
      readonly kind: 'shared';
      readonly units: number;
      /** It keeps work apart in the plan; whoever cooks may do it in another order. */
      readonly orderOnly?: boolean;
    }
  | { readonly id: string; readonly kind: 'vessel' }
  | {
      readonly id: string;
      readonly kind: 'oven';
      /** racks */
      readonly units: number;
      readonly preheat: Readonly<Record<string, number>>;
      readonly change: Readonly<Record<string, Readonly<Record<string, number>>>>;
    };

/** The resource is held from the start of one task to the end of another, with all waiting between. */
export interface ProblemUse {
  readonly id: string;
  readonly resource: string;
  readonly from: string;
  readonly to: string;
  readonly units?: number;
  readonly wash?: number;
  readonly group?: string;
  readonly temperature?: number;
}

export interface Wash {
  readonly resource: string;
  readonly after: string;
  readonly before: string;
  readonly start: SessionMinute;
}

export interface Plan {
  readonly instance: string;
  readonly makespan: MinuteCount;
  readonly starts: Readonly<Record<string, number>>;
  readonly washes: readonly Wash[];
}
