import type { Bound, Hold, People, Spread } from '../schedule/index.ts';
import type { Plan, Problem } from '../session/index.ts';

/** What the worker is asked. */
export interface Asked {
  readonly problem: Problem;
  readonly people: People;
  /** Set where a plan that holds is wanted rather than the shortest: how long things may take. */
  readonly steady?: Readonly<Record<string, Spread>>;
}

/** What the worker answers. */
export interface Planned {
  readonly plan: Plan;
  readonly bound: Bound;
  readonly busy: readonly number[];
  readonly holds: Readonly<Record<string, Hold>>;
  /** Who does what; undefined where no plan was found in which everybody has what is theirs. */
  readonly who: Readonly<Record<string, string>> | undefined;
  readonly settled: boolean;
}
