import type { SessionState } from '@kestrel-ridge/core/formats';
import { dayAt, type Day } from '@kestrel-ridge/core/quantity';
import {
  onDay,
  type DraftSize,
  type KitchenView,
  type ScaledBatchView,
  type WeekCommand,
} from '@kestrel-ridge/core/view';
import { useCallback } from 'react';
import { useAppDispatch } from '../app/store.ts';
import { useCommand } from '../app/useCommand.ts';
import { newId } from '../parts/newId.ts';
import { longDayName } from '../parts/times.ts';
import { weekAsk } from './weekAsk.ts';
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

/** Keeps what is tried, sizes and days, in one change that can be taken back. A dish for another day goes to that day's session, which is made where there is none. */
export function useKeepDrafts(view: KitchenView): (drafts: Drafts) => Promise<void> {
  const send = useCommand();
  const dispatch = useAppDispatch();
  return useCallback(
    async (drafts) => {
      const changed = changedBy(view, drafts);
      const names = changed.map(({ recipe }) => recipe.document.component.name).join(', ');
      if (changed.length > 0 && !(await send(weekAsk(view, keptDrafts(view, changed, drafts), `Changed: ${names}`))).ok)
        return;
      dispatch(draftLeft());
    },
    [dispatch, send, view],
  );
}

function keptDrafts(view: KitchenView, changed: readonly ScaledBatchView[], { sizes, days }: Drafts): WeekCommand {
  const { zone } = view.kitchen.equipment;
  const made = new Map<Day, SessionState>();
  const sessionOn = (day: Day, like: SessionState): string => {
    const there = view.week.sessions.find(
      ({ status, startsAt }) => status === 'planned' && dayAt(new Date(startsAt), zone) === day,
    );
    if (there) return there.id;
    const startsAt = new Date(onDay(like.startsAt, day, zone)).toISOString();
    const one = made.get(day) ?? { ...like, id: newId(), name: longDayName(day), startsAt };
    made.set(day, one);
    return one.id;
  };
  const size = changed.map((batch) => {
    const { id, version, portions, freezePortions } = batch.state;
    const tried = sizes[id];
    const day = days[id];
    return {
      id,
      version,
      portions: tried ? `${tried.portions}` : portions,
      freezePortions: tried ? `${tried.freezePortions}` : freezePortions,
      ...(day === undefined || day === cookedOn(view, batch) ? {} : { session: sessionOn(day, batch.session) }),
    };
  });
  return {
    sessions: [...made.values()].map(({ id, name, startsAt, cooks }) => ({ id, name, startsAt, cooks })),
    slots: [],
    seen: [],
    add: [],
    size,
    drop: [],
  };
}
