import { appNow } from '../parts/appNow.ts';
import { moneyText } from '@kestrel-ridge/core/cost';
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
  type RepairWay,
  type WeekChange,
} from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { dayName } from '../parts/times.ts';
import './suggest.css';
import { sizesKept } from './weekDraftSlice.ts';
import { useWeekChange } from './useWeekChange.ts';
import {
  becomeOpenWords,
  brokenWords,
  itOrThem,
  moreCookedWords,
  notHoldingWords,
  plateWords,
  stillShortWords,
} from './weekWords.ts';

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
        <h1>{notHoldingWords(broken.length)}</h1>
        <p>{brokenWords(broken)} All other meals stay as they are. The least change stands first.</p>
      </div>
      <div className="suggested">
        {ways.map((repair, n) => (
          <section key={repair.way} className="suggested-card" aria-label={WAY_WORDS[repair.way]}>
            <h2>{WAY_WORDS[repair.way]}</h2>
            <MendedMeals view={view} broken={broken} meals={repair.meals} />
            <p>
              {stillShortWords(repair.broken)}{' '}
              {moreCookedWords(
                repair.cooked,
                repair.moreMinor > 0 ? moneyText(repair.moreMinor, view.kitchen.equipment.currency) : undefined,
              )}
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
        <section className="suggested-card" aria-label={`leave ${itOrThem(broken.length)} open`}>
          <h2>leave {itOrThem(broken.length)} open</h2>
          <p>{becomeOpenWords(broken)}</p>
          <p>Nothing else changes, and nothing more is cooked.</p>
          <Button size="large" onClick={() => void take(opened, 'Left the meals open')}>
            Leave {itOrThem(broken.length)} open
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
                {plateWords(parts.map(({ food, portions }) => ({ name: view.foods.get(food)?.name ?? '', portions })))}
                {same && parts.length === was.length && ', as planned'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
