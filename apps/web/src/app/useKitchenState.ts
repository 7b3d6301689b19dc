import type { WeekState } from '@kestrel-ridge/core/formats';
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
import { useAway } from './line/useAway.ts';
import { useAppSelector, type RootState } from './store.ts';
import { useKitchenId } from './useKitchenId.ts';

export type Fetched<T> =
  | { readonly state: 'loading' }
  | { readonly state: 'away'; readonly error: unknown }
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
  const said = useAppSelector((state) => state.wishes.said);
  const weekSaid = useMemo(() => week.data && withSaid(week.data, said), [week.data, said]);
  const value = useMemo(
    () =>
      kitchen.data && foods.data && lots.data && recipes.data && weekSaid && costs.data
        ? viewOf(kitchen.data, foods.data, lots.data, recipes.data, weekSaid, costs.data, chosen)
        : undefined,
    [kitchen.data, foods.data, lots.data, recipes.data, weekSaid, costs.data, chosen],
  );
  const failed = [kitchen, foods, lots, recipes, week, costs].find((query) => query.isError);
  const away = useAway(failed?.error);
  if (value) return { state: 'ready', value };
  if (away) return { state: 'away', error: away };
  return { state: 'loading' };
}

/** What was said of plans on this device holds on every page, also before the server has it. */
const withSaid = (week: WeekState, said: RootState['wishes']['said']): WeekState =>
  Object.keys(said).length === 0
    ? week
    : {
        ...week,
        sessions: week.sessions.map((session) => {
          const mine = said[session.id];
          return mine ? { ...session, wishes: mine.wishes } : session;
        }),
      };
