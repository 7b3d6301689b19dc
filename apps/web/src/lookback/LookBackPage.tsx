import { moneyText } from '@kestrel-ridge/core/cost';
import type { PastState } from '@kestrel-ridge/core/formats';
import { DAYS_A_WEEK, addDays, readDay, weekday, type Day } from '@kestrel-ridge/core/quantity';
import { weekByWeek, weekThatWas, type KitchenView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Suspense, lazy, useMemo } from 'react';
import { Link, Navigate, createSearchParams, useSearchParams } from 'react-router';
import type { MovementKind } from '@kestrel-ridge/core/stock';
import { usePastQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { Away } from '../parts/Away.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { printOpened } from '../parts/printOpened.ts';
import { dateWords } from '../parts/times.ts';
import './lookback.css';
import { Teaches } from './Teaches.tsx';
import { doOtherwise, headline, otherwiseWords, ranOutWords } from './lookBackWords.ts';
import { GoByAll } from './GoByAll.tsx';
import { FinishesCalled } from './FinishesCalled.tsx';
import { PastDishes } from './PastDishes.tsx';
import { PastMoney } from './PastMoney.tsx';
import { SessionThatWas } from './SessionThatWas.tsx';
import { useTeachings } from './useTeachings.ts';

const WeeksChart = lazy(() => import('./WeeksChart.tsx'));

const SPANS = [
  { weeks: 1, name: 'one week' },
  { weeks: 8, name: 'eight weeks' },
] as const;

export default function LookBackPage() {
  return <WithKitchen>{(view) => <LookBack view={view} />}</WithKitchen>;
}

/** Which days are looked back on: a week from Monday, or the eight that end with it. */
function LookBack({ view }: { view: KitchenView }) {
  const [asked, ask] = useSearchParams();
  const monday = addDays(view.today, -weekday(view.today));
  const said = readDay(asked.get('week') ?? '');
  const week = said && said <= monday ? addDays(said, -weekday(said)) : monday;
  const weeks = asked.get('weeks') === '8' ? 8 : 1;
  const from = addDays(week, -(weeks - 1) * DAYS_A_WEEK);
  const until = addDays(week, DAYS_A_WEEK - 1);
  const { data, error, isFetching } = usePastQuery({ kitchen: view.kitchen.id, from, until });
  const go = (to: Day, span: number = weeks) => ask({ week: to, ...(span === 8 ? { weeks: '8' } : {}) });
  if (!data) return error ? <Away error={error} /> : <Loading what="Reading what happened" />;
  // On a Monday nothing has happened yet: the week before is what anybody wants to see.
  if (said === undefined && weeks === 1 && data.from === from && nothingYet(data))
    return <Navigate replace to={{ search: createSearchParams({ week: addDays(week, -DAYS_A_WEEK) }).toString() }} />;
  return (
    <Past
      view={view}
      past={data}
      busy={isFetching}
      tools={
        <>
          <Button onClick={() => go(addDays(week, -DAYS_A_WEEK))} disabled={data.first === null || from <= data.first}>
            ‹ The week before
          </Button>
          <Button onClick={() => go(addDays(week, DAYS_A_WEEK))} disabled={week >= monday}>
            The week after ›
          </Button>
          <Button onClick={printOpened}>Print</Button>
          {SPANS.map(({ weeks: span, name }) => (
            <Button key={span} aria-pressed={span === weeks} disabled={span === weeks} onClick={() => go(week, span)}>
              {name}
            </Button>
          ))}
        </>
      }
    />
  );
}

/** What is bought, counted or only planned is no looking back yet. */
const TOLD: ReadonlySet<MovementKind> = new Set<MovementKind>(['eaten', 'thrown']);
/** Nothing has happened in these days, and there are others before them. */
const nothingYet = ({ runs, movements, first, from }: PastState): boolean =>
  first !== null && first < from && runs.length === 0 && !movements.some(({ kind }) => TOLD.has(kind));

function Past({
  view,
  past,
  busy,
  tools,
}: {
  view: KitchenView;
  past: PastState;
  busy: boolean;
  tools: React.ReactNode;
}) {
  const teachings = useTeachings(view);
  const week = useMemo(() => weekThatWas(view, past), [view, past]);
  const weeks = useMemo(
    () => (addDays(past.from, DAYS_A_WEEK) <= past.until ? weekByWeek(view, past) : []),
    [view, past],
  );
  const { currency, zone } = view.kitchen.equipment;
  const otherwise = doOtherwise(week, past.until < view.today);
  const empty =
    week.sessions.length === 0 &&
    week.dishes.every(({ made, eaten, given, thrown }) => made + eaten + given + thrown === 0);
  return (
    <main className="page past" aria-busy={busy}>
      <div className="page-head">
        <h1>{headline(week, currency)}</h1>
        <p>
          {dateWords(past.from)} to {dateWords(past.until)}, from what was tapped, weighed, taken and paid.
        </p>
        <div className="past-tools">{tools}</div>
      </div>
      {empty ? (
        <Empty title="No session, and no box was touched">
          <p>What is cooked, put away and eaten is told here: what came late and why, what was left, what it cost.</p>
          <Link to="/cook">To the next session</Link>
        </Empty>
      ) : (
        <>
          <section className="otherwise" aria-label="Next week">
            <h2>Next week</h2>
            {otherwise.length > 0 ? (
              <ul>
                {otherwise.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            ) : (
              <p>Nothing has to be done otherwise.</p>
            )}
            <GoByAll view={view} claimed={teachings.claimed} />
          </section>
          {weeks.length > 1 && (
            <section aria-label="Week by week">
              <h2>Week by week</h2>
              <Suspense fallback={<Loading />}>
                <WeeksChart weeks={weeks} currency={currency} />
              </Suspense>
            </section>
          )}
          {weeks.length > 1 && <FinishesCalled past={past} zone={zone} />}
          <div className="past-grid">
            {week.sessions.map((session) => (
              <SessionThatWas key={session.id} session={session} zone={zone} />
            ))}
            <PastMoney week={week} currency={currency} />
          </div>
          {week.otherwise.length > 0 && (
            <section aria-label="Cooked otherwise">
              <h2>Cooked otherwise than written</h2>
              <ul className="past-list">
                {week.otherwise.map((dish) => (
                  <li key={dish.batch}>
                    <b>{dish.dish}</b>
                    <span>{otherwiseWords(dish)}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {week.ranOut.length > 0 && (
            <section aria-label="Ran out early">
              <h2>Ran out early</h2>
              <ul className="past-list">
                {week.ranOut.map((dish) => (
                  <li key={dish.food}>
                    <b>{dish.name}</b>
                    <span>{ranOutWords(dish)}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {week.dishes.length > 0 && <PastDishes dishes={week.dishes} from={past.from} zone={zone} />}
          {week.thrown.length > 0 && (
            <section aria-label="Thrown away">
              <h2>Thrown away</h2>
              <ul className="past-list">
                {week.thrown.map(({ name, amountText, reason, minor }, n) => (
                  <li key={`${n} ${name}`}>
                    <b>
                      {amountText} {name}
                    </b>
                    <span>{reason}</span>
                    <span className="number">{minor === undefined ? 'no price' : moneyText(minor, currency)}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </>
      )}
      <Teaches view={view} all={teachings} />
    </main>
  );
}
