import { readyComponents, stripsOf, takesFor, thoseWhoEat, type KitchenView } from '@kestrel-ridge/core/view';
import { eatersAt, mealAhead, slotAt, type MealName } from '@kestrel-ridge/core/week';
import { addDays } from '@kestrel-ridge/core/quantity';
import { useMemo, useState } from 'react';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { useCommand } from '../app/useCommand.ts';
import { appNow } from '../parts/appNow.ts';
import { asReckoned, entriesFor, stepsOf } from './plate.ts';
import { platesEaten, platesSet } from './platesSlice.ts';

/** The plates that are being filled: for which meal and whom, of what, and what saying "eaten" sends. */
export function usePlates(view: KitchenView) {
  const atHand = useAppSelector((state) => state.plates);
  const dispatch = useAppDispatch();
  const plate = useMemo(() => (atHand.day === view.today ? atHand.portions : {}), [atHand, view.today]);
  const setPlate = (portions: Readonly<Record<string, number>>) => dispatch(platesSet({ day: view.today, portions }));
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const ready = useMemo(() => readyComponents(view), [view]);
  const strips = useMemo(() => new Map(stripsOf(view, {}, appNow()).map((strip) => [strip.food.id, strip])), [view]);
  const zone = view.kitchen.equipment.zone;
  const [meal, setMeal] = useState<MealName>(() => mealAhead(view.week.slots, view.today, zone, appNow()));
  // Whoever forgot to say it in the evening says it the morning after.
  const [daysBack, setBack] = useState<0 | 1>(0);
  const day = addDays(view.today, -daysBack);
  const here = useMemo(() => eatersAt(day, meal, view.week.eaters, view.week.attendance), [day, view.week, meal]);
  const [at, setAt] = useState<readonly string[]>();
  const [said, setSaid] = useState<Readonly<Record<string, number>>>({});
  const present = useMemo(
    () => view.week.eaters.filter(({ id }) => (at ?? here.map((each) => each.id)).includes(id)),
    [view.week.eaters, at, here],
  );
  const slot = slotAt(view.week.slots, day, meal);
  const kindOf = (food: string) =>
    view.recipes.find(({ document }) => document.component.id === food)?.document.component.kind ?? 'dish';
  // Who never eats something gets none of it, unless it is said by hand.
  const who = (food: string) =>
    present.filter((eater) => said[`${eater.id} ${food}`] !== undefined || thoseWhoEat(view, food, [eater]).length > 0);
  const planned = useMemo(
    () => asReckoned(view, ready, { day, meal }, at === undefined ? undefined : present),
    [view, ready, day, meal, at, present],
  );
  const chosen = ready.filter((each) => (plate[each.food.id] ?? 0) > 0);
  const steps = useMemo(() => stepsOf(view, ready, plate), [view, ready, plate]);
  const eaten = useMemo(() => ({ day, meal }), [day, meal]);
  const noted = view.week.eaten
    .filter((each) => each.day === day && each.meal === meal)
    .reduce((sum, each) => sum + each.portions, 0);
  const portions = chosen.reduce((sum, each) => sum + (plate[each.food.id] ?? 0), 0);

  const eat = async () => {
    setBusy(true);
    const takes = chosen.flatMap((each) => takesFor(each, plate[each.food.id] ?? 0));
    const sent = await send({
      path: 'meals',
      body: {
        takes,
        eaten: entriesFor(plate, said, { day, meal, guests: slot?.guests ?? 0 }, who, kindOf),
      },
      touches: ['shelf', 'week'],
      undo: `Eaten: ${chosen.map((each) => `${plate[each.food.id]} ${each.name}`).join(', ')}`,
    });
    setBusy(false);
    if (!sent.ok) return;
    dispatch(platesEaten());
    setSaid({});
  };
  const setDaysBack = (days: 0 | 1) => {
    setBack(days);
    setAt(undefined);
    setSaid({});
  };
  return {
    ready,
    strips,
    meal,
    setMeal,
    day,
    daysBack,
    setDaysBack,
    noted,
    present,
    setAt,
    said,
    setSaid,
    here,
    slot,
    plate,
    setPlate,
    chosen,
    steps,
    eaten,
    portions,
    planned,
    busy,
    eat,
  };
}
