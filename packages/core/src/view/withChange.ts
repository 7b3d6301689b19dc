import type { Moment } from '../quantity/index.ts';
import type { BatchState, SessionState, WeekState } from '../formats/index.ts';
import type { Slot } from '../week/index.ts';
import { scaledBatches, type KitchenView } from './kitchenView.ts';
import { nextSessionAt } from './nextSessionAt.ts';
import { NEW_SESSION, type WeekChange } from './weekChange.ts';

/** The session that added dishes would be cooked in, where none is planned yet. */
const nextSession = (now: Moment): SessionState => ({
  id: NEW_SESSION,
  name: 'next',
  startsAt: new Date(nextSessionAt(now)).toISOString(),
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
  const session = view.session?.status === 'planned' ? view.session : nextSession(now);
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
    sessions: added.some(({ session: into }) => into === NEW_SESSION)
      ? [...view.week.sessions, nextSession(now)]
      : view.week.sessions,
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
