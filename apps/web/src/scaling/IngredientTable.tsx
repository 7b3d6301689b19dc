import { Fraction, baseUnitOf, inBase, ofBase, show } from '@kestrel-ridge/core/quantity';
import { wholeOf, type Revision } from '@kestrel-ridge/core/recipe';
import { perLoad, showAmount, showFirst, type ScaledBatch, type ScaledLine } from '@kestrel-ridge/core/scaling';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { FillSlot } from './FillSlot.tsx';
import { Instead } from './Instead.tsx';
import { batchesOf, freeFor } from '@kestrel-ridge/core/view';

/** What goes in, in measures this kitchen has, beside what the shelf holds of it. */
export function IngredientTable({
  view,
  scaled,
  swappable,
}: {
  view: KitchenView;
  scaled: ScaledBatch;
  swappable?: ScaledBatchView;
}) {
  const loads = scaled.loads.value.loads;
  const split = loads > 1 && (scaled.recipe.vessel === 'cooker' || scaled.recipe.vessel === 'jug');
  return (
    <table className="ingredients">
      <thead>
        <tr>
          <th scope="col">ingredient</th>
          <th scope="col" className="amount">
            total
          </th>
          {split && (
            <th scope="col" className="amount">
              per load
            </th>
          )}
          <th scope="col" className="amount">
            in stock
          </th>
        </tr>
      </thead>
      <tbody>
        {scaled.lines.map((line) => (
          <Row
            key={line.line.id}
            view={view}
            recipe={scaled.recipe}
            line={line}
            loads={loads}
            split={split}
            swappable={swappable}
          />
        ))}
      </tbody>
    </table>
  );
}

function Row({
  view,
  recipe,
  line,
  loads,
  split,
  swappable,
}: {
  view: KitchenView;
  recipe: Revision;
  line: ScaledLine;
  loads: number;
  split: boolean;
  swappable: ScaledBatchView | undefined;
}) {
  const { food, amount, fromShelf } = line;
  const { equipment } = view.kitchen;
  const shown = showAmount(amount.value, food, equipment);
  const one = showAmount(perLoad(line, loads), food, equipment);
  const mine = swappable ? [swappable.state.id] : batchesOf(view, recipe);
  const { there, cooked, free, promised } = freeFor(view, food.id, mine);
  const need = fromShelf ? inBase(fromShelf.value) : new Fraction(0);
  const enough = free.compare(need.sub(new Fraction(1, 10))) >= 0;
  const unit = fromShelf ? baseUnitOf(fromShelf.value) : food.facts.base;
  const open = (swappable?.written ?? { lines: [line.line] }).lines.find(
    (each) => each.id === wholeOf(line.line.id) && each.slot,
  );
  const slot = open && { ...open, id: line.line.id };
  const first = line.first && showFirst(amount.value, line.first, food, equipment);
  const linear = line.inProportion && showAmount(line.inProportion, food, equipment);
  const peeled = fromShelf && line.line.prepared && fromShelf.because.parts !== undefined;
  return (
    <tr className={line.line.optional ? 'optional' : undefined}>
      <th scope="row">
        <span className="food">{food.name}</span>
        {line.line.form && <small> {line.line.form}</small>}
        {line.line.optional && <small> optional</small>}
        {line.line.comesOut && <small> comes out again</small>}
        {line.between && (
          <small>
            {showAmount(line.between.from, food, equipment).first} to{' '}
            {showAmount(line.between.to, food, equipment).first}
          </small>
        )}
        {swappable && slot && <FillSlot view={view} batch={swappable} line={slot} />}
        {swappable && fromShelf && !slot && <Instead view={view} batch={swappable} line={line.line.id} />}
      </th>
      <td className="amount">
        <Why because={amount.because}>
          <span className="number">{shown.first}</span>
        </Why>
        {shown.second && <small>{shown.second}</small>}
        {first && <small>{first.first} first, then taste</small>}
        {linear && <small>held back: {linear.first} if it grew with the batch</small>}
        {shown.error !== undefined && (
          <small className="off">
            scoops are {Math.abs(Math.round(shown.error * 100))} % {shown.error > 0 ? 'over' : 'under'}
          </small>
        )}
      </td>
      {split && (
        <td className="amount">
          <span className="number">{one.first}</span>
          {one.second && <small>{one.second}</small>}
        </td>
      )}
      <td className="amount">
        {!fromShelf ? (
          <span className="soft">tap</span>
        ) : (
          <>
            <span className={enough ? undefined : 'cannot'}>
              {enough ? '✓ ' : '✕ '}
              {show(ofBase(unit, there))}
            </span>
            {cooked.compare(0) > 0 && <small>{show(ofBase(unit, cooked))} cooked before</small>}
            {promised.compare(0) > 0 && <small>{show(ofBase(unit, promised))} for other dishes</small>}
            {peeled && (
              <small>
                needs <Why because={fromShelf.because}>{show(fromShelf.value)}</Why> with peel
              </small>
            )}
          </>
        )}
      </td>
    </tr>
  );
}
