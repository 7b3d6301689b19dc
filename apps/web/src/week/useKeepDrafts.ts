import { dayAt, type Day } from '@kestrel-ridge/core/quantity';
import { useCallback } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { useAppDispatch } from '../app/store.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { longDayName } from '../parts/times.ts';
import { onDay } from '@kestrel-ridge/core/view';
import { useWeekChange } from './useWeekChange.ts';
import { type DraftSize } from '@kestrel-ridge/core/view';
import { draftLeft } from './weekDraftSlice.ts';

export interface Drafts {
  readonly sizes: Readonly<Record<string, DraftSize>>;
  readonly days: Readonly<Record<string, Day>>;
}

/** The session's day of a batch, by the clocks of the kitchen. */
export const cookedOn = ({ kitchen }: KitchenView, { session }: ScaledBatchView): Day =>
  dayAt(new Date(session.startsAt), kitchen.equipment.zone);

/** Batches whose size or day is tried otherwise than it is. */
export function changedBy(view: KitchenView, { sizes, days }: Drafts): readonly ScaledBatchView[] {
  return view.batches.filter((batch) => {
    const { id, portions, freezePortions } = batch.state;
    const size = sizes[id];
    const day = days[id];
    return (
      (size && (size.portions !== Number(portions) || size.freezePortions !== Number(freezePortions))) ||
      (day !== undefined && day !== cookedOn(view, batch))
    );
  });
}

/** Keeps what is tried: the sizes in one change that can be taken back; a dish for another day goes to that day's session, which is made where there is none. */
export function useKeepDrafts(view: KitchenView): (drafts: Drafts) => Promise<void> {
  const change = useWeekChange(view);
  const send = useCommand();
  const dispatch = useAppDispatch();
  return useCallback(
    async (drafts) => {
      const changed = changedBy(view, drafts);
      const sized = changed.flatMap(({ state }) => {
        const size = drafts.sizes[state.id];
        return size ? [{ id: state.id, ...size }] : [];
      });
      const names = changed.map(({ recipe }) => recipe.document.component.name).join(', ');
      if (sized.length > 0 && !(await change({ size: sized }, `Changed: ${names}`))) return;
      const made = new Map<Day, string>();
      for (const batch of changed) {
        const { state, session } = batch;
        const day = drafts.days[state.id];
        if (day === undefined || day === cookedOn(view, batch)) continue;
        const { zone } = view.kitchen.equipment;
        let to =
          made.get(day) ??
          view.week.sessions.find(
            ({ status, startsAt }) => status === 'planned' && dayAt(new Date(startsAt), zone) === day,
          )?.id;
        if (to === undefined) {
          to = newId();
          const startsAt = new Date(onDay(session.startsAt, day, zone)).toISOString();
          const sent = await send({
            path: 'sessions',
            body: { id: to, name: longDayName(day), startsAt, cooks: session.cooks },
            touches: ['week'],
          });
          if (!sent.ok) return;
        }
        made.set(day, to);
        const version = state.version + (sized.some(({ id }) => id === state.id) ? 1 : 0);
        const sent = await send({
          path: `batches/${state.id}/session`,
          method: 'PUT',
          body: { session: to, version },
          touches: ['week'],
        });
        if (!sent.ok) return;
      }
      dispatch(draftLeft());
    },
    [change, dispatch, send, view],
  );
}
