import type { WeekChanged } from '@kestrel-ridge/core/formats';
import { slotAt, type Slot } from '@kestrel-ridge/core/week';
import { useCallback } from 'react';
import { newId } from '../api/newId.ts';
import { useCommand, type Ask } from '../api/useCommand.ts';
import type { KitchenView } from '../app/useKitchenState.ts';

/** What changes in a week: meals as they are to be, batches by their new size, dishes added or left out. */
export interface WeekChange {
  readonly slots?: readonly Slot[];
  readonly size?: readonly { readonly id: string; readonly portions: number; readonly freezePortions: number }[];
  readonly add?: readonly { readonly recipe: string; readonly portions: number; readonly freezePortions: number }[];
  readonly drop?: readonly string[];
}

/** Changes a week in one go, all of it or nothing, with a way back. Answers whether it was done. */
export function useWeekChange(view: KitchenView): (change: WeekChange, text: string) => Promise<boolean> {
  const send = useCommand();
  return useCallback(
    async ({ slots = [], size = [], add = [], drop = [] }, text) => {
      const stateOf = (id: string) => view.week.batches.find((batch) => batch.id === id);
      const planned = view.session?.status === 'planned' ? view.session.id : undefined;
      const session = planned ?? newId();
      const added = add.map((each) => ({
        id: newId(),
        session,
        recipe: each.recipe,
        portions: `${each.portions}`,
        freezePortions: `${each.freezePortions}`,
      }));
      const makes = add.length > 0 && planned === undefined;
      const body = {
        ...(makes ? { session: { id: session, name: 'next', startsAt: nextHour(), cooks: 1 } } : {}),
        slots,
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
          slots: slots.map(
            ({ day, meal }) => slotAt(view.week.slots, day, meal) ?? { day, meal, parts: [], guests: 0 },
          ),
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

const HOUR_MS = 3_600_000;
const nextHour = (): string => new Date(Math.ceil(Date.now() / HOUR_MS) * HOUR_MS).toISOString();
