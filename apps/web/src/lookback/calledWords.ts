import { CALLED, type CalledFinish } from '@kestrel-ridge/core/view';

/** Fewer sessions say nothing of how often a call holds. */
const SAYS_FROM = 3;

/**
 * How many of the sessions were done by the time that was called for 8 of 10; undefined: too few to say so.
 * @example calledWords(eightOfWhichSixHeld) // "6 of 8 sessions were done by the time that is called for 8 of 10; about 6 are to be expected."
 */
export function calledWords(calls: readonly Pick<CalledFinish, 'held'>[]): string | undefined {
  if (calls.length < SAYS_FROM) return undefined;
  const held = calls.filter((each) => each.held).length;
  const expected = Math.round(calls.length * CALLED);
  const done = held === 1 ? `1 of ${calls.length} sessions was done` : `${held} of ${calls.length} sessions were done`;
  return `${done} by the time that is called for 8 of 10; about ${expected} ${expected === 1 ? 'is' : 'are'} to be expected. Each call knew only the sessions before it.`;
}
