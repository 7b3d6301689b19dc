import { LIMITS } from '@kestrel-ridge/core/formats';
import { MINUTE_MS, fixed } from '@kestrel-ridge/core/quantity';
import { energyOf } from '@kestrel-ridge/core/session';
import { Button, Select } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockAt, duration } from '../parts/times.ts';
import type { Planned } from '@kestrel-ridge/core/view';
import { planner } from './planner.ts';
import type { PlanResult } from './planSlice.ts';
import { openOf } from '@kestrel-ridge/core/view';
import { useDishes } from './useDishes.ts';
import { useChangeSession } from './useChangeSession.ts';
import { useWishes } from './useWishes.ts';
import { tryOut, type Tried, type WhatIf as What } from './whatIf.ts';
import { thenLacksWords, withoutStationWords } from './sessionWords.ts';

const HOUR = 60;

/** What the day would be if something were otherwise, beside what it is. Nothing changes before the cook says so. */
export function WhatIf({ view, result }: { view: KitchenView; result: PlanResult }) {
  const [key, setKey] = useState<string>();
  const { wishes } = useWishes(view.session);
  const choices = useMemo(() => choicesOf(view), [view]);
  const what = choices.find((each) => each.value === key)?.what;
  const tried = useMemo(() => (what ? tryOut(view, what, wishes) : undefined), [view, what, wishes]);
  const [found, setFound] = useState<{ readonly of: Tried; readonly planned: Planned | string }>();
  const { plan } = result;

  useEffect(() => {
    if (!tried || tried.tasks.problem.tasks.length === 0) return;
    let left = false;
    planner()
      .tried(tried.asked, plan)
      .then(
        (planned) => !left && setFound({ of: tried, planned }),
        (thrown: unknown) => !left && setFound({ of: tried, planned: thrown instanceof Error ? thrown.message : '' }),
      );
    return () => {
      left = true;
    };
  }, [tried, plan]);

  const planned = found && found.of === tried ? found.planned : undefined;
  return (
    <section className="what-if" aria-label="What if">
      <h2>What if</h2>
      <Select
        aria-label="What if"
        allowClear
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="a dish is left out, the oven fails …"
        style={{ width: '100%', maxWidth: 420 }}
        {...(key === undefined ? {} : { value: key })}
        onChange={(value: string | undefined) => setKey(value)}
        options={choices.map(({ value, label }) => ({ value, label }))}
      />
      {tried && planned === undefined && tried.tasks.problem.tasks.length > 0 && (
        <p className="soft">Being planned …</p>
      )}
      {tried && tried.tasks.problem.tasks.length === 0 && <p>Then there is nothing left to cook.</p>}
      {typeof planned === 'string' && <p className="cannot">That cannot be planned. {planned}</p>}
      {tried && what && planned !== undefined && typeof planned !== 'string' && (
        <Beside
          view={view}
          result={result}
          what={what}
          tried={tried}
          planned={planned}
          done={() => setKey(undefined)}
        />
      )}
    </section>
  );
}

function choicesOf(view: KitchenView): readonly { value: string; label: string; what: What }[] {
  const cooks = view.session?.cooks ?? 1;
  const open = openOf(view);
  const uses = new Set(open.flatMap(({ recipe }) => recipe.document.uses.map(({ station }) => station)));
  return [
    ...(cooks > 1
      ? [{ value: 'fewer', label: 'one cook fewer', what: { if: 'cooks' as const, cooks: cooks - 1 } }]
      : []),
    ...(cooks < LIMITS.cooks[1]
      ? [{ value: 'more', label: 'one cook more', what: { if: 'cooks' as const, cooks: cooks + 1 } }]
      : []),
    { value: 'later', label: 'an hour later', what: { if: 'later' as const, minutes: HOUR } },
    ...(['oven', 'cooker', 'jug'] as const)
      .filter((station) => uses.has(station))
      .map((station) => ({
        value: station,
        label: withoutStationWords(station),
        what: { if: 'without' as const, station },
      })),
    ...open.flatMap(({ state, recipe, written }) =>
      [{ id: undefined, name: written.methodName ?? 'its first way' }, ...(written.methods ?? [])]
        .filter(({ id }) => (written.methods ?? []).length > 0 && id !== state.choice.method)
        .map(({ id, name }) => ({
          value: `${state.id} ${id ?? ''}`,
          label: `${recipe.document.component.name} by ${name}`,
          what: { if: 'method' as const, batch: state.id, method: id },
        })),
    ),
    ...open.map(({ state, recipe }) => ({
      value: state.id,
      label: `without ${recipe.document.component.name}`,
      what: { if: 'without dish' as const, batch: state.id },
    })),
  ];
}

function Beside({
  view,
  result,
  what,
  tried,
  planned,
  done,
}: {
  view: KitchenView;
  result: PlanResult;
  what: What;
  tried: Tried;
  planned: Planned;
  done: () => void;
}) {
  const change = useChangeSession();
  const { choose, leaveOut } = useDishes();
  const [busy, setBusy] = useState(false);
  const { session, kitchen } = view;
  const startMs = session ? Date.parse(session.startsAt) : 0;
  const clock = (minutes: number) => clockAt(startMs + minutes * MINUTE_MS, kitchen.equipment.zone);
  const kWh = (about: PlanResult['tasks']['about']) =>
    energyOf(Object.values(about), kitchen.equipment).reduce((sum, line) => sum + line.kWh, 0);
  const hands = (busyHands: readonly number[]) => busyHands.reduce((sum, n) => sum + n, 0);
  const rows: readonly (readonly [string, string, string])[] = [
    ['done by', clock(result.plan.makespan), clock(planned.plan.makespan + tried.laterMinutes)],
    ['takes', duration(result.plan.makespan), duration(planned.plan.makespan)],
    ['hands', duration(hands(result.busy)), duration(hands(planned.busy))],
    ['washes', `${result.plan.washes.length}`, `${planned.plan.washes.length}`],
    ['energy', `${fixed(kWh(result.tasks.about), 1)} kWh`, `${fixed(kWh(tried.tasks.about), 1)} kWh`],
  ];
  const keep = async () => {
    if (!session) return;
    setBusy(true);
    const batch = 'batch' in what ? view.batches.find(({ state }) => state.id === what.batch) : undefined;
    const sent =
      what.if === 'method' && batch
        ? await choose(batch, { method: what.method })
        : what.if === 'without dish' && batch
          ? await leaveOut(batch)
          : await change(session, { startMs: startMs + tried.laterMinutes * MINUTE_MS, cooks: tried.cooks });
    setBusy(false);
    if (sent.ok) done();
  };
  return (
    <>
      <table className="beside">
        <thead>
          <tr>
            <th />
            <th>as planned</th>
            <th>then</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, was, is]) => (
            <tr key={name} className={was === is ? '' : 'differs'}>
              <th>{name}</th>
              <td>{was}</td>
              <td>{is}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {tried.otherwise.map(({ dish, method }) => (
        <p key={dish}>
          {dish} goes another way: {method}.
        </p>
      ))}
      {tried.lost.length > 0 && <p className="cannot">{thenLacksWords(tried.lost)}</p>}
      {what.if === 'without' ? (
        <p className="soft">If it comes to that, choose another way in Scale, or leave the dish out here.</p>
      ) : (
        <div className="give-row">
          <Button type="primary" loading={busy} onClick={() => void keep()}>
            Do it so
          </Button>
          <Button onClick={done}>Leave it</Button>
        </div>
      )}
    </>
  );
}
