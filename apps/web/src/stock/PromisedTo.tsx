import { ofBase, show } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { promisesOf } from '@kestrel-ridge/core/view';

/** Which dishes count on this lot, and how much of it is free. */
export function PromisedTo({ view, lot }: { view: KitchenView; lot: ShelfLot }) {
  const mine = promisesOf(view).promises.promised.filter((each) => each.lot === lot.state.id);
  if (mine.length === 0) return null;
  const free = mine.reduce((sum, { amount }) => sum.sub(amount), lot.onHand);
  return (
    <ul className="promised-to">
      {mine.map(({ for: batch, amount }) => (
        <li key={batch}>
          <Link to={`/scale/${batch}`}>
            {view.batches.find((each) => each.state.id === batch)?.recipe.document.component.name}
          </Link>
          <span>{show(ofBase(lot.state.base, amount))}</span>
        </li>
      ))}
      <li>
        <span className="soft">free</span>
        <span>{show(ofBase(lot.state.base, free))}</span>
      </li>
    </ul>
  );
}
