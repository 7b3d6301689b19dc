import type { SessionState } from '@kestrel-ridge/core/formats';
import { answered, settle, waits, type SaidWishes } from '@kestrel-ridge/core/session';
import { useCallback, useEffect, useRef } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store.ts';
import { useCommand } from '../app/useCommand.ts';
import { newId } from '../parts/newId.ts';
import { dropWishes, keepWishes, keptWishes } from './keptWishes.ts';
import { clashed, wishRefused, wished, wishesKept } from './wishesSlice.ts';

/**
 * Sends what was said of plans, a session's one after the other, each until it is answered. What another device has said meanwhile stays; where both said otherwise of the
 * same thing, that is told.
 */
export function useSendWishes(sessions: readonly SessionState[] | undefined): void {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const send = useCommand();
  const saidOf = useAppSelector((state) => state.wishes.said);
  const onTheirWay = useRef(new Set<string>());

  const put = useCallback(
    (session: string, said: SaidWishes | undefined) => {
      if (said) keepWishes(session, said);
      else dropWishes(session);
      dispatch(wished({ session, said }));
    },
    [dispatch],
  );

  const ask = useCallback(
    async (session: string, { sent }: SaidWishes) => {
      if (!sent || onTheirWay.current.has(session)) return;
      onTheirWay.current.add(session);
      const { key, wishes, version } = sent;
      const answer = await send<SessionState>({
        path: `sessions/${session}/wishes`,
        method: 'PUT',
        body: { wishes, version },
        touches: ['week'],
        quiet: true,
        key,
      });
      onTheirWay.current.delete(session);
      // More may have been said while it was out.
      const said = store.getState().wishes.said[session];
      if (!said) return;
      const there = answer.ok ? answer.value : (answer.problem.now as SessionState | undefined);
      if (answer.ok || answer.problem.code === 'stale') put(session, answered(said, answer.ok, there?.version ?? 0));
      else {
        dropWishes(session);
        dispatch(wishRefused({ session, problem: answer.problem }));
      }
    },
    [dispatch, put, send, store],
  );

  useEffect(() => {
    dispatch(wishesKept(keptWishes()));
  }, [dispatch]);

  useEffect(() => {
    if (!sessions) return;
    for (const [session, said] of Object.entries(saidOf)) {
      if (said.sent) {
        void ask(session, said);
        continue;
      }
      // A session that is gone is for the server to say.
      const there = sessions.find(({ id }) => id === session) ?? { wishes: said.base, version: said.from ?? 0 };
      if (waits(said, there)) continue;
      const settled = settle(said, there);
      if (settled.clashes.length > 0) dispatch(clashed({ session, clashes: settled.clashes }));
      put(
        session,
        settled.said && {
          ...settled.said,
          sent: { key: newId(), wishes: settled.said.wishes, version: there.version },
        },
      );
    }
  }, [sessions, saidOf, ask, put, dispatch]);
}
