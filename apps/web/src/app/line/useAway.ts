import { useAppSelector } from '../store.ts';

/** What stands in the way of data that is not there yet: the query's own fault, or what the last asking met while it is being asked again. Undefined: it is only on its way. */
export function useAway(error: unknown): unknown {
  const behind = useAppSelector((state) => state.behind.error);
  return error ?? behind;
}
