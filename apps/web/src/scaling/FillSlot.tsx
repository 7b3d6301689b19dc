import { restOf, type Line } from '@kestrel-ridge/core/recipe';
import { fillsFor } from '@kestrel-ridge/core/scaling';
import { Fraction, daysBetween } from '@kestrel-ridge/core/quantity';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { gramsOnHand } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Offers } from './Offers.tsx';
import { useChoose } from './useChoose.ts';
import { gramsText } from '../parts/gramsText.ts';
import { fillNote } from './scalingWords.ts';

/** What fills an open line of this batch: what must go first is offered first. */
export function FillSlot({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: Line }) {
  const choose = useChoose(batch);
  const { slot } = line;
  if (!slot) return null;
  const fills = batch.state.choice.fills ?? [];
  const filled = fills.find((fill) => fill.line === line.id);
  // What filled the rest of it goes with it.
  const others = fills.filter((fill) => fill.line !== line.id && !fill.line.startsWith(restOf(line.id)));
  const scaled = batch.scaled.lines.find((each) => each.line.id === line.id);
  const wantedG = scaled?.grams?.g.valueOf() ?? 0;
  const leads = batch.scaled.recipe.lines.some(({ law }) => law.law === 'water for grain' && law.grain === line.id);
  return (
    <Offers
      label={filled ? 'fills an open line' : 'open: choose …'}
      of={view.foods.get(filled?.food ?? line.food)?.name ?? ''}
      title="Fill it with what must go first"
      offers={() =>
        fillsFor(slot.allowed, view.foods, (food) => shelfOf(view, food)).map(({ food, onHandG, daysLeft }) => ({
          id: food.id,
          name: food.name,
          note: fillNote(onHandG > 0 ? gramsText(onHandG) : undefined, daysLeft),
          beside:
            filled?.food === food.id ? (
              <span className="soft">chosen</span>
            ) : (
              onHandG > 0 &&
              onHandG < wantedG &&
              !leads && (
                <Button
                  size="small"
                  onClick={() =>
                    void choose({
                      fills: [...others, { line: line.id, food: food.id, share: shareOf(onHandG, wantedG) }],
                    })
                  }
                >
                  only the {gramsText(onHandG)}, the rest of another
                </Button>
              )
            ),
          take: () => void choose({ fills: [...others, { line: line.id, food: food.id }] }),
        }))
      }
    />
  );
}

/** So much of so much, in hundredths. */
const shareOf = (part: number, whole: number): string =>
  new Fraction(Math.max(1, Math.min(99, Math.round((part / whole) * 100))), 100).toFraction();

function shelfOf(view: KitchenView, food: string): { readonly onHandG: number; readonly daysLeft?: number } {
  const lots = view.lots.filter((lot) => lot.food.id === food);
  const days = lots.flatMap((lot) => (lot.until ? [daysBetween(view.today, lot.until.value)] : []));
  return { onHandG: gramsOnHand(view, food), ...(days.length > 0 ? { daysLeft: Math.min(...days) } : {}) };
}
