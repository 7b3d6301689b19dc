import type { Bound, Hold } from '@kestrel-ridge/core/schedule';
import type { Plan } from '@kestrel-ridge/core/session';

/** What the worker answers. */
export interface Planned {
  readonly plan: Plan;
  readonly bound: Bound;
  readonly busy: readonly number[];
  readonly holds: Readonly<Record<string, Hold>>;
  readonly settled: boolean;
}
