import { moneyText, splitMoney } from '@kestrel-ridge/core/cost';
import type { CautionId } from '@kestrel-ridge/core/food';
import type { RunState } from '@kestrel-ridge/core/formats';
import { Fraction, celsius, portionsText } from '@kestrel-ridge/core/quantity';
import { foldRun, leftTheHeat, type Measured } from '@kestrel-ridge/core/run';
import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { asRun, openOf, type KitchenView, type ScaledBatchView } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { useRun, type LiveRun } from '../run/useRun.ts';
import { BatchBoxes } from './BatchBoxes.tsx';
import { Cooling } from './Cooling.tsx';
import './putAway.css';
import { stillCookingWords, toBoxHead } from './storageWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function PutAwayPage() {
  return <WithKitchen>{(view) => <PutAway view={view} />}</WithKitchen>;
}

function PutAway({ view }: { view: KitchenView }) {
  const cookedNow = view.batches.filter((batch) => batch.state.session === view.session?.id);
  // The same list for the same kitchen: a run's clock ticks every second.
  const { batches, session } = view;
  const open = useMemo(() => openOf({ batches, session }), [batches, session]);
  const done = cookedNow.filter((batch) => batch.state.status === 'put away');
  const cooked = view.session?.status === 'running' || done.length > 0;
  return (
    <main className="page">
      <div className="page-head">
        <h1>{toBoxHead(open.length, done.length, cooked)}</h1>
        <p>
          {cooked && open.length > 0
            ? 'Shallow boxes, name and date on each. Then the ingredients leave the shelf and the cost is booked.'
            : ''}
        </p>
      </div>
      {!cooked && (
        <Empty title="First the cooking">
          <p>When a session has been started, its dishes are put into boxes here.</p>
          <Link to="/cook">To the plan</Link>
        </Empty>
      )}
      {cooked && open.length > 0 && (
        <div style={{ marginBottom: 20 }}>
          <Cautions ids={cautionsOfBoxing(open)} {...daysOfGrain(open)} />
        </div>
      )}
      {cooked && view.session && <OpenBatches view={view} session={view.session.id} open={open} />}
      <p className="soft" style={{ marginBottom: 24 }}>
        <Link to="/freezer">What is in which bin of the freezer</Link>
      </p>
      {done.length > 0 && (
        <section>
          <h2 style={{ marginBottom: 8 }}>What it cost</h2>
          <ul className="row-list">
            {done.map((batch) => (
              <Booked key={batch.state.id} view={view} batch={batch} />
            ))}
          </ul>
          {open.length === 0 && (
            <LinkButton to="/eat" type="primary" size="large" style={{ marginTop: 20, minWidth: 200 }}>
              To the boxes
            </LinkButton>
          )}
        </section>
      )}
    </main>
  );
}

