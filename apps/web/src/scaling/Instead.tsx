import { shortest, listed } from '@kestrel-ridge/core/quantity';
import { swapsFor, type SwapOffer } from '@kestrel-ridge/core/scaling';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { gramsOnHand } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { Offers, type Offer } from './Offers.tsx';
import { useChoose } from './useChoose.ts';
import { gramsText } from '../parts/gramsText.ts';
import { usedBeforeWords } from './scalingWords.ts';

/** What may stand in for a line's food in this batch: what was used before comes first, then what is on the shelf. */
export function Instead({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: string }) {
  const choose = useChoose(batch);
  const swaps = batch.state.choice.swaps ?? [];
  const swapped = swaps.some((swap) => swap.line === line);
  const others = swaps.filter((swap) => swap.line !== line);
  const written = batch.written.lines.find((each) => each.id === line);
  if (!written) return null;
  const name = view.foods.get(written.food)?.name ?? 'it';
  const offers = (): readonly Offer[] => {
    const before = swapsBefore(view, batch, line);
    const times = (food: string) => before.get(food) ?? 0;
    const found = swapsFor(written, view.foods, (food) => gramsOnHand(view, food), batch.written);
    return [
      ...(swapped ? [{ id: written.food, name: `back to ${name}`, take: () => void choose({ swaps: others }) }] : []),
      ...[...found]
        .sort((a, b) => times(b.food.id) - times(a.food.id))
        .map((offer) => ({
          id: `instead ${offer.food.id}`,
          name: offer.food.name,
          note: notes(offer, gramsOnHand(view, offer.food.id), times(offer.food.id)),
          beside: (
            <Why because={offer.because}>
              <span className="number">{shortest(offer.ratio, 2)} ×</span>
            </Why>
          ),
          take: () => void choose({ swaps: [...others, offer.swap] }),
        })),
    ];
  };
  return (
    <Offers
      label={swapped ? `instead of ${name}` : 'swap …'}
      of={swapped ? '' : name}
      title={`Instead of ${name}, in this batch`}
      none="Nothing is known that could stand in for it."
      offers={offers}
    />
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
    ...(before > 0 ? [usedBeforeWords(before)] : []),
    there > 0 ? `${gramsText(there)} there` : 'not on the shelf',
    ...(offer.allergensIn.contains.length > 0 ? [`brings in ${listed(offer.allergensIn.contains)}`] : []),
    ...(offer.allergensIn.may.length > 0 ? [`may bring in ${listed(offer.allergensIn.may)}`] : []),
    ...(offer.allergensIn.unknown.length > 0 ? ['its allergens are unknown: read the packet'] : []),
    ...(offer.allergensOut.length > 0 ? [`without ${listed(offer.allergensOut)}`] : []),
    ...offer.changes,
  ].join('; ');
}
