import type { Day } from '@kestrel-ridge/core/quantity';
import { MEAL_NAMES, eatersAt, slotAt, type MealName, type Slot } from '@kestrel-ridge/core/week';
import { LockOutlined } from '@ant-design/icons';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockWords, dateWords, longDayName } from '../parts/times.ts';
import { MealEditor } from './MealEditor.tsx';
import type { WeekChange } from '@kestrel-ridge/core/view';
import { guestsOf } from './tableWords.ts';
import { eatWords } from './weekWords.ts';

/** The meals of the week under its days: what is said of each, or that it is open. A touch changes it. */
export function MealsRow({
  view,
  days,
  change,
}: {
  view: KitchenView;
  days: readonly Day[];
  change: (change: WeekChange, text: string) => Promise<boolean>;
}) {
  const [open, setOpen] = useState<{ readonly day: Day; readonly meal: MealName }>();
  const nameOf = (food: string) => view.foods.get(food)?.name ?? '';
  return (
    <>
      {MEAL_NAMES.map((meal) => (
        <div key={meal} className="meals" role="group" aria-label={meal}>
          <span className="meals-name soft">{meal}</span>
          <div className="meals-days">
            {days.map((day) => {
              const slot = slotAt(view.week.slots, day, meal);
              const n = eatersAt(day, meal, view.week.eaters, view.week.attendance).length + (slot?.guests ?? 0);
              return (
                <button
                  key={day}
                  type="button"
                  className={slot?.parts.length ? 'meal said' : 'meal'}
                  onClick={() => setOpen({ day, meal })}
                  aria-label={`${longDayName(day)} ${meal}: ${slotWords(slot, nameOf) || 'open'}, ${eatWords(n)}. Change`}
                >
                  {slot?.locked && <LockOutlined aria-hidden="true" />}
                  {slot?.parts.length ? (
                    slot.parts.map(({ food }) => <span key={food}>{nameOf(food)}</span>)
                  ) : (
                    <i>open</i>
                  )}
                  {(slot?.guests ?? 0) > 0 && <small>+{guestsOf(slot?.guests ?? 0)}</small>}
                  {slot?.serveAt && <small>{clockWords(slot.serveAt)}</small>}
                </button>
              );
            })}
          </div>
        </div>
      ))}
      {open && (
        <MealEditor
          key={`${open.day} ${open.meal}`}
          view={view}
          day={open.day}
          meal={open.meal}
          close={() => setOpen(undefined)}
          keep={async (slots) => {
            const of = `${longDayName(open.day)} ${open.meal}, ${dateWords(open.day)}`;
            if (await change({ slots }, `Changed: ${of}`)) setOpen(undefined);
          }}
        />
      )}
    </>
  );
}

export const slotWords = (slot: Slot | undefined, nameOf: (food: string) => string): string =>
  (slot?.parts ?? []).map(({ food }) => nameOf(food)).join(', ');
