import type { Pace } from '@kestrel-ridge/core/learn';

/** Below this it is as planned. */
const HARDLY = 0.02;

/**
 * By what hands a rehearsal goes.
 * @example paceWords(pace) // "Hands as in 8 sessions here: about 7 % longer than planned, and a day may be 9 % off that."
 */
export function paceWords({ sessions, middle, sessionSpread }: Pace): string {
  if (sessions === 0) return 'This kitchen has cooked nothing yet: hands go by what is usual.';
  const times = Math.exp(middle);
  const percent = Math.round(Math.abs(times - 1) * 100);
  const how =
    Math.abs(times - 1) < HARDLY ? 'as planned' : `about ${percent} % ${times > 1 ? 'longer' : 'shorter'} than planned`;
  return `Hands as in ${sessions === 1 ? 'one session' : `${sessions} sessions`} here: ${how}; a day may be ${Math.round(sessionSpread * 100)} % off that.`;
}
