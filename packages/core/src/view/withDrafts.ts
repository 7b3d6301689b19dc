import type { SessionState } from '../formats/index.ts';
import { dayAt, Fraction, type Day } from '../quantity/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';
import { onDay } from './onDay.ts';
import type { DraftSize } from './weekChange.ts';

/** The kitchen as it would be with the sizes and days that are being tried: a dish for another day is no longer in its session. */
export function withDrafts(
  view: KitchenView,
  sizes: Readonly<Record<string, DraftSize>>,
  days: Readonly<Record<string, Day>> = {},
): KitchenView {
  if (!view.batches.some(({ state }) => sizes[state.id] ?? days[state.id])) return view;
  const { zone } = view.kitchen.equipment;
  const batches = view.batches.map((batch): ScaledBatchView => {
    const moved = movedTo(view, batch, days[batch.state.id], zone);
    const draft = sizes[batch.state.id];
    if (!draft) return moved;
    if (draft.portions === Number(batch.state.portions))
      return { ...moved, state: { ...moved.state, freezePortions: String(draft.freezePortions) } };
    return {
      ...moved,
      state: { ...moved.state, portions: String(draft.portions), freezePortions: String(draft.freezePortions) },
      scaled: scaleBatch(
        batch.recipe.document,
        new Fraction(draft.portions),
        view.foods,
        view.kitchen.equipment,
        batch.state.finals,
      ),
    };
  });
  const states = new Map(batches.map(({ state }) => [state.id, state]));
  const known = new Set(view.week.sessions.map(({ id }) => id));
  const made = new Map(
    batches.filter(({ session }) => !known.has(session.id)).map(({ session }) => [session.id, session]),
  );
  return {
    ...view,
    batches,
    week: {
      ...view.week,
      batches: view.week.batches.map((state) => states.get(state.id) ?? state),
      sessions: [...view.week.sessions, ...made.values()],
    },
  };
}

/** The planned session of a day, or the one that would be made for it. */
function sessionOn({ week }: KitchenView, { session }: ScaledBatchView, day: Day, zone: string): SessionState {
  const there = week.sessions.find(
    ({ status, startsAt }) => status === 'planned' && dayAt(new Date(startsAt), zone) === day,
  );
  return there ?? { ...session, id: `on ${day}`, startsAt: new Date(onDay(session.startsAt, day, zone)).toISOString() };
}

function movedTo(view: KitchenView, batch: ScaledBatchView, day: Day | undefined, zone: string): ScaledBatchView {
  if (day === undefined || day === dayAt(new Date(batch.session.startsAt), zone)) return batch;
  const session = sessionOn(view, batch, day, zone);
  return { ...batch, session, state: { ...batch.state, session: session.id } };
}
