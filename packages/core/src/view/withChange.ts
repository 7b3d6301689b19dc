import type { Moment } from '../quantity/index.ts';
import type { BatchState, SessionState, WeekState } from '../formats/index.ts';
import type { Slot } from '../week/index.ts';
import { scaledBatches, type KitchenView } from './kitchenView.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { NEW_SESSION, newSessionAt, type WeekChange } from './weekChange.ts';

/** A session that added dishes would be cooked in, where it is not planned yet. */
const made = (id: string, startsAt: Moment): SessionState => ({
  id,
  name: 'next',
  startsAt: new Date(startsAt).toISOString(),
  cooks: 1,
  wishes: { pins: {}, breaks: [] },
  status: 'planned',
  version: 0,
});

const sameMeal = (a: Slot, b: Slot): boolean => a.day === b.day && a.meal === b.meal;

/**
 * The kitchen as it would be after a change of its week: a preview is made of this by the same folds as the screens that will judge it.
 * Nothing is sent. `now`: ms since 1970.
 */
export function withChange(view: KitchenView, change: WeekChange, now: Moment): KitchenView {
  const { slots = [], size = [], add = [], drop = [] } = change;
  const session = view.session?.status === 'planned' ? view.session : made(NEW_SESSION, nextSessionAt(now));
  const added = add.map(({ recipe, portions, freezePortions, session: into = session.id }, n): BatchState => ({
    id: `added ${n}`,
    session: into,
    recipe,
    revision: view.recipes.find(({ id }) => id === recipe)?.number ?? 1,
    portions: `${portions}`,
    freezePortions: `${freezePortions}`,
    choice: {},
    finals: [],
    notes: [],
    status: 'planned',
    cost: null,
    yieldG: null,
    reopenedAt: null,
    version: 0,
  }));
  const week: WeekState = {
    ...view.week,
    slots: [...view.week.slots.filter((slot) => !slots.some((other) => sameMeal(slot, other))), ...slots],
    sessions: [
      ...view.week.sessions,
      ...[...new Set(added.map(({ session: into }) => into))].flatMap((into) => {
        const startsAt = newSessionAt(into, now);
        return startsAt === undefined ? [] : [made(into, startsAt)];
      }),
    ],
    batches: [
      ...view.week.batches
        .filter(({ id }) => !drop.includes(id))
        .map((batch) => {
          const other = size.find(({ id }) => id === batch.id);
          return other ? { ...batch, portions: `${other.portions}`, freezePortions: `${other.freezePortions}` } : batch;
        }),
      ...added,
    ],
  };
  return { ...view, week, session, batches: scaledBatches({ ...view, week, session }) };
}
