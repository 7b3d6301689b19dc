import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import type { SessionState } from '../formats/index.ts';
import type { Planned } from './planned.ts';

/**
 * When a session is done by a plan, ms since 1970: the one finish that every screen shows. `settled: false`: a shorter plan is still being looked for, and a screen says so.
 * @example finishOf(session, result).at // 20:17 for a start at 18:00 and a plan of 137 min
 */
export const finishOf = (
  { startsAt }: Pick<SessionState, 'startsAt'>,
  { plan, settled }: Pick<Planned, 'plan' | 'settled'>,
): { readonly at: Moment; readonly settled: boolean } => ({
  at: Date.parse(startsAt) + plan.makespan * MINUTE_MS,
  settled,
});
