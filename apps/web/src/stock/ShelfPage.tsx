import { useMemo, useState } from 'react';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ShelfLot } from '../app/useKitchenState.ts';
import { Empty } from '../parts/Empty.tsx';
import { AddLot } from './AddLot.tsx';
import { LotPanel } from './LotPanel.tsx';
import { LotRow } from './LotRow.tsx';
import './shelf.css';

export default function ShelfPage() {
  return <WithKitchen>{(view) => <Shelf view={view} />}</WithKitchen>;
}

const PRESSING = ['past', 'today', 'soon'];

function Shelf({ view }: { view: KitchenView }) {
  const [open, setOpen] = useState<string>();
  const byUrgency = useMemo(
    () =>
      [...view.lots].sort(
        (a, b) =>
          (a.until?.value ?? '9999').localeCompare(b.until?.value ?? '9999') || a.food.name.localeCompare(b.food.name),
      ),
    [view.lots],
  );
  const pressing = byUrgency.filter((lot) => PRESSING.includes(lot.urgency));
  const chosen = view.lots.find((lot) => lot.state.id === open);
  const row = (lot: ShelfLot) => (
    <LotRow
      key={lot.state.id}
      lot={lot}
      today={view.today}
      open={lot.state.id === open}
      onOpen={() => setOpen(lot.state.id === open ? undefined : lot.state.id)}
    />
  );

  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {pressing.length > 0
            ? `Use ${pressing.length === 1 ? 'one thing' : `${pressing.length} things`} first`
            : view.lots.length > 0
              ? 'Nothing on the shelf presses'
              : 'The shelf is empty'}
        </h1>
        <p>
          {view.lots.length > 0
            ? 'Touch a line to count it, move it, or throw it away.'
            : 'Write what is there, one line each.'}
        </p>
      </div>
      <AddLot view={view} />
      <div className={chosen ? 'split' : undefined}>
        <div className="shelf-places">
          {pressing.length > 0 && (
            <section className="shelf-place pressing" aria-label="Use first">
              <h2>Use first</h2>
              <ul className="row-list">{pressing.map(row)}</ul>
            </section>
          )}
          {view.lots.length === 0 && (
            <Empty title="Nothing here yet">
              <p>
                Type a line above, such as <strong>500 g millet dry cupboard 2.40</strong>, and press Enter.
              </p>
            </Empty>
          )}
          {view.kitchen.places.map((place) => {
            const lots = byUrgency.filter((lot) => lot.place.id === place.id && !PRESSING.includes(lot.urgency));
            if (lots.length === 0) return null;
            return (
              <section className="shelf-place" key={place.id} aria-label={place.name}>
                <h2>{place.name}</h2>
                <ul className="row-list">{lots.map(row)}</ul>
              </section>
            );
          })}
        </div>
        {chosen && <LotPanel key={chosen.state.id} view={view} lot={chosen} close={() => setOpen(undefined)} />}
      </div>
    </main>
  );
}
