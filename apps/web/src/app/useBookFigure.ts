import { figureOf, type FigureName } from '@kestrel-ridge/core/food';
import { useCallback } from 'react';
import { useFoodsQuery } from '../api/api.ts';
import { useKitchenId } from './useKitchenId.ts';

/** What the book says of a figure of a food, also where this kitchen has its own; undefined: nothing. */
export function useBookFigure(): (food: string, figure: FigureName) => number | undefined {
  const { data } = useFoodsQuery(useKitchenId());
  return useCallback(
    (food, figure) => {
      const known = data?.find(({ id }) => id === food);
      if (!known) return undefined;
      return known.own[figure] === undefined ? figureOf(known, figure)?.value : known.book[figure];
    },
    [data],
  );
}
