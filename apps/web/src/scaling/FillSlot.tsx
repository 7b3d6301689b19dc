import type { Line } from '@kestrel-ridge/core/recipe';
import { fillsFor } from '@kestrel-ridge/core/scaling';
import { daysBetween } from '@kestrel-ridge/core/quantity';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { gramsOnHand } from '@kestrel-ridge/core/view';
import { Offers } from './Offers.tsx';
import { useChoose } from './useChoose.ts';

/** What fills an open line of this batch: what must go first is offered first. */
export function FillSlot({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: Line }) {
  const choose = useChoose(batch);
  const { slot } = line;
  if (!slot) return null;
  const fills = batch.state.choice.fills ?? [];
  const filled = fills.find((fill) => fill.line === line.id);
  const others = fills.filter((fill) => fill.line !== line.id);
  return (
    <Offers
      label={filled ? 'fills an open line' : 'open: choose …'}
      title="Fill it with what must go first"
      offers={() =>
        fillsFor(slot.allowed, view.foods, (food) => shelfOf(view, food)).map(({ food, onHandG, daysLeft }) => ({
          id: food.id,
          name: food.name,
          note: `${onHandG > 0 ? `${Math.round(onHandG)} g there` : 'not on the shelf'}${leftWords(daysLeft)}`,
          beside: filled?.food === food.id && <span className="soft">chosen</span>,
          take: () => void choose({ fills: [...others, { line: line.id, food: food.id }] }),
        }))
      }
    />
  );
}

const leftWords = (days: number | undefined): string =>
  days === undefined ? '' : days < 0 ? ', past its date' : `, ${days} ${days === 1 ? 'day' : 'days'} left`;

function shelfOf(view: KitchenView, food: string): { readonly onHandG: number; readonly daysLeft?: number } {
  const lots = view.lots.filter((lot) => lot.food.id === food);
  const days = lots.flatMap((lot) => (lot.until ? [daysBetween(view.today, lot.until.value)] : []));
  return { onHandG: gramsOnHand(view, food), ...(days.length > 0 ? { daysLeft: Math.min(...days) } : {}) };
}
