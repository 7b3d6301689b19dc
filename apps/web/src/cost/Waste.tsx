import { moneyText } from '@kestrel-ridge/core/cost';
import type { CostState } from '@kestrel-ridge/core/formats';
import { Fraction, dayAt, ofBase, show } from '@kestrel-ridge/core/quantity';
import { GIVEN_AWAY } from '@kestrel-ridge/core/stock';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { dateWords } from '../parts/times.ts';

/** What was thrown away in four weeks, and what it had cost: a line of its own, not hidden in the price of a portion. */
export function Waste({ view, costs }: { view: KitchenView; costs: CostState }) {
  const thrown = costs.thrown.filter(({ reason }) => reason !== GIVEN_AWAY);
  if (thrown.length === 0) return null;
  const { currency } = view.kitchen.equipment;
  const known = thrown.filter(({ minor }) => minor !== null);
  const total = known.reduce((sum, { minor }) => sum + (minor ?? 0), 0);
  return (
    <section className="floors" aria-label="Thrown away">
      <h2>
        Thrown away in four weeks: {known.length < thrown.length && 'at least '}
        {moneyText(total, currency)}
      </h2>
      <ul className="row-list">
        {thrown.slice(0, 12).map(({ food, amount, at, reason, minor }) => {
          const known_ = view.foods.get(food);
          return (
            <li key={`${at} ${food} ${amount}`} className="floor-row">
              <strong>{known_?.name}</strong>
              <span>{known_ && show(ofBase(known_.facts.base, new Fraction(amount)))}</span>
              <span className="soft">
                {reason}, {dateWords(dayAt(new Date(at), view.kitchen.equipment.zone))}
              </span>
              <span className="number">{minor === null ? 'no price' : moneyText(minor, currency)}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
