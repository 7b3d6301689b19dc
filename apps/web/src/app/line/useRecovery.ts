import { useEffect } from 'react';
import { useStore } from 'react-redux';
import { EVERYTHING, api } from '../../api/api.ts';
import { caughtUp } from '../../api/behindSlice.ts';
import { useAppDispatch, useAppSelector, type RootState } from '../store.ts';

const AGAIN_MS = 2000;

/** Asks again, every two seconds, until all that is shown is the server's own word of now. Answers whether anything is not. */
export function useRecovery(): boolean {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const behind = useAppSelector((state) => state.behind.keys.length > 0);
  useEffect(() => {
    if (!behind) return undefined;
    const again = () => {
      // What no page wants any more is dropped from the cache by this, and asked for by nobody.
      dispatch(api.util.invalidateTags([...EVERYTHING]));
      const { behind: now, [api.reducerPath]: cache } = store.getState();
      for (const key of now.keys) if (!cache.queries[key]) dispatch(caughtUp(key));
    };
    const timer = setInterval(again, AGAIN_MS);
    // A device that has slept, or has its network back, does not wait.
    window.addEventListener('online', again);
    document.addEventListener('visibilitychange', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
      document.removeEventListener('visibilitychange', again);
    };
  }, [behind, dispatch, store]);
  return behind;
}
