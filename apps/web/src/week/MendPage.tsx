import { appNow } from '../parts/appNow.ts';
import {
  MEALS_A_DAY,
  MEAL_NAMES,
  suggestWeek,
  PROFILES,
  type Slot,
  type Suggested,
  type WeekAsk,
} from '@kestrel-ridge/core/week';
import { moneyText } from '@kestrel-ridge/core/cost';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCostsQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { useKitchenId } from '../app/useKitchenId.ts';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { dayName, duration, longDayName } from '../parts/times.ts';
import { brokenMeals, mendAsk, type BrokenMeal, type MendWay } from '@kestrel-ridge/core/view';
import './suggest.css';
import { stripsOf, weekDays } from '@kestrel-ridge/core/view';
import { suggestedChange } from '@kestrel-ridge/core/view';
import { untilItHolds } from '@kestrel-ridge/core/view';
import { type WeekChange } from '@kestrel-ridge/core/view';
import { useWeekChange } from './useWeekChange.ts';

export default function MendPage() {
  return <WithKitchen>{(view) => <Mend view={view} />}</WithKitchen>;
}

const WAYS: readonly MendWay[] = ['from what is there', 'with a little more cooking'];
/** Only the broken meals are open: a short search is enough. */
const ROUNDS = 5000;

/** The week does not hold as it was planned: the ways to mend it with the least change, side by side. */
function Mend({ view }: { view: KitchenView }) {
  const { data: costs } = useCostsQuery(useKitchenId());
  const change = useWeekChange(view);
  const navigate = useNavigate();
  // The moment the ways are worked out for: they are judged as they were asked.
  const [now] = useState(() => appNow());
  const strips = useMemo(() => stripsOf(view, {}, now), [view, now]);
  const broken = useMemo(() => brokenMeals(view, strips), [view, strips]);
  const ways = useMemo(
    () =>
      costs && broken.length > 0
        ? WAYS.map((way) => {
            const ask = mendAsk(view, costs, broken, way, now);
            const week = suggestWeek({ ...ask, weights: PROFILES['least work'] }, { seed: 1, rounds: ROUNDS });
            return { way, ask, week, tried: untilItHolds(view, mendedChange(view, ask, week, way), now) };
          })
        : [],
    [view, costs, broken, now],
  );
  if (!costs) return <Loading what="Looking at the week" />;
  if (broken.length === 0)
    return (
      <main className="page">
        <Empty title="The week holds as it is planned">
          <p>
            When a dish is not made, guests come, or somebody eats what was meant for Thursday, the ways to mend it
            stand here.
          </p>
          <Link to="/week">To the week</Link>
        </Empty>
      </main>
    );
  const opened: WeekChange = {
    slots: broken.map(({ day, meal }): Slot => {
      const was = view.week.slots.find((slot) => slot.day === day && slot.meal === meal);
      return { guests: 0, ...was, day, meal, parts: [] };
    }),
  };
  const take = async (what: WeekChange, text: string) => {
    if (await change(what, text)) void navigate('/week');
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {broken.length} {broken.length === 1 ? 'meal does' : 'meals do'} not hold as planned
        </h1>
        <p>
          {broken
            .map(
              ({ day, meal, lacks }) =>
                `${longDayName(day)} ${meal}: ${lacks.map(({ name, portions }) => `${name}${portions > 0 ? `, ${portions} short` : ' is not there'}`).join('; ')}`,
            )
            .join('. ')}
          . All other meals stay as they are.
        </p>
      </div>
      <div className="suggested">
        {ways.map(({ way, ask, week, tried }) => (
          <section key={way} className="suggested-card" aria-label={way}>
            <h2>{way}</h2>
            <MendedMeals broken={broken} ask={ask} week={week} view={view} />
            <p>
              {stillShort(tried.broken)} {more(view, ask, tried.change)}
            </p>
            <Button type="primary" size="large" onClick={() => void take(tried.change, `Mended the week ${way}`)}>
              Mend it so
            </Button>
          </section>
        ))}
        <section className="suggested-card" aria-label="leave them open">
          <h2>leave them open</h2>
          <p>
            {broken.map(({ day, meal }) => `${dayName(day)} ${meal}`).join(', ')} become open: something from the boxes,
            whatever is there then.
          </p>
          <p>Nothing else changes, and nothing more is cooked.</p>
          <Button size="large" onClick={() => void take(opened, 'Left the meals open')}>
            Leave them open
          </Button>
        </section>
      </div>
    </main>
  );
}

