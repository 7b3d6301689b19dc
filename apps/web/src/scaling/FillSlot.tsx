import type { Line } from '@kestrel-ridge/core/recipe';
import { fillsFor } from '@kestrel-ridge/core/scaling';
import { daysBetween } from '@kestrel-ridge/core/quantity';
import { Button, Popover } from 'antd';
import { useState } from 'react';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { gramsOnHand } from '@kestrel-ridge/core/view';
import { useChoose } from './useChoose.ts';

/** What fills an open line of this batch: what must go first is offered first. */
export function FillSlot({ view, batch, line }: { view: KitchenView; batch: ScaledBatchView; line: Line }) {
  const [open, setOpen] = useState(false);
  const choose = useChoose(batch);
  const { slot } = line;
  if (!slot) return null;
  const filled = batch.state.choice.fills?.find((fill) => fill.line === line.id);
  const others = (batch.state.choice.fills ?? []).filter((fill) => fill.line !== line.id);
  const offers = fillsFor(slot.allowed, view.foods, (food) => shelfOf(view, food));
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      placement="bottomLeft"
      title="Fill it with what must go first"
      content={
        <ul className="size-offers">
          {offers.map(({ food, onHandG, daysLeft }) => (
            <li key={food.id}>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  setOpen(false);
                  void choose({ fills: [...others, { line: line.id, food: food.id }] });
                }}
              >
                {food.name}
                <small className="offer-note">
                  {onHandG > 0 ? `${Math.round(onHandG)} g there` : 'not on the shelf'}
                  {daysLeft !== undefined &&
                    (daysLeft < 0 ? `, past its date` : `, ${daysLeft} ${daysLeft === 1 ? 'day' : 'days'} left`)}
                </small>
              </button>
              {filled?.food === food.id && <span className="soft">chosen</span>}
            </li>
          ))}
        </ul>
      }
    >
      <Button type="link" size="small" className="instead">
        {filled ? 'fills an open line' : 'open: choose …'}
      </Button>
    </Popover>
  );
}

function shelfOf(view: KitchenView, food: string): { readonly onHandG: number; readonly daysLeft?: number } {
  const lots = view.lots.filter((lot) => lot.food.id === food);
  const days = lots.flatMap((lot) => (lot.until ? [daysBetween(view.today, lot.until.value)] : []));
  return { onHandG: gramsOnHand(view, food), ...(days.length > 0 ? { daysLeft: Math.min(...days) } : {}) };
}
