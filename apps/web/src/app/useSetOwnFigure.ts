import type { FigureName } from '@kestrel-ridge/core/food';
import type { FoodState } from '@kestrel-ridge/core/formats';
import { useCallback } from 'react';
import { useFoodsQuery } from '../api/api.ts';
import type { Sent } from './useCommand.ts';
import { useKitchenId } from './useKitchenId.ts';
import { useSaveSeen } from './useSaveSeen.ts';

/** Sets this kitchen's own figure of a food, or the book's again (undefined); not over one that another device has set meanwhile. */
export function useSetOwnFigure(): (
  food: string,
  figure: FigureName,
  value: number | undefined,
  quiet?: 'quiet',
) => Promise<Sent<FoodState>> {
  const { data } = useFoodsQuery(useKitchenId());
  const save = useSaveSeen();
  return useCallback(
    (food, figure, value, quiet) =>
      save<FoodState>({
        thing: `figure ${food} ${figure}`,
        path: `foods/${food}/own`,
        method: 'PUT',
        body: { figure, ...(value === undefined ? {} : { value }) },
        seen: data?.find(({ id }) => id === food)?.own[figure] ?? null,
        saved: value ?? null,
        touches: ['kitchen', 'shelf', 'week', 'recipes'],
        both: (now) => `It is ${now === null ? 'the book’s' : Number(now)} there, ${value ?? 'the book’s'} here.`,
        ...(quiet ? { quiet: true } : {}),
      }),
    [data, save],
  );
}
