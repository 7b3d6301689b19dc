import { MINUTE_MS, type Moment, counted } from '@kestrel-ridge/core/quantity';
import { pressureCycles, readBack, type RunTask, type RunView } from '@kestrel-ridge/core/run';
import { Button, Segmented } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Away } from '../parts/Away.tsx';
import { Loading } from '../parts/Loading.tsx';
import { Notice } from '../parts/Notice.tsx';
import { clockAt, duration } from '../parts/times.ts';
import { handsBusy } from '@kestrel-ridge/core/schedule';
import { Ridge } from '../session/Ridge.tsx';
import { Announce } from './Announce.tsx';
import { BesideHands } from './BesideHands.tsx';
import { LaneStrip } from './LaneStrip.tsx';
import { NowCard } from './NowCard.tsx';
import { OtherDevices } from './OtherDevices.tsx';
import './gate.css';
import './run.css';
import { RefusedTaps } from './RefusedTaps.tsx';
import { TaskTools } from './TaskTools.tsx';
import { Trainer } from './Trainer.tsx';
import { useAwake } from './useAwake.ts';
import { useUnderHand } from './useUnderHand.ts';
import { useRun, type LiveRun } from './useRun.ts';
import { waitingWords, nextStepWords } from './runWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function RunPage() {
  return <WithKitchen>{(view) => <Run view={view} />}</WithKitchen>;
}

function Run({ view }: { view: KitchenView }) {
  const run = useRun(view.session?.id);
  switch (run.state) {
    case 'loading':
      return <Loading what="Looking for the run" />;
    case 'away':
      return <Away error={run.error} />;
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
  const [current, setPicked] = useUnderHand(view.ready, mine, now);
  const [askedOf, askOf] = useState<string>();
  const aboutCurrent = current && about[current.id];
  const next = view.next.filter((task) => mine(task) && task.id !== current?.id);
  const cycles = useMemo(() => pressureCycles(view.tasks, about, now), [view.tasks, about, now]);

  return (
    <main className="run">
      <RunHead name={kitchen.session?.name} about={about} view={view} now={now} zone={zone}>
        {cooks.length > 1 && (
          <Segmented
            aria-label="Whose screen this is"
            value={whose}
            onChange={setWhose}
            options={[{ value: EVERYBODY, label: 'all' }, ...cooks.map((value) => ({ value, label: value }))]}
          />
        )}
      </RunHead>
      {kitchen.kitchen.equipment.simulatedDevices && !view.finished && (
        <Trainer run={run.id} cycles={cycles} now={now} tap={tap} />
      )}
      {waiting > 0 && <Notice className="notice run-waiting">{waitingWords(waiting)}</Notice>}
      <RefusedTaps />
      <div className="run-grid">
        <div>
          {view.finished ? (
            <AllCooked />
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
              takeUp={() => setPicked(current.id)}
              asking={askedOf === current.id}
              ask={(on) => askOf(on ? current.id : undefined)}
              tap={tap}
            />
          ) : (
            <HandsFree next={next[0]} about={about} zone={zone} />
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
                Undo this step
              </Button>
            </p>
          )}
          {!view.finished && <LaneStrip cooked={cooked} view={view} now={now} zone={zone} />}
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
        <OtherDevices events={events} about={about} now={now} zone={zone} />
        <span className="soft">
          {done} of {counted(view.tasks.length, 'step')} done
        </span>
        <div className="run-ridge">
          <Ridge busy={busy} box={{ widthPx: 800, heightPx: 48 }} label="How busy the hands are over the session" />
          <i style={{ left: `${share * 100}%` }} />
        </div>
      </footer>
    </main>
  );
}

function RunHead({
  name,
  about,
  view,
  now,
  zone,
  children,
}: {
  name: string | undefined;
  about: LiveRun['cooked']['about'];
  view: RunView;
  now: Moment;
  zone: string;
  children: ReactNode;
}) {
  const later = Math.round((view.endsAt - view.plannedEndsAt) / MINUTE_MS);
  return (
    <header className="run-head">
      <h1>
        <Link to="/">{name}’s run</Link>
      </h1>
      {children}
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
  );
}

const AllCooked = () => (
  <section className="now-card">
    <h2 className="now-name">All is cooked</h2>
    <p className="run-text">Now into boxes: what is warm cools faster in shallow ones.</p>
    <LinkButton to="/put-away" type="primary" className="run-done">
      Put away
    </LinkButton>
  </section>
);

const HandsFree = ({
  next,
  about,
  zone,
}: {
  next: RunTask | undefined;
  about: LiveRun['cooked']['about'];
  zone: string;
}) => (
  <section className="now-card rest">
    <p className="soft">Now</p>
    <h2 className="now-name">Hands free</h2>
    <p className="run-text">
      {nextStepWords(next && { name: about[next.id]?.name ?? '', at: clockAt(next.start, zone) })}
    </p>
  </section>
);
