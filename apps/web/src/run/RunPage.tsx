import { MINUTE_MS } from '@kestrel-ridge/core/quantity';
import { pressureCycles, readBack, type RunTask } from '@kestrel-ridge/core/run';
import { Button, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Away } from '../parts/Away.tsx';
import { Loading } from '../parts/Loading.tsx';
import { clockAt, duration } from '../parts/times.ts';
import { handsBusy } from '@kestrel-ridge/core/schedule';
import { Ridge } from '../session/Ridge.tsx';
import { Announce } from './Announce.tsx';
import { BesideHands } from './BesideHands.tsx';
import { NowCard } from './NowCard.tsx';
import { OtherDevices } from './OtherDevices.tsx';
import './gate.css';
import './run.css';
import { TaskTools } from './TaskTools.tsx';
import { Trainer } from './Trainer.tsx';
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

const EVERYBODY = 'all';

function Worktop({
  kitchen,
  run,
  cooked,
  view,
  now,
  tap,
  waiting,
  lastDone,
  events,
}: { kitchen: KitchenView } & LiveRun) {
  const zone = kitchen.kitchen.equipment.zone;
  const later = Math.round((view.endsAt - view.plannedEndsAt) / MINUTE_MS);
  useAwake(!view.finished);
  const [whose, setWhose] = useState(EVERYBODY);
  const { about, facts } = cooked;
  const planned = useMemo(() => ({ ...run, startedAt: Date.parse(run.startedAt) }), [run]);
  const cooks = useMemo(() => [...new Set(Object.values(about).flatMap(({ who }) => who ?? []))].sort(), [about]);
  const mine = (task: RunTask) =>
    whose === EVERYBODY || about[task.id]?.who === undefined || about[task.id]?.who === whose;
  const busy = handsBusy(run.problem, run.plan);
  const done = view.tasks.filter((task) => task.status === 'done').length;
  const share = Math.min(1, Math.max(0, (now - Date.parse(run.startedAt)) / (view.endsAt - Date.parse(run.startedAt))));
  const [picked, setPicked] = useState<string>();
  // What the cook has taken up stands before what the plan would have next.
  const current = view.ready.find(({ id }) => id === picked) ?? view.ready.find(mine);
  const aboutCurrent = current && about[current.id];
  const next = view.next.filter((task) => mine(task) && task.id !== current?.id);
  const cycles = useMemo(() => pressureCycles(view.tasks, about, now), [view.tasks, about, now]);

  return (
    <main className="run">
      <header className="run-head">
        <h1>
          <Link to="/">{kitchen.session?.name}’s run</Link>
        </h1>
        {cooks.length > 1 && (
          <Segmented
            aria-label="Whose screen this is"
            value={whose}
            onChange={setWhose}
            options={[{ value: EVERYBODY, label: 'all' }, ...cooks.map((value) => ({ value, label: value }))]}
          />
        )}
        {!view.finished && <Announce view={view} about={about} now={now} />}
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
      {kitchen.kitchen.equipment.simulatedDevices && !view.finished && (
        <Trainer run={run.id} cycles={cycles} now={now} tap={tap} />
      )}
      {waiting > 0 && (
        <p className="run-waiting" role="status">
          {waiting} {waiting === 1 ? 'tap is' : 'taps are'} kept here until the server answers.
        </p>
      )}
      <OtherDevices events={events} about={about} now={now} zone={zone} />
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
          ) : current ? (
            <NowCard
              key={current.id}
              kitchen={kitchen}
              task={current}
              about={aboutCurrent}
              facts={facts.get(current.id)}
              readBack={aboutCurrent && readBack(aboutCurrent, cooked.problem, about, facts)}
              told={cooked}
              freeUntil={Math.min(current.start, ...next.map(({ start }) => start))}
              now={now}
              zone={zone}
              tap={tap}
            />
          ) : (
            <section className="now-card rest">
              <p className="soft">Now</p>
              <h2 className="now-name">Hands free</h2>
              <p className="run-text">
                {next[0]
                  ? `Next: ${about[next[0].id]?.name ?? ''}, about ${clockAt(next[0].start, zone)}`
                  : 'Only clocks are running.'}
              </p>
            </section>
          )}
          {current && !view.finished && (
            <TaskTools
              task={current}
              about={aboutCurrent}
              cooks={cooks}
              run={planned}
              facts={facts}
              endsAt={view.endsAt}
              portions={kitchen.batches
                .find(({ state }) => state.id === aboutCurrent?.batch)
                ?.scaled.portions.valueOf()}
              now={now}
              tap={tap}
            />
          )}
          {lastDone && !view.finished && (
            <p className="run-back">
              {facts.get(lastDone)?.skipped ? 'Skipped' : 'Done'} last: {about[lastDone]?.name}.{' '}
              <Button type="link" onClick={() => tap({ kind: 'reopened', task: lastDone })}>
                Not done after all
              </Button>
            </p>
          )}
        </div>
        <div>
          <BesideHands
            kitchen={kitchen}
            run={run}
            cooked={cooked}
            view={view}
            now={now}
            tap={tap}
            current={current}
            cycles={cycles}
            next={next}
            who={whose === EVERYBODY && cooks.length > 1}
            pick={setPicked}
          />
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
