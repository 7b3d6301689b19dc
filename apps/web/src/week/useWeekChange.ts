import { NEW_SESSION, nextSessionAt, type KitchenView, type WeekChange } from '@kestrel-ridge/core/view';
import { useCallback } from 'react';
import { useCommand } from '../app/useCommand.ts';
import { appNow } from '../parts/appNow.ts';
import { newId } from '../parts/newId.ts';
import { seenSlot, weekAsk, type WeekCommand } from './weekCommand.ts';

/** Changes a week in one go, all of it or nothing, with a way back. Answers whether it was done. */
export function useWeekChange(view: KitchenView): (change: WeekChange, text: string) => Promise<boolean> {
  const send = useCommand();
  return useCallback(
    async (change, text) => (await send(weekAsk(view, commandOf(view, change), text))).ok,
    [send, view],
  );
}

function commandOf(view: KitchenView, { slots = [], size = [], add = [], drop = [] }: WeekChange): WeekCommand {
  const seen = (id: string) => ({ id, version: view.week.batches.find((batch) => batch.id === id)?.version ?? 0 });
  const planned = view.session?.status === 'planned' ? view.session.id : undefined;
  const made = newId();
  const into = (session: string | undefined) => (session === NEW_SESSION ? made : (session ?? planned ?? made));
  const added = add.map(({ recipe, portions, freezePortions, session }) => ({
    id: newId(),
    session: into(session),
    recipe,
    portions: `${portions}`,
    freezePortions: `${freezePortions}`,
  }));
  const startsAt = () => new Date(nextSessionAt(appNow())).toISOString();
  return {
    ...(added.some(({ session }) => session === made)
      ? { sessions: [{ id: made, name: 'next', startsAt: startsAt(), cooks: 1 }] }
      : {}),
    slots,
    seen: slots.map((slot) => seenSlot(view, slot)),
    add: added,
    size: size.map(({ id, portions, freezePortions }) => ({
      ...seen(id),
      portions: `${portions}`,
      freezePortions: `${freezePortions}`,
    })),
    drop: drop.map(seen),
  };
}