/** Cooked dishes first, ready to be boxed; what still cooks stands closed below. */
function OpenBatches({
  view: planned,
  session,
  open,
}: {
  view: KitchenView;
  session: string;
  open: readonly ScaledBatchView[];
}) {
  const run = useRun(session);
  const [anyway, setAnyway] = useState<readonly string[]>([]);
  const on = run.state === 'on' ? run : undefined;
  const left = useMemo(() => stepsLeft(on?.run), [on?.run]);
  // What the run says that went in is what is boxed: its weight, its allergens, its cautions.
  const cooked = on?.cooked;
  const asCooked = useMemo(
    () => (cooked ? open.map((batch) => asRun(planned, batch, cooked)) : open),
    [cooked, open, planned],
  );
  const view = useMemo(
    () => ({
      ...planned,
      batches: planned.batches.map((batch) => asCooked.find(({ state }) => state.id === batch.state.id) ?? batch),
    }),
    [planned, asCooked],
  );
  const ready = asCooked.filter((batch) => (left.get(batch.state.id) ?? 0) === 0 || anyway.includes(batch.state.id));
  const cooking = asCooked.filter((batch) => !ready.includes(batch));
  if (run.state === 'loading') return <Loading what="Looking at what went in" />;
  return (
    <>
      {ready.map((batch, n) => (
        <BatchBoxes key={batch.state.id} view={view} batch={batch} first={n === 0}>
          {run.state === 'on' && <CoolingOf batch={batch} run={run} zone={view.kitchen.equipment.zone} />}
        </BatchBoxes>
      ))}
      {cooking.length > 0 && (
        <ul className="row-list" style={{ marginBottom: 24 }}>
          {cooking.map((batch) => (
            <li key={batch.state.id} className="still-cooking">
              <strong>{batch.recipe.document.component.name}</strong>
              <span className="soft">{stillCookingWords(left.get(batch.state.id) ?? 0)}</span>
              <Button onClick={() => setAnyway([...anyway, batch.state.id])}>
                Box {batch.recipe.document.component.name} anyway
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** The cooling of a dish, from when it left the heat: what was measured is an event of its run. */
function CoolingOf({ batch, run, zone }: { batch: ScaledBatchView; run: LiveRun; zone: string }) {
  const { facts } = run.cooked;
  const mine = Object.values(run.run.about).filter((task) => task.batch === batch.state.id);
  const left = leftTheHeat(batch.state.id, batch.scaled.recipe, run.run.about, facts);
  // What never stood on the heat, or dries in the cupboard, does not cool.
  if (!left || !batch.scaled.cautions.includes('cooling')) return null;
  const measured = mine.flatMap(({ id }) => facts.get(id)?.measured ?? []).sort((a, b) => a.at - b.at);
  const said = (wanted: Measured) => measured.filter(({ what }) => what === wanted);
  const readings = said('°C').map(({ at, value }) => ({ at, celsius: celsius(value) }));
  return (
    <Cooling
      dish={batch.recipe.document.component.name}
      since={left.at}
      kg={batch.scaled.yields.value.g.valueOf() / 1000}
      zone={zone}
      now={run.now}
      depthCm={said('cm deep').at(-1)?.value}
      stands={said('air °C').map(({ at, value }) => ({ at, air: celsius(value) }))}
      readings={readings}
      read={(what, value) => run.tap({ kind: 'measured', task: left.task, what, value })}
    />
  );
}

/** What boxing asks for, of what the dishes ask for at all. */
const BOXING: readonly CautionId[] = ['cooling', 'grain', 'garlic oil', 'bottling', 'sprouts'];
const cautionsOfBoxing = (open: readonly ScaledBatchView[]): readonly CautionId[] => {
  const asked = BOXING.filter((id) => open.some(({ scaled }) => scaled.cautions.includes(id)));
  return asked.includes('cooling') ? [...asked, 'two hours'] : asked;
};
/** The shortest days that a dish of grain is given. */
const daysOfGrain = (open: readonly ScaledBatchView[]): { readonly fridgeDays?: number } => {
  const days = open
    .filter(({ scaled }) => scaled.cautions.includes('grain'))
    .map(({ scaled }) => scaled.recipe.component.fridgeDays.value);
  return days.length > 0 ? { fridgeDays: Math.min(...days) } : {};
};

/** Steps of each batch that are not done in the run. */
function stepsLeft(run: RunState | undefined): ReadonlyMap<string, number> {
  const left = new Map<string, number>();
  if (!run) return left;
  const facts = foldRun(run.events);
  for (const { id, batch } of Object.values(run.about))
    if (batch && facts.get(id)?.doneAt === undefined) left.set(batch, (left.get(batch) ?? 0) + 1);
  return left;
}

/** Takes a putting away back, after asking: with a trace, and only as long as nobody has touched its boxes. */
function Again({ batch }: { batch: ScaledBatchView }) {
  const send = useCommand();
  const { modal, message } = App.useApp();
  const { name } = batch.recipe.document.component;
  const ask = () =>
    void modal.confirm({
      title: `Box ${name} again?`,
      content:
        'Its boxes are emptied in the ledger and its ingredients stand on the shelf again; both stay written down. Then it can be corrected and put away once more.',
      okText: 'Take it back',
      cancelText: 'Leave it',
      onOk: async () => {
        const sent = await send({
          path: `batches/${batch.state.id}/reopen`,
          body: { version: batch.state.version },
          touches: ['shelf', 'week', 'run'],
        });
        if (sent.ok) void message.success(`${name} waits to be boxed again.`);
      },
    });
  return (
    <Button size="small" onClick={ask} aria-label={`Box ${name} again`}>
      Box again …
    </Button>
  );
}

/** What a batch cost: by the portion from what was used, and what was paid at the till for its packs. */
function Booked({ view, batch }: { view: KitchenView; batch: ScaledBatchView }) {
  const { cost } = batch.state;
  if (!cost) return null;
  const { currency } = view.kitchen.equipment;
  const portions = Number(cost.portions);
  const shares = splitMoney(
    cost.usedMinor,
    Array.from({ length: portions }, () => new Fraction(1)),
  );
  const least = Math.min(...shares);
  const most = Math.max(...shares);
  return (
    <li className="booked" data-testid={`booked-${batch.recipe.document.component.name}`}>
      <strong>{batch.recipe.document.component.name}</strong>
      <span>{portionsText(portions)}</span>
      <span>
        {least !== most && `${moneyText(least, currency).split(' ')[0]} to `}
        <b className="number">{moneyText(most, currency)}</b> a portion
      </span>
      <span>{moneyText(cost.usedMinor, currency)} used</span>
      <span className="soft">{moneyText(cost.tillMinor, currency)} paid for the packs</span>
      <Again batch={batch} />
    </li>
  );
}
