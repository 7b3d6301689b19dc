import { dayAt, listed } from '@kestrel-ridge/core/quantity';
import { MEAL_NAMES, eatersAt, servedAt, slotAt } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { giveCalendar } from '../parts/calendarFile.ts';
import { clockWords, dateWords, longDayName } from '../parts/times.ts';
import { useMinute } from '../session/useMinute.ts';
import { eveningEvent, eveningItems } from './eveningItems.ts';
import { reachWords } from './stripWords.ts';
import { stripsOf, weekDays } from '@kestrel-ridge/core/view';
import './door.css';
import './week.css';
import { eatWords } from './weekWords.ts';

export default function DoorPage() {
  return <WithKitchen>{(view) => <Door view={view} />}</WithKitchen>;
}

/** The week for the fridge door: meals, how far each thing reaches, and what is taken out on which evening; printed, or as a calendar. */
function Door({ view }: { view: KitchenView }) {
  const now = useMinute();
  const days = weekDays(view.today);
  const strips = stripsOf(view, {}, now);
  const evenings = eveningItems(view, now, strips);
  const { zone } = view.kitchen.equipment;
  const mealOf = (day: (typeof days)[number], meal: (typeof MEAL_NAMES)[number]) => {
    const slot = slotAt(view.week.slots, day, meal);
    const n = eatersAt(day, meal, view.week.eaters, view.week.attendance).length + (slot?.guests ?? 0);
    return { slot, n, foods: (slot?.parts ?? []).map(({ food }) => view.foods.get(food)?.name ?? '') };
  };
  const calendar = () =>
    giveCalendar(`week-${view.today}.ics`, `Meals, ${view.kitchen.name}`, [
      ...days.flatMap((day) =>
        MEAL_NAMES.flatMap((meal) => {
          const { slot, n, foods } = mealOf(day, meal);
          if (foods.length === 0) return [];
          return [
            {
              id: `meal ${day} ${meal}`,
              at: servedAt(view.week.slots, day, meal, zone),
              minutes: 60,
              what: listed(foods),
              detail: eatWords(n, slot?.note),
            },
          ];
        }),
      ),
      ...evenings.map(eveningEvent),
    ]);
  return (
    <main className="page door">
      <div className="page-head">
        <h1>
          {view.kitchen.name}, from {longDayName(view.today)}, {dateWords(view.today)}
        </h1>
        <div className="week-tools door-tools">
          <Button type="primary" onClick={() => window.print()}>
            Print
          </Button>
          <Button onClick={() => void calendar()}>Calendar</Button>
          <Link to="/week">Back to the week</Link>
        </div>
      </div>
      <table>
        <thead>
          <tr>
            <th>the day</th>
            {MEAL_NAMES.map((meal) => (
              <th key={meal}>{meal}</th>
            ))}
            <th>the evening</th>
          </tr>
        </thead>
        <tbody>
          {days.map((day) => (
            <tr key={day}>
              <th scope="row">
                {longDayName(day)} <small>{dateWords(day)}</small>
              </th>
              {MEAL_NAMES.map((meal) => {
                const { slot, n, foods } = mealOf(day, meal);
                return (
                  <td key={meal}>
                    {foods.join(', ') || 'from the boxes'}
                    <small>
                      {n === 0 ? 'nobody' : `${n} eat`}
                      {slot?.serveAt && `, at ${clockWords(slot.serveAt)}`}
                      {slot?.note && `, ${slot.note}`}
                    </small>
                  </td>
                );
              })}
              <td>
                {evenings
                  .filter(({ at }) => dayAt(new Date(at), zone) === day)
                  .map(({ key, what }) => (
                    <small key={key}>{what}</small>
                  ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="door-reach">
        {strips.map((item) => (
          <li key={item.food.id}>
            <b>{item.name}</b> {reachWords(item)}
          </li>
        ))}
      </ul>
    </main>
  );
}
