import { useCallback } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';

/** Moves a box, or some grams of it, to the first fridge or freezer of the kitchen, with a way back; undefined where there is none. */
export function useMoveLot(
  view: KitchenView,
  to: 'fridge' | 'freezer',
): ((lot: ShelfLot, grams?: number) => void) | undefined {
  const send = useCommand();
  const place = view.kitchen.places.find(({ kind }) => kind === to)?.id;
  const move = useCallback(
    (lot: ShelfLot, grams?: number) => {
      const amount = grams === undefined ? lot.state.onHand : `${Math.min(Math.round(grams), lot.onHand.valueOf())}`;
      void send({
        path: `lots/${lot.state.id}/move`,
        body: { id: newId(), place, amount, version: lot.state.version },
        touches: ['shelf', 'week'],
        undo: `Into the ${to}: ${lot.food.name}`,
      });
    },
    [send, place, to],
  );
  return place === undefined ? undefined : move;
}
