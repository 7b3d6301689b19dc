import type { SessionMinute } from '@kestrel-ridge/core/quantity';
import type { SessionState } from '@kestrel-ridge/core/formats';
import { sayMore, type Wishes } from '@kestrel-ridge/core/session';
import { useCallback } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store.ts';
import { keepWishes } from './keptWishes.ts';
import { wished, wishesOf } from './wishesSlice.ts';

/** What the cook has said about the plan of a session, and the ways to say more. It shows at once, is kept on the device, and is sent behind (`SendWishes`). */
export function useWishes(session: SessionState | undefined) {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const wishes = useAppSelector((state) => wishesOf(state, session));
  const say = useCallback(
    (next: Wishes) => {
      if (!session) return;
      const said = sayMore(store.getState().wishes.said[session.id], session.wishes, next);
      keepWishes(session.id, said);
      dispatch(wished({ session: session.id, said }));
    },
    [dispatch, session, store],
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
