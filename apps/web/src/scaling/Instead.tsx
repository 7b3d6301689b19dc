import { swapsFor, type SwapOffer } from '@kestrel-ridge/core/scaling';
import type { Swap } from '@kestrel-ridge/core/recipe';
import { Button, Popover } from 'antd';
import { useMemo, useState } from 'react';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { gramsOnHand } from '@kestrel-ridge/core/view';
import { useChoose } from './useChoose.ts';

/** What may stand in for a line's food in this batch: what was used before comes first, then what is on the shelf. */
export function Instead({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: string }) {
  const [open, setOpen] = useState(false);
  const choose = useChoose(batch);
  const swaps = batch.state.choice.swaps ?? [];
  const swapped = swaps.find((swap) => swap.line === line);
  const others = swaps.filter((swap) => swap.line !== line);
  const written = batch.written.lines.find((each) => each.id === line);
  const usedBefore = useMemo(() => swapsBefore(view, batch, line), [view, batch, line]);
  const offers = useMemo(
    () =>
      open && written
        ? [...swapsFor(written, view.foods, (food) => gramsOnHand(view, food), batch.written)].sort(
            (a, b) => (usedBefore.get(b.food.id) ?? 0) - (usedBefore.get(a.food.id) ?? 0),
          )
        : [],
    [open, written, view, batch.written, usedBefore],
  );
  const keep = async (kept: readonly Swap[]) => {
    setOpen(false);
    await choose({ swaps: kept });
  };
  if (!written) return null;
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      placement="bottomLeft"
      title={`Instead of ${view.foods.get(written.food)?.name ?? 'it'}, in this batch`}
      content={
        <ul className="size-offers">
          {swapped && (
            <li>
              <button type="button" className="plain-button" onClick={() => void keep(others)}>
                back to {view.foods.get(written.food)?.name}
              </button>
            </li>
          )}
          {offers.length === 0 && !swapped && <li>Nothing is known that could stand in for it.</li>}
          {offers.map((offer) => (
            <li key={offer.food.id}>
              <button type="button" className="plain-button" onClick={() => void keep([...others, offer.swap])}>
                {offer.food.name}
                <small className="offer-note">
                  {notes(offer, gramsOnHand(view, offer.food.id), usedBefore.get(offer.food.id) ?? 0)}
                </small>
              </button>
              <Why because={offer.because}>
                <span className="number">{Number(offer.ratio.toFixed(2))} ×</span>
              </Why>
            </li>
          ))}
        </ul>
      }
    >
      <Button type="link" size="small" className="instead">
        {swapped ? `instead of ${view.foods.get(written.food)?.name ?? ''}` : 'instead …'}
      </Button>
    </Popover>
  );
}

/** How often each food stood in for this line in earlier batches of the recipe. */
function swapsBefore(view: KitchenView, batch: ScaledBatchView, line: string): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const other of view.week.batches)
    if (other.recipe === batch.recipe.id && other.id !== batch.state.id && other.status === 'put away')
      for (const swap of other.choice.swaps ?? [])
        if (swap.line === line) times.set(swap.food, (times.get(swap.food) ?? 0) + 1);
  return times;
}

function notes(offer: SwapOffer, there: number, before: number): string {
  return [
    ...(before > 0 ? [before === 1 ? 'used once before' : `used ${before} times before`] : []),
    there > 0 ? `${Math.round(there)} g there` : 'not on the shelf',
    ...(offer.allergensIn.contains.length > 0 ? [`brings in ${offer.allergensIn.contains.join(', ')}`] : []),
    ...(offer.allergensIn.may.length > 0 ? [`may bring in ${offer.allergensIn.may.join(', ')}`] : []),
    ...(offer.allergensIn.unknown.length > 0 ? ['its allergens are unknown: read the packet'] : []),
    ...(offer.allergensOut.length > 0 ? [`without ${offer.allergensOut.join(', ')}`] : []),
    ...offer.changes,
  ].join('; ');
}
