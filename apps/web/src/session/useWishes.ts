import type { SessionMinute } from '@kestrel-ridge/core/quantity';
import type { SessionState } from '@kestrel-ridge/core/formats';
import { sameWishes, type Wishes } from '@kestrel-ridge/core/session';
import { useCallback, useEffect, useState } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { arrived, wished, wishesOf } from './wishesSlice.ts';

/** What the cook has said about the plan of a session, and the ways to say more. It shows at once and is sent behind. */
export function useWishes(session: SessionState | undefined) {
  const dispatch = useAppDispatch();
  const wishes = useAppSelector((state) => wishesOf(state, session));
  useSent(session);
  const say = useCallback(
    (next: Wishes) => {
      if (session) dispatch(wished({ session: session.id, wishes: next }));
    },
    [dispatch, session],
  );
  const pin = useCallback(
    (task: string, minute: SessionMinute | undefined) => {
      const { [task]: _was, ...pins } = wishes.pins;
      say({ ...wishes, pins: minute === undefined ? pins : { ...pins, [task]: Math.max(0, Math.round(minute)) } });
    },
    [say, wishes],
  );
  return { wishes, say, pin };
}

/** One at a time, whichever part of the page asks: a second one waits for the version that the first one makes. */
let sending = false;
const AGAIN_AFTER_MS = 5000;

function useSent(session: SessionState | undefined): void {
  const dispatch = useAppDispatch();
  const send = useCommand();
  const said = useAppSelector((state) => state.wishes.said);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (!said || !session || said.session !== session.id) return undefined;
    if (sameWishes(said.wishes, session.wishes)) {
      dispatch(arrived());
      return undefined;
    }
    if (session.status !== 'planned' || sending) return undefined;
    sending = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    void send({
      path: `sessions/${session.id}/wishes`,
      method: 'PUT',
      body: { wishes: said.wishes, version: session.version },
      touches: ['week'],
      quiet: true,
    }).then((sent) => {
      sending = false;
      if (sent.ok || sent.problem.code === 'stale') return;
      if (sent.problem.code === 'away') timer = setTimeout(() => setTries((n) => n + 1), AGAIN_AFTER_MS);
      else dispatch(arrived());
    });
    return () => clearTimeout(timer);
  }, [said, session, send, dispatch, tries]);
}
