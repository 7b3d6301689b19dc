import type { SessionState } from '../formats/index.ts';
import type { Moment } from '../quantity/index.ts';
import { openSlot, slotAt, type Slot } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { NEW_SESSION, newSessionAt, type WeekChange } from './weekChange.ts';

interface Size {
  readonly portions: string;
  readonly freezePortions: string;
}
interface Seen {
  readonly id: string;
  /** As the screen showed it: what was changed meanwhile is not written over. */
  readonly version: number;
}

/** A change of a week as the server takes it: all of it, or nothing. */
export interface WeekCommand {
  readonly sessions?: readonly (Pick<SessionState, 'id' | 'name' | 'startsAt' | 'cooks'> & Partial<SessionState>)[];
  readonly slots: readonly Slot[];
  /** Those meals as they were seen. */
  readonly seen: readonly Slot[];
  readonly add: readonly (Size & { readonly id: string; readonly session: string; readonly recipe: string })[];
  readonly size: readonly (Size & Seen & { readonly session?: string })[];
  readonly drop: readonly Seen[];
}

export const seenSlot = ({ week }: KitchenView, { day, meal }: Slot): Slot =>
  slotAt(week.slots, day, meal) ?? openSlot(day, meal);

/** A change of this week as one command; sessions that it asks for are made with it, and all that say the same new one are cooked in one. */
export function weekCommand(
  view: KitchenView,
  { slots = [], size = [], add = [], drop = [] }: WeekChange,
  now: Moment,
  newId: () => string,
): WeekCommand {
  const seen = (id: string) => ({ id, version: view.week.batches.find((batch) => batch.id === id)?.version ?? 0 });
  const planned = view.session?.status === 'planned' ? view.session.id : undefined;
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
