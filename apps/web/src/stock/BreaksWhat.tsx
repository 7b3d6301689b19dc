import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Link } from 'react-router';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { breaksWhenTaken } from '@kestrel-ridge/core/view';

/** Said before it is done: which dishes count on what is about to be taken, and the ways out. */
export function BreaksWhat({ view, lot, amount }: { view: KitchenView; lot: ShelfLot; amount: number }) {
  if (!(amount > 0)) return null;
  const broken = breaksWhenTaken(view, lot, new Fraction(Math.round(amount * 1000), 1000));
  if (broken.length === 0) return null;
  return (
    <div className="breaks" role="alert">
      {broken.map(({ batch, missing }) => (
        <p key={batch.state.id}>
          <strong>{batch.recipe.document.component.name}</strong> counts on it: {show(ofBase(lot.state.base, missing))}{' '}
          would be missing. <Link to={`/scale/${batch.state.id}`}>Make less, or use something instead</Link>, or{' '}
          <Link to="/shop">buy it</Link>.
        </p>
      ))}
    </div>
  );
}
