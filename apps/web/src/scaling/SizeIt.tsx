import { addDays, type Day } from '@kestrel-ridge/core/quantity';
import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  doubleAndFreezeHalf,
  PANS,
  panName,
  sizeForEaters,
  sizeForLeastFill,
  sizeForPan,
  sizeToFill,
  sizeToUseUp,
  type Size,
} from '@kestrel-ridge/core/scaling';
import { Button, Popover } from 'antd';
import { useMemo, useState } from 'react';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { dayName } from '../parts/times.ts';
import { freeFor, helpingsOn } from '@kestrel-ridge/core/view';

interface Offer {
  readonly name: string;
  readonly size: Size;
}

/** A batch sized from any end: for the people until a day, from what must be used, by the vessel, doubled for the freezer. */
export function SizeIt({
  view,
  batch,
  portions,
  choose,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  portions: number;
  choose: (size: Size) => void;
}) {
  const [open, setOpen] = useState(false);
  const offers = useMemo(() => offersFor(view, batch, portions), [view, batch, portions]);
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      placement="bottomRight"
      title="Size it"
      content={
        <ul className="size-offers">
          {offers.map(({ name, size }) => (
            <li key={name}>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  setOpen(false);
                  choose(size);
                }}
              >
                {name}
                {size.freezePortions > 0 && <small>, {size.freezePortions} to freeze</small>}
              </button>
              <Why because={size.because}>
                <span className="number">{size.portions}</span>
              </Why>
            </li>
          ))}
        </ul>
      }
    >
      <Button>Size it from …</Button>
    </Popover>
  );
}

/** Other tins, filled as deep as the recipe's own. */
const pansFor = ({ pan, portions }: Revision): readonly Offer[] =>
  pan
    ? PANS.filter((other) => panName(other) !== panName(pan)).map((other) => {
        const size = sizeForPan(portions, pan, other);
        // Portions are whole on the stepper; the tin may be a little less full.
        return {
          name: `a tin, ${panName(other)}`,
          size: { ...size, portions: Math.max(1, Math.floor(size.portions)) },
        };
      })
    : [];

function offersFor(view: KitchenView, { recipe, state }: ScaledBatchView, portions: number): readonly Offer[] {
  const sizing = { recipe: recipe.document, foods: view.foods, equipment: view.kitchen.equipment };
  const { component, lines } = recipe.document;
  const portionsADay = view.week.appetites.find((appetite) => appetite.food === component.id)?.portionsADay ?? 1;
  const there = view.lots
    .filter((lot) => lot.food.id === component.id && lot.state.portionG !== null)
    .reduce((sum, lot) => sum + lot.onHand.valueOf() / Number(lot.state.portionG), 0);
  const until = (days: number) => {
    // Who never eats it is not cooked for.
    const eaters = Array.from({ length: days }, (_, n) => helpingsOn(view, component.id, addDays(view.today, n)));
    return sizeForEaters(eaters, portionsADay, there);
  };
  const last = (days: number): Day => addDays(view.today, days - 1);
  const fridge = component.fridgeDays.value;
  const pressing = view.lots.filter(
    (lot) => lot.urgency !== 'later' && lot.urgency !== 'unknown' && lines.some((line) => line.food === lot.food.id),
  );
  const least = sizeForLeastFill(sizing, portions);

  return [
    ...(view.week.eaters.length > 0
      ? [
          { name: `for all until ${dayName(last(fridge))}, as long as it keeps`, size: until(fridge) },
          {
            name: `for all until ${dayName(last(7))}`,
            size: { ...until(7), freezePortions: Math.max(0, until(7).portions - until(fridge).portions) },
          },
        ]
      : []),
    ...[...new Set(pressing.map((lot) => lot.food))].flatMap((food): Offer[] => {
      const { there, free, promised } = freeFor(view, food.id, [state.id]);
      const all = sizeToUseUp(sizing, food.id, there);
      if (promised.compare(0) <= 0) return all ? [{ name: `use up the ${food.name}`, size: all }] : [];
      const left = sizeToUseUp(sizing, food.id, free);
      return [
        ...(left ? [{ name: `use up the ${food.name} that is free`, size: left }] : []),
        ...(all ? [{ name: `use up the ${food.name}, also what other dishes count on`, size: all }] : []),
      ];
    }),
    {
      name: recipe.document.vessel === 'tray' ? 'fill the trays' : `fill the ${recipe.document.vessel}`,
      size: sizeToFill(sizing),
    },
    ...pansFor(recipe.document),
    ...(least ? [{ name: 'as much as the vessel needs', size: least }] : []),
    { name: 'double it, freeze half', size: doubleAndFreezeHalf(Number(state.portions)) },
  ];
}
