import type { Day } from '@kestrel-ridge/core/quantity';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { MEAL_NAMES, openSlot, slotAt, type MealName } from '@kestrel-ridge/core/week';
import { useEffect, useEffectEvent, useState } from 'react';
import { dayName } from '../parts/times.ts';
import { Stepper } from '../parts/Stepper.tsx';
import { guestsOf } from './tableWords.ts';
import { useWeekChange } from './useWeekChange.ts';

/** As many as come to one meal at the most. */
const MOST_GUESTS = 60;
/** Taps that follow each other so soon are one change. */
const TAPS_MS = 600;

/** How many guests come to which meal of a day. */
export function DayGuests({ view, day }: { view: KitchenView; day: Day }) {
  return MEAL_NAMES.map((meal) => <MealGuests key={meal} view={view} day={day} meal={meal} />);
}

function MealGuests({ view, day, meal }: { view: KitchenView; day: Day; meal: MealName }) {
  const slot = slotAt(view.week.slots, day, meal) ?? openSlot(day, meal);
  const change = useWeekChange(view);
  const [wanted, setWanted] = useState<number>();
  const keep = useEffectEvent(async (guests: number) => {
    if (guests !== slot.guests)
      await change({ slots: [{ ...slot, guests }] }, `${dayName(day)} ${meal}: ${guestsOf(guests)}`);
    setWanted(undefined);
  });
  useEffect(() => {
    if (wanted === undefined) return;
    const soon = setTimeout(() => void keep(wanted), TAPS_MS);
    return () => clearTimeout(soon);
  }, [wanted]);
  // Who leaves the page at once has said it all the same.
  const leave = useEffectEvent(() => {
    if (wanted !== undefined) void keep(wanted);
  });
  useEffect(() => () => leave(), []);
  return (
    <div className="day-guests">
      <span>Guests at {meal}</span>
      <Stepper
        label={`Guests at ${meal}`}
        value={wanted ?? slot.guests}
        least={0}
        most={MOST_GUESTS}
        onChange={setWanted}
      />
    </div>
  );
}
