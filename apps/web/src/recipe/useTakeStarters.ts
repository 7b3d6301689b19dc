import type { Revision } from '@kestrel-ridge/core/recipe';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { useState } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { newId } from '../parts/newId.ts';
import { appetiteSeen } from '../week/appetiteSeen.ts';

/** Takes recipes into a kitchen, each with one portion a day for everybody; `taking` is the number of the one on its way, from 1. Answers whether all were taken. */
export function useTakeStarters(view: KitchenView) {
  const [taking, setTaking] = useState<number>();
  const send = useCommand();
  const take = async (recipes: readonly Revision[]): Promise<boolean> => {
    for (const [n, document] of recipes.entries()) {
      setTaking(n + 1);
      const sent = await send({ path: 'recipes', body: { id: newId(), document }, touches: ['recipes'] });
      const liked =
        sent.ok &&
        (await send({
          path: 'appetites',
          method: 'PUT',
          body: { food: document.component.id, portionsADay: 1, seen: appetiteSeen(view, document.component.id) },
          touches: ['week'],
        }));
      if (!liked || !liked.ok) {
        setTaking(undefined);
        return false;
      }
    }
    setTaking(undefined);
    return true;
  };
  return { taking, take };
}
