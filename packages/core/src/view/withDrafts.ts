import { dayAt, Fraction, type Day } from '../quantity/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';
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
    if (!draft || draft.portions === Number(batch.state.portions)) return moved;
    return {
      ...moved,
      scaled: scaleBatch(
        batch.recipe.document,
        new Fraction(draft.portions),
        view.foods,
        view.kitchen.equipment,
        batch.state.finals,
      ),
    };
  });
  return { ...view, batches };
}

/** The planned session of a day, or the name of one that would be made for it. */
const sessionOn = ({ week }: KitchenView, day: Day, zone: string): string =>
  week.sessions.find(({ status, startsAt }) => status === 'planned' && dayAt(new Date(startsAt), zone) === day)?.id ??
  `on ${day}`;

const movedTo = (view: KitchenView, batch: ScaledBatchView, day: Day | undefined, zone: string): ScaledBatchView =>
  day === undefined || day === dayAt(new Date(batch.session.startsAt), zone)
    ? batch
    : { ...batch, state: { ...batch.state, session: sessionOn(view, day, zone) } };
