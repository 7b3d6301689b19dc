import { NEW_SESSION, newSessionAt, type KitchenView, type WeekChange } from '@kestrel-ridge/core/view';
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
  const now = appNow();
  // All that say the same new session are cooked in one.
  const made = new Map<string, { readonly id: string; readonly startsAt: number }>();
  const into = (session: string | undefined): string => {
    const said = session ?? planned ?? NEW_SESSION;
    const startsAt = newSessionAt(said, now);
    if (startsAt === undefined) return said;
    const known = made.get(said) ?? { id: newId(), startsAt };
    made.set(said, known);
    return known.id;
  };
  const added = add.map(({ recipe, portions, freezePortions, session }) => ({
    id: newId(),
    session: into(session),
    recipe,
    portions: `${portions}`,
    freezePortions: `${freezePortions}`,
  }));
  return {
    ...(made.size > 0
      ? {
          sessions: [...made.values()].map(({ id, startsAt }) => ({
            id,
            name: 'next',
            startsAt: new Date(startsAt).toISOString(),
            cooks: 1,
          })),
        }
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
