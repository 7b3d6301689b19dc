import { MINUTE_MS, type Moment, portionsText } from '@kestrel-ridge/core/quantity';
import { leaveOutMeans, type PlannedRun, type RunFact, type TaskFacts } from '@kestrel-ridge/core/run';
import { Button, Popconfirm } from 'antd';
import { useMemo } from 'react';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockAt, duration } from '../parts/times.ts';

/** From so many minutes on it is worth thinking about a dish. */
const LATE_FROM = 10;

interface Way {
  readonly batch: string;
  readonly dish: string;
  readonly first: string;
  readonly saves: number;
  readonly portions: number;
}

/** When the day runs late: why, and what each dish that is not begun would give back; the cook chooses. */
export function Late({
  kitchen,
  run,
  facts,
  endsAt,
  plannedEndsAt,
  because,
  now,
  tap,
}: {
  kitchen: KitchenView;
  run: PlannedRun;
  facts: ReadonlyMap<string, TaskFacts>;
  endsAt: Moment;
  plannedEndsAt: number;
  because: string | undefined;
  now: Moment;
  tap: (what: RunFact) => void;
}) {
  const send = useCommand();
  const late = Math.round((endsAt - plannedEndsAt) / MINUTE_MS);
  const minute = Math.floor(now / MINUTE_MS);
  const ways = useMemo(
    () => (late >= LATE_FROM ? waysOut(kitchen, run, facts, { endsAt, now: minute * MINUTE_MS }) : []),
    [kitchen, run, facts, endsAt, late, minute],
  );
  if (late < LATE_FROM) return null;
  const zone = kitchen.kitchen.equipment.zone;
  const others = kitchen.week.sessions.filter(({ status }) => status === 'planned');
  const leave = async (way: Way, to: string | undefined) => {
    const batch = kitchen.batches.find(({ state }) => state.id === way.batch);
    if (!batch) return;
    const sent = await send({
      path: `batches/${way.batch}/${to === undefined ? 'drop' : 'session'}`,
      method: to === undefined ? 'POST' : 'PUT',
      body: { ...(to === undefined ? {} : { session: to }), version: batch.state.version },
      touches: ['week', 'shelf'],
    });
    if (sent.ok) tap({ kind: 'dish dropped', task: way.first });
  };
  return (
    <section className="late" aria-label="Running late">
      <h2>
        {duration(late)} late, done by {clockAt(endsAt, zone)}
      </h2>
      {because && <p className="soft">{because}</p>}
      {ways.length === 0 ? (
        <p>Every dish is begun: there is nothing left to leave out.</p>
      ) : (
        <ul>
          {ways.map((way) => (
            <li key={way.batch}>
              <span>
                Without <b>{way.dish}</b>: done {way.saves > 0 ? `${duration(way.saves)} sooner` : 'no sooner'}; the
                week lacks {portionsText(way.portions)}, and what was promised to it is free.
              </span>
              <Popconfirm
                title={`Leave out ${way.dish}?`}
                okText="Leave it out"
                onConfirm={() => void leave(way, undefined)}
              >
                <Button size="small">Leave it out</Button>
              </Popconfirm>
              {others.map(({ id, startsAt }) => (
                <Button key={id} size="small" onClick={() => void leave(way, id)}>
                  Move to {clockAt(Date.parse(startsAt), zone)} session
                </Button>
              ))}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function waysOut(
  kitchen: KitchenView,
  run: PlannedRun,
  facts: ReadonlyMap<string, TaskFacts>,
  at: { readonly endsAt: Moment; readonly now: Moment },
): readonly Way[] {
  return kitchen.batches.flatMap((batch): Way[] => {
    if (batch.state.status !== 'planned') return [];
    const means = leaveOutMeans(run, facts, { batch: batch.state.id }, at);
    return means
      ? [
          {
            batch: batch.state.id,
            dish: batch.recipe.document.component.name,
            first: means.task,
            saves: means.savesMinutes,
            portions: Math.round(batch.scaled.portions.valueOf()),
          },
        ]
      : [];
  });
}
