import { appNow } from '../parts/appNow.ts';
import { moneyText } from '@kestrel-ridge/core/cost';
import { portionsText } from '@kestrel-ridge/core/quantity';
import { slotAt, type Slot } from '@kestrel-ridge/core/week';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import {
  brokenMeals,
  repairsOf,
  stripsOf,
  withDrafts,
  type BrokenMeal,
  type KitchenView,
  type Repair,
  type RepairWay,
  type WeekChange,
} from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { dayName, longDayName } from '../parts/times.ts';
import './suggest.css';
import { sizesKept } from './weekDraftSlice.ts';
import { useWeekChange } from './useWeekChange.ts';

export default function MendPage() {
  return <WithKitchen>{(view) => <Mend view={view} />}</WithKitchen>;
}

const WAY_WORDS: Readonly<Record<RepairWay, string>> = {
  'cook what is missing': 'cook what is missing',
  'smaller portions': 'a little less for everybody',
  'from what is there': 'another meal, from what is there',
  'with a little more cooking': 'another meal, and a little more cooking',
};

/** The week does not hold as it was planned: the ways to mend it side by side, the least change first. */
function Mend({ view: kept }: { view: KitchenView }) {
  const drafts = useAppSelector((state) => state.weekDraft);
  // Sizes and days that are being tried hold here too, and are kept with the way that is taken.
  const view = useMemo(() => withDrafts(kept, drafts.sizes, drafts.days), [kept, drafts]);
  const change = useWeekChange(kept);
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  // The moment the ways are worked out for: they are judged as they were asked.
  const [now] = useState(() => appNow());
  const broken = useMemo(() => brokenMeals(view, stripsOf(view, {}, now), now), [view, now]);
  const ways = useMemo(() => (broken.length > 0 ? repairsOf(view, broken, now) : []), [view, broken, now]);
  if (broken.length === 0)
    return (
      <main className="page">
        <h1 className="visually-hidden">Mend the week</h1>
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
      const was = slotAt(view.week.slots, day, meal);
      return { guests: 0, ...was, day, meal, parts: [] };
    }),
  };
  const take = async (what: WeekChange, text: string) => {
    const sized = new Set(what.size?.map(({ id }) => id));
    const tried = Object.entries(drafts.sizes).flatMap(([id, size]) => (sized.has(id) ? [] : [{ id, ...size }]));
    if (!(await change({ ...what, size: [...(what.size ?? []), ...tried] }, text))) return;
    dispatch(sizesKept());
    void navigate('/week');
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
          . All other meals stay as they are. The least change stands first.
        </p>
      </div>
      <div className="suggested">
        {ways.map((repair, n) => (
          <section key={repair.way} className="suggested-card" aria-label={WAY_WORDS[repair.way]}>
            <h2>{WAY_WORDS[repair.way]}</h2>
            <MendedMeals view={view} broken={broken} meals={repair.meals} />
            <p>
              {stillShort(repair.broken)} {moreCooked(repair, view.kitchen.equipment.currency)}
            </p>
            {repair.buy.length > 0 && (
              <p className="cannot">
                To be bought for it:{' '}
                {repair.buy.map(({ food, missingText }) => `${missingText} ${food.name}`).join(', ')}.
              </p>
            )}
            <Button
              type={n === 0 ? 'primary' : 'default'}
              size="large"
              onClick={() => void take(repair.change, `Mended the week: ${WAY_WORDS[repair.way]}`)}
            >
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

/** The broken meals as they would be, with the share of a portion where it is not a whole one. */
function MendedMeals({
  view,
  broken,
  meals,
}: {
  view: KitchenView;
  broken: readonly BrokenMeal[];
  meals: readonly Slot[];
}) {
  return (
    <table className="suggested-meals">
      <tbody>
        {broken.map(({ number, day, meal }) => {
          const was = slotAt(view.week.slots, day, meal)?.parts ?? [];
          const parts = slotAt(meals, day, meal)?.parts ?? was;
          const same = parts.every(({ food, portions }) =>
            was.some((part) => part.food === food && part.portions === portions),
          );
          return (
            <tr key={number}>
              <th scope="row">
                {dayName(day)} {meal}
              </th>
              <td>
                {parts
                  .map(
                    ({ food, portions }) =>
                      `${view.foods.get(food)?.name ?? ''}${portions === 1 ? '' : ` × ${portions}`}`,
                  )
                  .join(', ') || 'open'}
                {same && parts.length === was.length && ', as planned'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What is cooked beside what was planned, and what its ingredients cost. */
function moreCooked({ cooked, moreMinor }: Repair, currency: string): string {
  if (cooked.length === 0) return 'Nothing more is cooked.';
  const what = cooked.map(
    ({ name, portions, atOnce }) =>
      `${portionsText(portions)} more of ${name}${atOnce ? ', in a small session now' : ''}`,
  );
  return `Cooked beside the plan: ${what.join('; ')}${moreMinor > 0 ? `; ${moneyText(moreMinor, currency)} more of ingredients` : ''}.`;
}

/** What would still be missing, as the strip sees it. */
function stillShort(broken: readonly BrokenMeal[]): string {
  const lacks = broken.flatMap((meal) => meal.lacks);
  if (lacks.length === 0) return 'Nothing is short then.';
  const missing = lacks.reduce((sum, { portions }) => sum + portions, 0);
  return `${portionsText(missing)} still missing across ${broken.length} ${broken.length === 1 ? 'meal' : 'meals'}.`;
}
