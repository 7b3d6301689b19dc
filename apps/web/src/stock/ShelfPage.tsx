import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { GiveStock } from './GiveStock.tsx';
import { AddLot } from './AddLot.tsx';
import { LotPanel } from './LotPanel.tsx';
import { LotRow } from './LotRow.tsx';
import { promisedOfLot } from '@kestrel-ridge/core/view';
import './shelf.css';
import { UseFirst } from './UseFirst.tsx';
import { rankedFirsts } from '@kestrel-ridge/core/view';
import { shelfHead } from './stockWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function ShelfPage() {
  return <WithKitchen>{(view) => <Shelf view={view} />}</WithKitchen>;
}

function Shelf({ view }: { view: KitchenView }) {
  // A label's code opens its box.
  const { lot: box } = useParams();
  const [open, setOpen] = useState(box);
  const byUrgency = useMemo(
    () =>
      [...view.lots].sort(
        (a, b) =>
          (a.until?.value ?? '9999').localeCompare(b.until?.value ?? '9999') || a.food.name.localeCompare(b.food.name),
      ),
    [view.lots],
  );
  const pressing = useMemo(() => rankedFirsts(view), [view]);
  const first = new Set(pressing.map((each) => each.lot.id));
  const chosen = view.lots.find((lot) => lot.state.id === open);
  const row = (lot: ShelfLot) => (
    <LotRow
      key={lot.state.id}
      lot={lot}
      promised={promisedOfLot(view, lot)}
      today={view.today}
      open={lot.state.id === open}
      onOpen={() => setOpen(lot.state.id === open ? undefined : lot.state.id)}
    />
  );

  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{shelfHead(pressing.length, view.lots.length)}</h1>
          <p>
            {view.lots.length > 0
              ? 'Touch a line to count it, move it, or throw it away.'
              : 'Write what is there, one line each.'}
          </p>
        </div>
        <div className="give-row">
          {view.lots.length > 0 && (
            <LinkButton to="/shelf/count" size="large">
              Take stock
            </LinkButton>
          )}
          <LinkButton to="/shelf/list" size="large">
            Paste a list
          </LinkButton>
          <GiveStock view={view} />
        </div>
      </div>
      <AddLot view={view} />
      <div className={chosen ? 'split' : undefined}>
        <div className="shelf-places">
          <UseFirst view={view} choose={setOpen} />
          {view.lots.length === 0 && (
            <Empty title="Nothing here yet">
              <p>
                Type a line above, such as <strong>500 g millet dry cupboard 2.40</strong>, and press Enter.
              </p>
            </Empty>
          )}
          {view.kitchen.places.map((place) => {
            const lots = byUrgency.filter((lot) => lot.place.id === place.id && !first.has(lot.state.id));
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