function MendedMeals({
  broken,
  ask,
  week,
  view,
}: {
  broken: readonly BrokenMeal[];
  ask: Omit<WeekAsk, 'weights'>;
  week: Suggested;
  view: KitchenView;
}) {
  const days = weekDays(view.today);
  return (
    <table className="suggested-meals">
      <tbody>
        {broken.map(({ number }) => {
          const foods = [...new Set((week.draft.meals[number] ?? []).flatMap((c) => ask.candidates[c]?.name ?? []))];
          const day = days[Math.floor(number / MEALS_A_DAY)];
          const slot = view.week.slots.find(
            (each) => each.day === day && each.meal === MEAL_NAMES[number % MEALS_A_DAY],
          );
          const planned = (slot?.parts ?? []).map(({ food }) => view.foods.get(food)?.name ?? '');
          return (
            <tr key={number}>
              <th scope="row">
                {day && dayName(day)} {MEAL_NAMES[number % MEALS_A_DAY]}
              </th>
              <td>
                {foods.join(', ') || 'open'}
                {slot?.parts.length === foods.length && foods.every((name) => planned.includes(name)) && ', as planned'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What is cooked beside what was planned, and what that asks of hands and purse. */
function more(view: KitchenView, ask: Omit<WeekAsk, 'weights'>, { size = [], add = [] }: WeekChange): string {
  const wasOf = (id: string) => view.week.batches.find((batch) => batch.id === id);
  const extra = [
    ...size.map(({ id, portions }) => ({ recipe: wasOf(id)?.recipe, was: Number(wasOf(id)?.portions ?? 0), portions })),
    ...add.map(({ recipe, portions }) => ({ recipe, was: 0, portions })),
  ].flatMap(({ recipe, was, portions }) => {
    const { cooks, name } = ask.candidates.find((each) => each.cooks?.recipe === recipe) ?? {};
    return cooks && name && portions > was
      ? [
          {
            words: was > 0 ? `${portionsText(portions - was)} more of ${name}` : `${portionsText(portions)} of ${name}`,
            hands: cooks.handsEach * (portions - was) + (was > 0 ? 0 : cooks.handsOnce),
            cost: cooks.costEach * (portions - was),
          },
        ]
      : [];
  });
  if (extra.length === 0) return 'Nothing more is cooked.';
  const hands = extra.reduce((sum, each) => sum + each.hands, 0);
  const cost = extra.reduce((sum, each) => sum + each.cost, 0);
  return `Cooked beside the plan: ${extra.map(({ words }) => words).join(', ')}; ${duration(hands)} more hands-on time, about ${moneyText(Math.round(cost), view.kitchen.equipment.currency)}.`;
}

const portionsText = (n: number): string => `${n} ${n === 1 ? 'portion' : 'portions'}`;

/** What would still be missing, as the strip sees it. */
function stillShort(broken: readonly BrokenMeal[]): string {
  const lacks = broken.flatMap((meal) => meal.lacks);
  if (lacks.length === 0) return 'Nothing is short then.';
  const missing = lacks.reduce((sum, { portions }) => sum + portions, 0);
  return `${portionsText(missing)} still missing across ${broken.length} ${broken.length === 1 ? 'meal' : 'meals'}.`;
}

/** A mended week as changes: planned dishes are never left out, nor made smaller. */
function mendedChange(view: KitchenView, ask: Omit<WeekAsk, 'weights'>, week: Suggested, way: MendWay): WeekChange {
  const { slots = [], size = [], add = [] } = suggestedChange(view, ask, week);
  if (way === 'from what is there') return { slots };
  return {
    slots,
    add,
    size: size.filter(({ id, portions }) => {
      const was = view.week.batches.find((batch) => batch.id === id);
      return was !== undefined && portions > Number(was.portions);
    }),
  };
}
