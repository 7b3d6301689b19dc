import { freezeBy, MEAL_NAMES, slotAt, type Slot } from '@kestrel-ridge/core/week';
import { addDays, portionsText } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { useMoveLot } from './useMoveLot.ts';
import { useWeekChange } from '../week/useWeekChange.ts';

/** Boxes that will not be eaten in time: into the freezer today, or onto the next meals. */
export function NotInTime({ view, strips }: { view: KitchenView; strips: readonly ComponentStrip[] }) {
  const freeze = useMoveLot(view, 'freezer');
  const change = useWeekChange(view);
  const late = strips.flatMap((item) => {
    const lots = view.lots.filter((lot) => lot.food.id === item.food.id);
    return freezeBy(item.supply, item.strip).flatMap(({ piece, grams, by }) => {
      const lot = lots[piece];
      const portions = Math.round(grams / item.portionG);
      return lot && lot.place.kind !== 'freezer' && portions >= 1 ? [{ item, lot, grams, by, portions }] : [];
    });
  });
  if (late.length === 0) return null;
  const giveMeal = (item: ComponentStrip) => {
    // The next two dinners get it beside what they have; an open one gets it alone.
    const slots = [0, 1].map((n): Slot => {
      const day = addDays(view.today, n);
      const was = slotAt(view.week.slots, day, MEAL_NAMES[1]) ?? { day, meal: MEAL_NAMES[1], parts: [], guests: 0 };
      const has = was.parts.some(({ food }) => food === item.food.id);
      return has
        ? {
            ...was,
            parts: was.parts.map((part) =>
              part.food === item.food.id ? { ...part, portions: part.portions + 0.5 } : part,
            ),
          }
        : { ...was, parts: [...was.parts, { food: item.food.id, portions: 1 }] };
    });
    void change({ slots }, `${item.name} for the next two dinners`);
  };
  return (
    <section className="not-in-time" aria-label="Not in time">
      <h2>Not in time</h2>
      <ul className="row-list">
        {late.map(({ item, lot, grams, by, portions }) => (
          <li key={lot.state.id}>
            <span>
              <b>{item.name}</b>: {portionsText(portions)} will be left after {dayName(by)}, its last day.
            </span>
            {freeze && <Button onClick={() => freeze(lot, grams)}>Freeze today</Button>}
            <Button onClick={() => giveMeal(item)}>Give it the next two dinners</Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
