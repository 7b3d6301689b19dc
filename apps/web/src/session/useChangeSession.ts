import type { SessionState } from '@kestrel-ridge/core/formats';
import type { Moment } from '@kestrel-ridge/core/quantity';
import { useCallback } from 'react';
import { useCommand, type Sent } from '../app/useCommand.ts';

/**
 * Changes when a session starts, and how many cook. What is said of its plan makes a new version of it too, perhaps a moment ago and on this very page: where start and
 * cooks are as they were seen, nothing is written over.
 */
export function useChangeSession(): (
  session: SessionState,
  to: { readonly startMs?: Moment; readonly cooks?: number },
) => Promise<Sent<SessionState>> {
  const send = useCommand();
  return useCallback(
    (session, { startMs, cooks = session.cooks }) => {
      const startsAt = startMs === undefined ? session.startsAt : new Date(startMs).toISOString();
      const bodyFor = ({ version }: SessionState) => ({ startsAt, cooks, version });
      return send<SessionState>({
        path: `sessions/${session.id}`,
        method: 'PUT',
        body: bodyFor(session),
        touches: ['week'],
        ownDoing: (now) => {
          const there = now as SessionState;
          return there.startsAt === session.startsAt && there.cooks === session.cooks ? bodyFor(there) : undefined;
        },
      });
    },
    [send],
  );
}
