import { aheadKey, beginBy, tooLate, type SessionTasks, type TooLate, type Wishes } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { clockAt } from '../parts/times.ts';
import { useChangeSession } from './useChangeSession.ts';
import { useDishes } from './useDishes.ts';
import { useMinute } from './useMinute.ts';

/** What must have begun before the session: by when, or, when that is past, the ways out. */
export function BegunAhead({
  view,
  tasks,
  wishes,
  say,
}: {
  view: KitchenView;
  tasks: SessionTasks;
  wishes: Wishes;
  say: (next: Wishes) => void;
}) {
  const now = useMinute();
  const { session } = view;
  if (!session || tasks.ahead.length === 0) return null;
  const startMs = Date.parse(session.startsAt);
  const zone = view.kitchen.equipment.zone;
  const begun = wishes.begun ?? [];
  const late = tooLate(tasks, begun, startMs, now);
  const coming = tasks.ahead.filter((each) => !late.some(({ ahead }) => ahead === each));
  return (
    <div className="begun-ahead">
      {late.map((each) => (
        <Late
          key={aheadKey(each.ahead)}
          late={each}
          view={view}
          zone={zone}
          begin={() => say({ ...wishes, begun: [...begun, aheadKey(each.ahead)] })}
        />
      ))}
      {coming.map((each) => (
        <p key={aheadKey(each)}>
          {begun.includes(aheadKey(each)) ? (
            <>
              <b>Already started</b> {each.name}.{' '}
              <Button
                size="small"
                type="text"
                onClick={() => say({ ...wishes, begun: begun.filter((key) => key !== aheadKey(each)) })}
              >
                not yet
              </Button>
            </>
          ) : (
            <>
              <b>Begin by {clockAt(beginBy(each, startMs), zone)}</b> {each.name}: {each.leastHours} to {each.mostHours}{' '}
              h before.{' '}
              <Button size="small" onClick={() => say({ ...wishes, begun: [...begun, aheadKey(each)] })}>
                Started
              </Button>
            </>
          )}
        </p>
      ))}
    </div>
  );
}

function Late({ late, view, zone, begin }: { late: TooLate; view: KitchenView; zone: string; begin: () => void }) {
  const change = useChangeSession();
  const { choose, leaveOut } = useDishes();
  const { session } = view;
  const batch = view.batches.find(({ state }) => state.id === late.ahead.batch);
  const startLater = async () => {
    if (!session) return;
    if ((await change(session, { startMs: late.startMs })).ok) begin();
  };
  return (
    <section className="too-late" role="alert">
      <p>
        <b>{late.ahead.name}</b> takes {late.ahead.leastHours} h at least, and it is{' '}
        {late.hours < 1 ? 'less than an hour' : `${Math.floor(late.hours)} h`} to the start.
      </p>
      <div className="give-row">
        <Button onClick={begin}>Already started</Button>
        <Button onClick={() => void startLater()}>Begin now, cook from {clockAt(late.startMs, zone)}</Button>
        {batch &&
          waysWithoutLead(batch).map(({ name, version, method }) => (
            <Button key={name} onClick={() => void choose(batch, version ? { version } : { method })}>
              Cook it {name}
            </Button>
          ))}
        {batch && <Button onClick={() => void leaveOut(batch)}>Leave it out</Button>}
      </div>
    </section>
  );
}

/** Other ways of a recipe in which nothing has to begin before the day. */
function waysWithoutLead({ written }: ScaledBatchView): readonly {
  readonly name: string;
  readonly version?: string;
  readonly method?: string;
}[] {
  const leads = written.steps.filter(({ kind }) => kind === 'ahead').map(({ id }) => id);
  return [
    ...(written.versions ?? [])
      .filter(({ skips }) => leads.every((step) => skips.includes(step)))
      .map(({ id, name }) => ({ name, version: id })),
    ...(written.methods ?? [])
      .filter(({ steps }) => !steps.some(({ kind }) => kind === 'ahead'))
      .map(({ id, name }) => ({ name, method: id })),
  ];
}
