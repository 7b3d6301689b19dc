import { Button } from 'antd';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '../app/useKitchenState.ts';
import { Away } from '../parts/Away.tsx';
import { Loading } from '../parts/Loading.tsx';
import { clockAt, duration } from '../parts/times.ts';
import { handsBusy } from '@kestrel-ridge/core/schedule';
import { Ridge } from '../session/Ridge.tsx';
import { Announce } from './Announce.tsx';
import { ClockCard } from './ClockCard.tsx';
import { NowCard } from './NowCard.tsx';
import './run.css';
import { useAwake } from './useAwake.ts';
import { useRun, type LiveRun } from './useRun.ts';

export default function RunPage() {
  return <WithKitchen>{(view) => <Run view={view} />}</WithKitchen>;
}

function Run({ view }: { view: KitchenView }) {
  const run = useRun(view.session?.id);
  switch (run.state) {
    case 'loading':
      return <Loading what="Looking for the run" />;
    case 'away':
      return <Away error={run.error} again={run.again} />;
    case 'none':
      return (
        <main className="page">
          <div className="page-head">
            <h1>Nothing is being cooked</h1>
            <p>Start a session from its plan.</p>
          </div>
          <Link to="/cook">To the plan</Link>
        </main>
      );
    case 'on':
      return <Worktop kitchen={view} {...run} />;
    default:
      return run satisfies never;
  }
}

const MINUTE = 60_000;

function Worktop({ kitchen, run, view, now, tap, waiting, lastDone }: { kitchen: KitchenView } & LiveRun) {
  const zone = kitchen.kitchen.equipment.zone;
  const later = Math.round((view.endsAt - view.plannedEndsAt) / MINUTE);
  useAwake(!view.finished);
  const busy = handsBusy(run.problem, run.plan);
  const done = view.tasks.filter((task) => task.status === 'done').length;
  const share = Math.min(1, Math.max(0, (now - Date.parse(run.startedAt)) / (view.endsAt - Date.parse(run.startedAt))));

  return (
    <main className="run">
      <header className="run-head">
        <h1>
          <Link to="/">{kitchen.session?.name}’s run</Link>
        </h1>
        {!view.finished && <Announce view={view} about={run.about} />}
        <p>
          {clockAt(now, zone)} · {view.finished ? 'ended' : 'ends'} <b>{clockAt(view.endsAt, zone)}</b>
          {Math.abs(later) >= 1 && !view.finished && (
            <span className="soft">
              {' '}
              ({duration(Math.abs(later))} {later > 0 ? 'later' : 'earlier'} than planned)
            </span>
          )}
        </p>
      </header>
      {waiting > 0 && (
        <p className="run-waiting" role="status">
          {waiting} {waiting === 1 ? 'tap is' : 'taps are'} kept here until the server answers.
        </p>
      )}
      <div className="run-grid">
        <div>
          {view.finished ? (
            <section className="now-card">
              <h2 className="now-name">All is cooked</h2>
              <p className="run-text">Now into boxes: what is warm cools faster in shallow ones.</p>
              <Link to="/put-away">
                <Button type="primary" className="run-done">
                  Put away
                </Button>
              </Link>
            </section>
          ) : view.now ? (
            <NowCard key={view.now.id} task={view.now} about={run.about[view.now.id]} now={now} zone={zone} tap={tap} />
          ) : (
            <section className="now-card rest">
              <p className="soft">Now</p>
              <h2 className="now-name">Hands free</h2>
              <p className="run-text">
                {view.next[0]
                  ? `Next: ${run.about[view.next[0].id]?.name ?? ''}, about ${clockAt(view.next[0].start, zone)}`
                  : 'Only clocks are running.'}
              </p>
            </section>
          )}
          {lastDone && !view.finished && (
            <p className="run-back">
              Done last: {run.about[lastDone]?.name}.{' '}
              <Button type="link" onClick={() => tap({ kind: 'reopened', task: lastDone })}>
                Not done after all
              </Button>
            </p>
          )}
        </div>
        <div>
          {view.clocks.map((task) => (
            <ClockCard key={task.id} task={task} about={run.about[task.id]} now={now} tap={tap} />
          ))}
          {view.next.length > 0 && (
            <section className="run-next">
              <h2 className="soft">Next</h2>
              <ol>
                {view.next.slice(0, 4).map((task) => (
                  <li key={task.id}>
                    <span className="number">{clockAt(task.start, zone)}</span> {run.about[task.id]?.name}
                  </li>
                ))}
              </ol>
            </section>
          )}
        </div>
      </div>
      <footer className="run-foot">
        <span className="soft">
          {done} of {view.tasks.length} steps done
        </span>
        <div className="run-ridge">
          <Ridge busy={busy} box={{ widthPx: 800, heightPx: 48 }} label="How busy the hands are over the session" />
          <i style={{ left: `${share * 100}%` }} />
        </div>
      </footer>
    </main>
  );
}
