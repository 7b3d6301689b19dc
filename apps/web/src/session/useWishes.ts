import type { Wishes } from '@kestrel-ridge/core/session';
import { useCallback } from 'react';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { wished, wishesOf } from './wishesSlice.ts';

/** What the cook has said about the plan of a session, and the ways to say more. */
export function useWishes(session: string | undefined) {
  const dispatch = useAppDispatch();
  const wishes = useAppSelector((state) => wishesOf(state, session));
  const say = useCallback(
    (next: Wishes) => {
      if (session !== undefined) dispatch(wished({ session, wishes: next }));
    },
    [dispatch, session],
  );
  const pin = useCallback(
    (task: string, minute: number | undefined) => {
      const { [task]: _was, ...pins } = wishes.pins;
      say({ ...wishes, pins: minute === undefined ? pins : { ...pins, [task]: Math.max(0, Math.round(minute)) } });
    },
    [say, wishes],
  );
  return { wishes, say, pin };
}
