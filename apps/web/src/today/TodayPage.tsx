import { RightOutlined } from '@ant-design/icons';
import { dayAt } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '../app/useKitchenState.ts';
import { Cautions } from '../parts/Cautions.tsx';
import { clockAt, dateWords, dayName, duration, longDayName } from '../parts/times.ts';
import { Ridge } from '../session/Ridge.tsx';
import { usePlan } from '../session/usePlan.ts';
import { nextThing } from './nextThing.ts';
import './today.css';
import { whatWaits } from './whatWaits.ts';

const STRETCHES = [
  { key: 'shelf', name: 'Shelf', to: '/shelf' },
  { key: 'week', name: 'Week', to: '/week' },
  { key: 'scale', name: 'Scale', to: '/scale' },
  { key: 'cook', name: 'Cook', to: '/cook' },
  { key: 'putAway', name: 'Put away', to: '/put-away' },
  { key: 'eat', name: 'Eat', to: '/eat' },
] as const;

export default function TodayPage() {
  return <WithKitchen>{(view) => <Today view={view} />}</WithKitchen>;
}

function Today({ view }: { view: KitchenView }) {
  const planning = usePlan(view);
  const result = planning.state === 'planned' ? planning.result : null;
  const next = nextThing(view, result);
  const waits = whatWaits(view, result);
  const navigate = useNavigate();
  const { session } = view;
  const zone = view.kitchen.equipment.zone;
  const ahead = result && session?.status === 'planned' ? result.tasks.ahead : [];
  const start = session ? Date.parse(session.startsAt) : 0;

  return (
    <main className="page">
      <section className="next">
        <div>
          <p className="soft">
            {longDayName(view.today)}, {dateWords(view.today)} · the next thing
          </p>
          <h1>{next.heading}</h1>
          <p className="next-text">{next.text}</p>
          <Button type="primary" size="large" className="next-action" onClick={() => void navigate(next.to)}>
            {next.action}
          </Button>
        </div>
        {result && session?.status !== 'done' && (
          <Link to="/cook" className="next-ridge">
            <span className="soft">hands busy, {duration(result.plan.makespan)} in all</span>
            <Ridge
              busy={result.busy}
              box={{ widthPx: 460, heightPx: 92 }}
              label={`How busy the hands are over ${duration(result.plan.makespan)}`}
            />
            <span className="next-ends">
              <span>{clockAt(start, zone)}</span>
              <span>{clockAt(start + result.plan.makespan * 60_000, zone)}</span>
            </span>
          </Link>
        )}
      </section>

      {ahead.length > 0 && (
        <section className="ahead">
          <h2>Before it starts</h2>
          <ul className="row-list">
            {ahead.map((each) => (
              <li key={`${each.batch} ${each.name}`} className="ahead-row">
                <strong>{each.name}</strong>
                <span>
                  {each.goesIn.map((into) => `${into.amount} ${into.food}`).join(', ')}: begin between{' '}
                  {dayAndClock(start - each.mostHours * 3_600_000, view)} and{' '}
                  {dayAndClock(start - each.leastHours * 3_600_000, view)}
                  {each.mostHours > 12 && ', in the fridge past 12 hours'}
                </span>
                <Cautions ids={each.cautions} />
              </li>
            ))}
          </ul>
        </section>
      )}

      <section>
        <h2 className="stretch-head">Along the trail</h2>
        <ul className="row-list">
          {STRETCHES.map(({ key, name, to }) => (
            <li key={key}>
              <Link to={to} className="stretch">
                <strong>{name}</strong>
                <span>{waits[key].long}</span>
                <RightOutlined aria-hidden="true" />
              </Link>
            </li>
          ))}
        </ul>
      </section>
    </main>
  );
}

const dayAndClock = (ms: number, view: KitchenView): string => {
  const zone = view.kitchen.equipment.zone;
  const on = dayAt(new Date(ms), zone);
  return `${on === view.today ? '' : `${dayName(on)} `}${clockAt(ms, zone)}`;
};
