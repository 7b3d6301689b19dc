import { moneyText } from '@kestrel-ridge/core/cost';
import { harmlessRow, type PastState } from '@kestrel-ridge/core/formats';
import { MINUTE_MS, addDays, dayAt, readDay, weekday, type Day } from '@kestrel-ridge/core/quantity';
import {
  weekByWeek,
  weekThatWas,
  type KitchenView,
  type PastDish,
  type PastSession,
  type WeekThatWas,
} from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Suspense, lazy, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { usePastQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { Away } from '../parts/Away.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { Why } from '../parts/Why.tsx';
import { giveFile } from '../parts/giveFile.ts';
import { printOpened } from '../parts/printOpened.ts';
import { clockAt, dateWords, dayName, duration } from '../parts/times.ts';
import './lookback.css';
import { Teaches } from './Teaches.tsx';
import {
  causeWords,
  doOtherwise,
  headline,
  lateWords,
  otherwiseWords,
  priceWords,
  ranOutWords,
} from './lookBackWords.ts';
import {
  DISH_FIGURES,
  FIGURE_HEADS,
  dishBecause,
  handsBecause,
  isSome,
  paidBecause,
  portionBecause,
  tenths,
  washWords,
} from './pastFigures.ts';

const WeeksChart = lazy(() => import('./WeeksChart.tsx'));
const PortionsChart = lazy(() => import('./PortionsChart.tsx'));

const WEEK = 7;
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
  const from = addDays(week, -(weeks - 1) * WEEK);
  const until = addDays(week, WEEK - 1);
  const { data, error, isFetching } = usePastQuery({ kitchen: view.kitchen.id, from, until });
  const go = (to: Day, span: number = weeks) => ask({ week: to, ...(span === 8 ? { weeks: '8' } : {}) });
  if (!data) return error ? <Away error={error} /> : <Loading what="Reading what happened" />;
  return (
    <Past
      view={view}
      past={data}
      busy={isFetching}
      tools={
        <>
          <Button onClick={() => go(addDays(week, -WEEK))} disabled={data.first === null || from <= data.first}>
            ‹ The week before
          </Button>
          <Button onClick={() => go(addDays(week, WEEK))} disabled={week >= monday}>
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
  const week = useMemo(() => weekThatWas(view, past), [view, past]);
  const weeks = useMemo(() => weekByWeek(view, past), [view, past]);
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
          {otherwise.length > 0 && (
            <section className="otherwise" aria-label="Next week">
              <h2>Next week</h2>
              <ul>
                {otherwise.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            </section>
          )}
          {weeks.length > 1 && (
            <section aria-label="Week by week">
              <h2>Week by week</h2>
              <Suspense fallback={<Loading />}>
                <WeeksChart weeks={weeks} currency={currency} />
              </Suspense>
            </section>
          )}
          <div className="past-grid">
            {week.sessions.map((session) => (
              <Session key={session.id} session={session} zone={zone} />
            ))}
            <Money week={week} currency={currency} />
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
          {week.dishes.length > 0 && <Dishes dishes={week.dishes} from={past.from} zone={zone} />}
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
      <Teaches view={view} />
    </main>
  );
}

/** A session against its plan, and what moved its finish. */
function Session({ session, zone }: { session: PastSession; zone: string }) {
  const { doubt, finish, plannedStart, lateness, hands, handsPlanned, names, washes } = session;
  const plannedFinish = finish - lateness.minutes * MINUTE_MS;
  const told = lateness.causes.filter(({ minutes }) => Math.abs(minutes) >= HALF_A_MINUTE);
  const day = dayAt(new Date(plannedStart), zone);
  const when = `${dayName(day)} ${dateWords(day)}, ${clockAt(plannedStart, zone)}`;
  return (
    <section aria-label={`Session of ${when}`}>
      <h2>{when}</h2>
      {doubt ? (
        <p className="soft">Nothing is made of its times: {doubt}.</p>
      ) : (
        <>
          <p>
            <b className="number">{lateWords(lateness.minutes)}</b>
            <br />
            <span className="soft">
              done {clockAt(finish, zone)}, planned {clockAt(plannedFinish, zone)}
            </span>
          </p>
          <dl className="past-figures">
            <dt>hands</dt>
            <dd className="number">
              <Why because={handsBecause(session, 'real')}>{duration(hands)}</Why>
            </dd>
            <dt>hands, as planned</dt>
            <dd className="number">
              <Why because={handsBecause(session, 'planned')}>{duration(handsPlanned)}</Why>
            </dd>
            <dt>washes between loads</dt>
            <dd>{washWords(washes)}</dd>
          </dl>
          {told.length > 0 && (
            <details open>
              <summary>What moved it</summary>
              <ul>
                {told.slice(0, MOST_CAUSES).map((cause) => (
                  <li key={`${cause.task ?? ''} ${cause.cause}`}>{causeWords(cause, names)}</li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
    </section>
  );
}
/** Smaller ones are told by nobody. */
const MOST_CAUSES = 6;
const HALF_A_MINUTE = 0.5;

function Money({ week, currency }: { week: WeekThatWas; currency: string }) {
  const { cooked, paidMinor, budgetMinor, prices, thrownMinor } = week;
  const money = (minor: number) => moneyText(Math.round(minor), currency);
  return (
    <section aria-label="Money">
      <h2>What it cost</h2>
      <dl className="past-figures">
        {cooked.portions > 0 && (
          <>
            <dt>a portion, of what went in</dt>
            <dd className="number">
              <Why because={portionBecause(week, 'usedMinor', currency)}>
                {money(cooked.usedMinor / cooked.portions)}
              </Why>
            </dd>
            {thrownMinor > 0 && (
              <>
                <dt>a portion, with what was thrown away</dt>
                <dd className="number">{money((cooked.usedMinor + thrownMinor) / cooked.portions)}</dd>
              </>
            )}
            <dt>a portion, of the packs it came from</dt>
            <dd className="number">
              <Why because={portionBecause(week, 'tillMinor', currency)}>
                {money(cooked.tillMinor / cooked.portions)}
              </Why>
            </dd>
          </>
        )}
        <dt>paid</dt>
        <dd className="number">
          {paidMinor > 0 ? <Why because={paidBecause(week, currency)}>{money(paidMinor)}</Why> : money(paidMinor)}
        </dd>
        {budgetMinor !== undefined && (
          <>
            <dt>{paidMinor > budgetMinor ? 'over the budget' : 'left of the budget'}</dt>
            <dd className={paidMinor > budgetMinor ? 'number cannot' : 'number'}>
              {money(Math.abs(budgetMinor - paidMinor))}
            </dd>
          </>
        )}
        {thrownMinor > 0 && (
          <>
            <dt>thrown away</dt>
            <dd className="number cannot">{money(thrownMinor)}</dd>
          </>
        )}
      </dl>
      {prices.length > 0 && (
        <p>
          {prices.slice(0, 5).map((change, n) => (
            <span key={`${change.food} ${change.on}`}>
              {n > 0 && ', '}
              {priceWords(change)}
            </span>
          ))}{' '}
          than the time before. <Link to="/prices">Prices</Link>
        </p>
      )}
    </section>
  );
}

const COLUMNS = ['name', ...DISH_FIGURES] as const;

/** What became of each dish: to look at, and as a table. */
function Dishes({ dishes, from, zone }: { dishes: readonly PastDish[]; from: Day; zone: string }) {
  const give = async () => {
    const { stringify } = await import('csv-stringify/browser/esm/sync');
    const rows = dishes.map((dish) =>
      harmlessRow(
        Object.fromEntries(
          COLUMNS.map((column) => [column, column === 'name' ? dish.name : tenths(dish[column])]),
        ) as Record<(typeof COLUMNS)[number], string>,
      ),
    );
    giveFile(
      `portions-${from}.csv`,
      'text/csv',
      stringify(rows, { header: true, columns: [...COLUMNS], record_delimiter: 'windows' }),
    );
  };
  return (
    <section aria-label="Portions">
      <div className="head-row">
        <h2>What became of it</h2>
        <Button onClick={() => void give()}>As a table (CSV)</Button>
      </div>
      <Suspense fallback={<Loading />}>
        <PortionsChart dishes={dishes} />
      </Suspense>
      <details>
        <summary>The figures, in portions</summary>
        <div className="past-scroll">
          <table className="past-table">
            <thead>
              <tr>
                {COLUMNS.map((column) => (
                  <th key={column} scope="col">
                    {column === 'name' ? 'dish' : FIGURE_HEADS[column]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {dishes.map((dish) => (
                <tr key={dish.food}>
                  {COLUMNS.map((column) =>
                    column === 'name' ? (
                      <th key={column} scope="row">
                        {dish.name}
                      </th>
                    ) : (
                      <td key={column} className="number">
                        {isSome(dish[column]) && (
                          <Why because={dishBecause(dish, column, zone)}>{tenths(dish[column])}</Why>
                        )}
                      </td>
                    ),
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </section>
  );
}
