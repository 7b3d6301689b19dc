import type { KitchenView } from '@kestrel-ridge/core/view';
import { useMemo } from 'react';
import { useLearnedQuery } from '../api/api.ts';
import { teachings } from './teaches.ts';

/** What this kitchen's records teach, worked out once for a page. */
export function useTeachings(view: KitchenView) {
  const { data } = useLearnedQuery(view.kitchen.id);
  return useMemo(() => ({ ...teachings(view, data), said: data?.said ?? [] }), [view, data]);
}
export type Teachings = ReturnType<typeof useTeachings>;
