import { moneyText, splitMoney } from '@kestrel-ridge/core/cost';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ScaledBatchView } from '../app/useKitchenState.ts';
import { Cautions } from '../parts/Cautions.tsx';
import { Empty } from '../parts/Empty.tsx';
import { BatchBoxes } from './BatchBoxes.tsx';
import './putAway.css';

export default function PutAwayPage() {
  return <WithKitchen>{(view) => <PutAway view={view} />}</WithKitchen>;
}

function PutAway({ view }: { view: KitchenView }) {
  const open = view.batches.filter((batch) => batch.state.status === 'planned');
  const done = view.batches.filter((batch) => batch.state.status === 'put away');
  const cooked = view.session?.status === 'running' || done.length > 0;
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {open.length === 0 && done.length > 0 ? 'All is put away' : !cooked ? 'Nothing is cooked yet' : `${open.length} ${open.length === 1 ? 'dish' : 'dishes'} to box`}
        </h1>
        <p>{cooked && open.length > 0 ? 'Shallow boxes, name and date on each. Then the ingredients leave the shelf and the cost is booked.' : ''}</p>
      </div>
      {!cooked && (
        <Empty title="First the cooking">
          <p>When a session has been started, its dishes are put into boxes here.</p>
          <Link to="/cook">To the plan</Link>
        </Empty>
      )}
      {cooked && open.length > 0 && (
        <div style={{ marginBottom: 20 }}>
          <Cautions ids={['cooling', 'grain']} />
        </div>
      )}
      {cooked && open.map((batch) => <BatchBoxes key={batch.state.id} view={view} batch={batch} />)}
      {done.length > 0 && (
        <section>
          <h2 style={{ marginBottom: 8 }}>Put away</h2>
          <ul className="row-list">
            {done.map((batch) => (
              <Booked key={batch.state.id} view={view} batch={batch} />
            ))}
          </ul>
          {open.length === 0 && (
            <p style={{ marginTop: 16 }}>
              <Link to="/eat">To the boxes</Link>
            </p>
          )}
        </section>
      )}
    </main>
  );
}

/** What a batch cost: by the portion from what was used, and what was paid at the till for its packs. */
function Booked({ view, batch }: { view: KitchenView; batch: ScaledBatchView }) {
  const { cost } = batch.state;
  if (!cost) return null;
  const { currency } = view.kitchen.equipment;
  const portions = Number(cost.portions);
  const shares = splitMoney(cost.usedMinor, Array.from({ length: portions }, () => new Fraction(1)));
  const most = Math.max(...shares);
  const same = shares.every((share) => share === most);
  return (
    <li className="booked" data-testid={`booked-${batch.recipe.document.component.name}`}>
      <strong>{batch.recipe.document.component.name}</strong>
      <span>{portions} portions</span>
      <span>
        <b className="number">{moneyText(most, currency)}</b> a portion{same ? '' : ' at most'}
      </span>
      <span>{moneyText(cost.usedMinor, currency)} used</span>
      <span className="soft">{moneyText(cost.tillMinor, currency)} paid for the packs</span>
    </li>
  );
}
