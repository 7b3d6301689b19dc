import { HOUR_MS } from '@kestrel-ridge/core/quantity';
import { appNow } from '../parts/appNow.ts';
import type { RecipeState } from '@kestrel-ridge/core/formats';
import { useCallback } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { longDayName } from '../parts/times.ts';

/** Puts a recipe into the planned session; makes the session too, when none is planned. Answers the batch's id, or nothing when it could not be done. */
export function useAddBatch(view: KitchenView): (recipe: RecipeState, portions: number) => Promise<string | undefined> {
  const send = useCommand();
  return useCallback(
    async (recipe, portions) => {
      let session = view.session?.status === 'planned' ? view.session.id : undefined;
      if (!session) {
        session = newId();
        const startsAt = new Date(Math.ceil(appNow() / HOUR_MS) * HOUR_MS).toISOString();
        const made = await send({
          path: 'sessions',
          body: { id: session, name: longDayName(view.today), startsAt, cooks: 1 },
          touches: ['week'],
        });
        if (!made.ok) return undefined;
      }
      const id = newId();
      const sent = await send({
        path: 'batches',
        body: { id, session, recipe: recipe.id, portions: `${portions}`, freezePortions: '0' },
        touches: ['week'],
      });
      return sent.ok ? id : undefined;
    },
    [send, view.session, view.today],
  );
}
