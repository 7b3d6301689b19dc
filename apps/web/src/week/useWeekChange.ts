import { appNow } from '../parts/appNow.ts';
import type { WeekChange } from '@kestrel-ridge/core/view';
import type { WeekChanged } from '@kestrel-ridge/core/formats';
import { openSlot, slotAt, type Slot } from '@kestrel-ridge/core/week';
import { useCallback } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand, type Ask } from '../app/useCommand.ts';
import { NEW_SESSION, nextSessionAt, type KitchenView } from '@kestrel-ridge/core/view';

/** Changes a week in one go, all of it or nothing, with a way back. Answers whether it was done. */
export function useWeekChange(view: KitchenView): (change: WeekChange, text: string) => Promise<boolean> {
  const send = useCommand();
  return useCallback(
    async ({ slots = [], size = [], add = [], drop = [] }, text) => {
      const stateOf = (id: string) => view.week.batches.find((batch) => batch.id === id);
      const planned = view.session?.status === 'planned' ? view.session.id : undefined;
      const seenSlot = ({ day, meal }: Slot): Slot => slotAt(view.week.slots, day, meal) ?? openSlot(day, meal);
      const made = newId();
      const into = (session: string | undefined) => (session === NEW_SESSION ? made : (session ?? planned ?? made));
      const added = add.map((each) => ({
        id: newId(),
        session: into(each.session),
        recipe: each.recipe,
        portions: `${each.portions}`,
        freezePortions: `${each.freezePortions}`,
      }));
      const makes = added.some(({ session }) => session === made);
      const body = {
        ...(makes
          ? { session: { id: made, name: 'next', startsAt: new Date(nextSessionAt(appNow())).toISOString(), cooks: 1 } }
          : {}),
        slots,
        // As they were seen: a meal that another tablet has set meanwhile is not written over.
        seen: slots.map(seenSlot),
        add: added,
        size: size.map(({ id, portions, freezePortions }) => ({
          id,
          portions: `${portions}`,
          freezePortions: `${freezePortions}`,
          version: stateOf(id)?.version ?? 0,
        })),
        drop: drop.map((id) => ({ id, version: stateOf(id)?.version ?? 0 })),
      };
      const back: Ask = {
        path: 'week/changes',
        body: {
          slots: slots.map(seenSlot),
          seen: slots,
          add: drop.flatMap((id) => {
            const was = stateOf(id);
            return was
              ? [
                  {
                    id: newId(),
                    session: was.session,
                    recipe: was.recipe,
                    portions: was.portions,
                    freezePortions: was.freezePortions,
                  },
                ]
              : [];
          }),
          size: size.flatMap(({ id }) => {
            const was = stateOf(id);
            return was
              ? [{ id, portions: was.portions, freezePortions: was.freezePortions, version: was.version + 1 }]
              : [];
          }),
          drop: added.map(({ id }) => ({ id, version: 1 })),
        },
        touches: ['week', 'shelf'],
      };
      return (
        await send<WeekChanged>({ path: 'week/changes', body, touches: ['week', 'shelf'], undo: text, back: [back] })
      ).ok;
    },
    [send, view],
  );
}
