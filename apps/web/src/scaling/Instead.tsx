import { MEASURES } from '@kestrel-ridge/core/quantity';
import { swapsFor, type SwapOffer } from '@kestrel-ridge/core/scaling';
import type { Swap } from '@kestrel-ridge/core/recipe';
import { Button, Popover } from 'antd';
import { useMemo, useState } from 'react';
import { useCommand } from '../api/useCommand.ts';
import type { KitchenView, ScaledBatchView } from '../app/useKitchenState.ts';
import { Why } from '../parts/Why.tsx';
import { onHandOf } from './shortages.ts';

/** What may stand in for a line's food in this batch: of equal strength, with what it changes; what is on the shelf first. */
export function Instead({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: string }) {
  const [open, setOpen] = useState(false);
  const send = useCommand();
  const written = view.recipes
    .find((recipe) => recipe.id === batch.recipe.id)
    ?.document.lines.find((each) => each.id === line);
  const offers = useMemo(
    () => (open && written ? swapsFor(written, view.foods, (food) => gramsOnHand(view, food)) : []),
    [open, written, view],
  );
  const swapped = batch.state.swaps.find((swap) => swap.line === line);
  const others = batch.state.swaps.filter((swap) => swap.line !== line);
  const keep = async (swaps: readonly Swap[]) => {
    setOpen(false);
    await send({
      path: `batches/${batch.state.id}/swaps`,
      method: 'PUT',
      body: { swaps, version: batch.state.version },
      touches: ['week'],
    });
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
                <small className="offer-note">{notes(offer, gramsOnHand(view, offer.food.id))}</small>
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

function notes(offer: SwapOffer, there: number): string {
  return [
    there > 0 ? `${Math.round(there)} g there` : 'not on the shelf',
    ...(offer.allergensIn.length > 0 ? [`brings in ${offer.allergensIn.join(', ')}`] : []),
    ...(offer.allergensOut.length > 0 ? [`without ${offer.allergensOut.join(', ')}`] : []),
    ...offer.changes,
  ].join('; ');
}

/** Grams of a food on the shelf; what is counted in millilitres goes by its cup. */
function gramsOnHand(view: KitchenView, id: string): number {
  const food = view.foods.get(id);
  const amount = onHandOf(view, id).valueOf();
  if (!food || food.facts.base === 'g') return amount;
  if (food.facts.base === 'each') return amount * (food.facts.gramsEach?.value ?? 0);
  return (amount / MEASURES.cup.factor.valueOf()) * (food.facts.gramsPerCup?.value ?? 0);
}
