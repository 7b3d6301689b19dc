import { HOUR_MS } from '@kestrel-ridge/core/quantity';
import { RightOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { STOPS } from '../app/stops.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { finishOf, type KitchenView } from '@kestrel-ridge/core/view';
import { clockAt, dateWords, duration, longDayName } from '../parts/times.ts';
import { Ridge } from '../session/Ridge.tsx';
import { useMinute } from '../session/useMinute.ts';
import { usePlan } from '../session/usePlan.ts';
import { useAppDispatch } from '../app/store.ts';
import { WALK, walkBegun } from '../help/walkSlice.ts';
import { EveningList } from '../week/EveningList.tsx';
import { eveningItems } from '../week/eveningItems.ts';
import { beginningSteps, beginningWords, isBeginning, nextStep } from '../app/beginning.ts';
import { nextThing } from './nextThing.ts';
import { Beginning } from './Beginning.tsx';
import { busyWords } from './todayWords.ts';
import './today.css';
import { whatWaits } from './whatWaits.ts';

/** What waits along the trail: not this page itself, and the shop is told with what is missing. */
const STRETCHES = STOPS.filter(({ key }) => key !== 'today' && key !== 'shop');

/** Only while something is being cooked. */
const UnderWay = lazy(() => import('../run/UnderWay.tsx'));

/** Two evenings ahead are told on the first page. */
const SOON_MS = 48 * HOUR_MS;

export default function TodayPage() {
  return <WithKitchen>{(view) => <Today view={view} />}</WithKitchen>;
}

function Today({ view }: { view: KitchenView }) {
  const planning = usePlan(view);
  const result = planning.state === 'planned' ? planning.result : null;
  const [putOff, setPutOff] = useState<readonly string[]>([]);
  const steps = isBeginning(view) ? beginningSteps(view) : [];
  const step = nextStep(steps, putOff);
  const next = step ?? nextThing(view, result);
  const waits = whatWaits(view, result);
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { session } = view;
  const zone = view.kitchen.equipment.zone;
  const now = useMinute();
  const soon = eveningItems(view, now).filter(({ at }) => at < now + SOON_MS);
  const show = () => {
    dispatch(walkBegun());
    void navigate(WALK[0]);
  };
  const start = session ? Date.parse(session.startsAt) : 0;

  return (
    <main className="page">
      <section className="next">
        <div>
          <p className="soft">
            {longDayName(view.today)}, {dateWords(view.today)} ·{' '}
            {step ? `setting up, ${beginningWords(steps)}` : 'the next thing'}
          </p>
          <h1>{next.heading}</h1>
          <p className="next-text">{next.text}</p>
          <Button type="primary" size="large" className="next-action" onClick={() => void navigate(next.to)}>
            {next.action}
          </Button>
          {step && (
            <Beginning
              steps={steps}
              next={step}
              later={(key) => setPutOff([...putOff.filter((each) => each !== key), key])}
            />
          )}
        </div>
        {session?.status === 'running' && (
          <Suspense fallback={null}>
            <UnderWay session={session.id} zone={zone} />
          </Suspense>
        )}
        {result && session?.status === 'planned' && (
          <Link
            to="/cook"
            className="next-ridge"
            aria-label={busyWords(
              duration(result.plan.makespan),
              clockAt(start, zone),
              clockAt(session ? finishOf(session, result).at : start, zone),
            )}
          >
            <span className="soft">hands-on time over {duration(result.plan.makespan)}</span>
            <Ridge
              busy={result.busy}
              box={{ widthPx: 460, heightPx: 92 }}
              label={`How busy the hands are over ${duration(result.plan.makespan)}`}
            />
            <span className="next-ends">
              <span>{clockAt(start, zone)}</span>
              <span>{clockAt(session ? finishOf(session, result).at : start, zone)}</span>
            </span>
          </Link>
        )}
      </section>

      {soon.length > 0 && (
        <section className="ahead">
          <h2>Before it starts</h2>
          <EveningList view={view} items={soon} now={now} heading="h3" />
        </section>
      )}

      <section>
        <h2 className="stretch-head">Along the trail</h2>
        <p className="soft">
          New here?{' '}
          <button type="button" className="plain-button look-round" onClick={() => show()}>
            See the week in five steps
          </button>
        </p>
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
