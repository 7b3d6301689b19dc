import type { WeekChanged } from '@kestrel-ridge/core/formats';
import type { KitchenView, WeekCommand } from '@kestrel-ridge/core/view';
import { newId } from '../parts/newId.ts';
import type { Ask } from '../app/useCommand.ts';

/** The way back from a change that the server has made: by the versions that it answered, so that what somebody does in between is not undone with it. */
export function wayBack({ week }: KitchenView, made: WeekCommand, { batches, gone }: WeekChanged): WeekCommand {
  const was = new Map(week.batches.map((batch) => [batch.id, batch]));
  const versionOf = new Map(batches.map(({ id, version }) => [id, version]));
  return {
    sessions: gone.map(({ id, name, startsAt, cooks, wishes }) => ({ id, name, startsAt, cooks, wishes })),
    slots: made.seen,
    seen: made.slots,
    add: made.drop.flatMap(({ id }) => {
      const batch = was.get(id);
      if (!batch) return [];
      const { session, recipe, portions, freezePortions } = batch;
      return [{ id: newId(), session, recipe, portions, freezePortions }];
    }),
    size: made.size.flatMap(({ id, session: moved }) => {
      const batch = was.get(id);
      const version = versionOf.get(id);
      if (!batch || version === undefined) return [];
      const { session, portions, freezePortions } = batch;
      return [{ id, portions, freezePortions, version, ...(moved === undefined ? {} : { session }) }];
    }),
    drop: made.add.flatMap(({ id }) => {
      const version = versionOf.get(id);
      return version === undefined ? [] : [{ id, version }];
    }),
  };
}

/** One command, with its way back. */
export const weekAsk = (view: KitchenView, command: WeekCommand, undo: string): Ask<WeekChanged> => ({
  path: 'week/changes',
  body: command,
  touches: ['week', 'shelf'],
  undo,
  back: (answer) => [{ path: 'week/changes', body: wayBack(view, command, answer), touches: ['week', 'shelf'] }],
});
