import { viewOf, type KitchenView } from '@kestrel-ridge/core/view';
import { useMemo } from 'react';
import {
  useCostsQuery,
  useFoodsQuery,
  useKitchenQuery,
  useLotsQuery,
  useRecipesQuery,
  useWeekQuery,
} from '../api/api.ts';
import { useAppSelector } from './store.ts';
import { useKitchenId } from './useKitchenId.ts';

export type Fetched<T> =
  | { readonly state: 'loading' }
  | { readonly state: 'away'; readonly error: unknown; readonly again: () => void }
  | { readonly state: 'ready'; readonly value: T };

/** Everything the screens of one kitchen start from. What the server sent is kept in the query cache; the rest is folded from it here. */
export function useKitchenState(): Fetched<KitchenView> {
  const id = useKitchenId();
  const kitchen = useKitchenQuery(id);
  const foods = useFoodsQuery(id);
  const lots = useLotsQuery(id);
  const recipes = useRecipesQuery(id);
  const week = useWeekQuery(id);
  const costs = useCostsQuery(id);
  const chosen = useAppSelector((state) => state.chosenSession.id);
  const value = useMemo(
    () =>
      kitchen.data && foods.data && lots.data && recipes.data && week.data && costs.data
        ? viewOf(kitchen.data, foods.data, lots.data, recipes.data, week.data, costs.data, chosen)
        : undefined,
    [kitchen.data, foods.data, lots.data, recipes.data, week.data, costs.data, chosen],
  );
  if (value) return { state: 'ready', value };
  const queries = [kitchen, foods, lots, recipes, week, costs];
  const failed = queries.find((query) => query.isError);
  if (failed)
    return { state: 'away', error: failed.error, again: () => queries.forEach((query) => void query.refetch()) };
  return { state: 'loading' };
}
