import { Button, Segmented } from 'antd';
import { heatsOf } from '@kestrel-ridge/core/schedule';
import { withDials } from '@kestrel-ridge/core/session';
import { Suspense, lazy, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { finishOf, missingOf, type KitchenView } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { clockAt, duration, longDayName } from '../parts/times.ts';
import { dayAt } from '@kestrel-ridge/core/quantity';
import './lanes.css';
import './cook.css';
import { BeforeYouStart } from './BeforeYouStart.tsx';
import { BegunAhead } from './BegunAhead.tsx';
import { Conflict } from './Conflict.tsx';
import { DropOrder } from './DropOrder.tsx';
import { FinishChain } from './FinishChain.tsx';
import { Lanes } from './Lanes.tsx';
import { OtherWays } from './OtherWays.tsx';
import type { PlanResult } from './planSlice.ts';
import { Rehearse } from './Rehearse.tsx';
import { Sessions } from './Sessions.tsx';
import { SessionStart } from './SessionStart.tsx';
import { Shorten } from './Shorten.tsx';
import { TaskList } from './TaskList.tsx';
import { usePlan } from './usePlan.ts';
import { useWishes } from './useWishes.ts';
import { WhatIf } from './WhatIf.tsx';
import { WhyPanel } from './WhyPanel.tsx';
import { Wished } from './Wished.tsx';
import { LinkButton } from '../parts/LinkButton.tsx';
import { boundWords } from './sessionWords.ts';

/** Only while it is being cooked. */
const UnderWay = lazy(() => import('../run/UnderWay.tsx'));

export default function CookPage() {
  return <WithKitchen>{(view) => <Cook view={view} />}</WithKitchen>;
}

function Cook({ view }: { view: KitchenView }) {
  const planning = usePlan(view);
  switch (planning.state) {
    case 'nothing to cook':
      return (
        <main className="page">
          <div className="page-head">
            <h1>Nothing to cook</h1>
          </div>
          <Sessions view={view} />
          <Empty title="No dish is chosen">
            <p>Choose what to make, and the plan of the day stands here.</p>
            <Link to="/week">To the week</Link>
          </Empty>
        </main>
      );
    case 'under way':
      return (
        <main className="page">
          <div className="page-head">
            <h1>The session is under way</h1>
            <p>Its plan stands; what runs late moves the rest.</p>
          </div>
          {view.session && (
            <Suspense fallback={null}>
              <UnderWay session={view.session.id} zone={view.kitchen.equipment.zone} />
            </Suspense>
          )}
          <LinkButton to="/cook/run" type="primary" size="large">
            Go on cooking
          </LinkButton>
        </main>
      );
    case 'impossible':
      return <Conflict view={view} tasks={planning.tasks} why={planning.why} />;
    case 'planning':
      return <Loading what="Planning the session" />;
    case 'planned':
      return <Planned view={view} result={planning.result} />;
    default:
      return planning satisfies never;
  }
}

function Planned({ view, result: found }: { view: KitchenView; result: PlanResult }) {
  const { ovens } = view.kitchen.equipment;
  // What is shown has a step for each turn of an oven's dial; what is searched, and started, has not.
  const result = useMemo(
    () => ({ ...found, ...withDials(found.tasks, found.plan, heatsOf(found.tasks.problem, found.plan), ovens) }),
    [found, ovens],
  );
  const [chosen, setChosen] = useState<string>();
  const [zoom, setZoom] = useState<1 | 2>(1);
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const navigate = useNavigate();
  const { session } = view;
  const { wishes, say, pin } = useWishes(session);
  const zone = view.kitchen.equipment.zone;
  const startMs = session ? Date.parse(session.startsAt) : 0;
  const { plan, tasks, bound } = result;
  const hands = result.busy.reduce((sum, n) => sum + n, 0);
  const numbers = useMemo(
    () =>
      new Map(
        [...tasks.problem.tasks]
          .sort((a, b) => (plan.starts[a.id] ?? 0) - (plan.starts[b.id] ?? 0))
          .map((task, n) => [task.id, n + 1]),
      ),
    [tasks, plan],
  );
  const last = tasks.problem.tasks.find((task) => (plan.starts[task.id] ?? 0) + task.minutes === plan.makespan);
  const selected = chosen && tasks.about[chosen] ? chosen : last?.id;
  const day = dayAt(new Date(startMs), zone);
  // Which of several is looked at stands above; to move or split the only one is rarely wanted.
  const several = view.week.sessions.filter(({ status }) => status === 'planned').length > 1;
  const missing = useMemo(() => missingOf(view, view.session?.id), [view]);

  const start = async () => {
    if (!session) return;
    setBusy(true);
    const sent = await send({
      path: 'runs',
      body: { id: newId(), session: session.id, plan: found.plan },
      touches: ['run', 'week'],
    });
    setBusy(false);
    if (sent.ok) void navigate('/cook/run');
  };

  return (
    <main className="page">
      <div className="page-head cook-head">
        <div>
          <h1>
            {day === view.today ? 'Today' : longDayName(day)}, done by{' '}
            {clockAt(session ? finishOf(session, result).at : startMs, zone)}
          </h1>
          <p>
            {duration(hands)} of hands in {duration(plan.makespan)}. {boundWords(bound, plan.makespan)}
            {!result.settled && ' Looking for a shorter plan …'}
          </p>
        </div>
        {session && <SessionStart key={session.version} session={session} zone={zone} takes={plan.makespan} />}
      </div>
      {several && <Sessions view={view} />}
      <BegunAhead view={view} tasks={tasks} wishes={wishes} say={say} />
      <div className="split">
        <div style={{ minWidth: 0 }}>
          <Lanes
            result={result}
            startMs={startMs}
            zone={zone}
            numbers={numbers}
            chosen={selected}
            choose={setChosen}
            zoom={zoom}
            pins={wishes.pins}
            pin={pin}
          />
          <Wished wishes={wishes} say={say} result={result} startMs={startMs} zone={zone} />
          <div className="lanes-foot">
            <p className="legend soft">
              <span className="key-hands" aria-hidden="true" /> hands{' '}
              <span className="bar barred key-barred" aria-hidden="true" /> nobody needed{' '}
              <span className="key-dot" aria-hidden="true" /> a look{' '}
              <span className="key-pressure" aria-hidden="true" /> at pressure{' '}
              <span className="key-wash" aria-hidden="true" /> wash
            </p>
            <Segmented
              aria-label="Zoom"
              value={zoom}
              onChange={setZoom}
              options={[
                { label: 'whole', value: 1 },
                { label: 'near', value: 2 },
              ]}
            />
          </div>
          {!several && <Sessions view={view} />}
          <FinishChain result={result} startMs={startMs} zone={zone} choose={setChosen} />
          <BeforeYouStart view={view} result={result} startMs={startMs} wishes={wishes} say={say} />
          <TaskList
            result={result}
            startMs={startMs}
            zone={zone}
            numbers={numbers}
            chosen={selected}
            choose={setChosen}
          />
        </div>
        <aside className="aside">
          {selected && (
            <WhyPanel
              result={result}
              task={selected}
              startMs={startMs}
              zone={zone}
              pinned={wishes.pins[selected]}
              pin={(minute) => pin(selected, minute)}
              wishes={wishes}
              say={say}
            />
          )}
          {missing.length > 0 && (
            <p className="cannot" role="status" style={{ marginTop: 16 }}>
              Missing on the shelf: {missing.map(({ food, missingText }) => `${missingText} ${food.name}`).join(', ')}.{' '}
              <Link to="/shop">Buy it</Link>, or <Link to="/week">make less</Link>.
            </p>
          )}
          <Button type="primary" size="large" className="one-action" loading={busy} onClick={() => void start()}>
            Start cooking
          </Button>
          <p className="soft" style={{ fontSize: 14, marginTop: 6 }}>
            The clocks begin when you start, whatever the hour.
          </p>
          <OtherWays view={view} result={found} wishes={wishes} />
          <WhatIf view={view} result={found} />
          <Shorten view={view} result={found} wishes={wishes} say={say} />
          <DropOrder view={view} result={found} wishes={wishes} />
          <Rehearse view={view} result={found} startMs={startMs} zone={zone} wishes={wishes} say={say} />
        </aside>
      </div>
      <div style={{ marginTop: 24 }}>
        <Cautions ids={['pressure', 'vent', 'hot oven']} />
      </div>
    </main>
  );
}
