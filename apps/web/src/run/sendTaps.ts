import type { EventsTaken } from '@kestrel-ridge/core/formats';
import type { RunEvent } from '@kestrel-ridge/core/run';
import { problemOf } from '../parts/problemOf.ts';

/** So many at a time: a long queue goes in parts. */
const MOST_AT_ONCE = 200;

type Send = (body: {
  readonly events: readonly unknown[];
}) => Promise<{ readonly data?: unknown; readonly error?: unknown }>;

/**
 * Sends the first of the taps that wait. Undefined: nobody knows yet what became of them, they are sent again.
 * A request that is refused as a whole is sent tap by tap, so that the one that cannot be taken is found and the others get through.
 */
export async function sendTaps(pending: readonly RunEvent[], send: Send): Promise<EventsTaken | undefined> {
  const part = pending.slice(0, MOST_AT_ONCE);
  const answer = await send({ events: part.map((event) => ({ ...event, at: new Date(event.at).toISOString() })) });
  if (!answer.error) return answer.data as EventsTaken;
  const problem = problemOf(answer.error);
  if (!isFinal(problem.status)) return undefined;
  const [only, ...more] = part;
  if (!only) return undefined;
  if (more.length === 0)
    return { kept: [], had: [], refused: [{ id: only.id, field: '', fault: problem.title, remedy: problem.detail }] };
  return sendTaps([only], send);
}

/** The server understood it and will never take it; all else may still come right. */
const isFinal = (status: number): boolean =>
  status >= 400 && status < 500 && ![401, 403, 408, 425, 429].includes(status);
