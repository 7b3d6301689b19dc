import { byProductsOf, keptApart } from '@kestrel-ridge/core/scaling';
import { Fraction, show, times } from '@kestrel-ridge/core/quantity';
import { Checkbox, Select } from 'antd';
import { countedOnBeside, type KitchenView, type ScaledBatchView } from '@kestrel-ridge/core/view';
import { countedOnWords } from './besideWords.ts';
import type { DraftBox } from './boxDrafts.ts';
import { apartWords } from './storageWords.ts';

/** A by-product that is kept, and where. */
export type Kept = Readonly<Record<string, string | undefined>>;

/** What does not go into the same hot boxes: what was taken out mild, what is put on at the plate, counted by the box; and what else came out of the pot. */
export function Apart({
  view,
  batch,
  boxes,
  kept,
  keep,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  boxes: readonly DraftBox[];
  kept: Kept;
  keep: (kept: Kept) => void;
}) {
  const apart = keptApart(batch.scaled);
  const shelf = byProductsOf(batch.scaled).filter(({ goes }) => goes.to === 'shelf');
  const places = view.kitchen.places.filter(({ kind }) => kind === 'fridge' || kind === 'freezer');
  const sizes = [...new Set(boxes.map(({ portions }) => portions))].sort((a, b) => b - a);
  const { mild } = batch.state.choice;
  const counted = countedOnBeside(view, batch);
  if (apart.length === 0 && shelf.length === 0 && !mild) return null;
  return (
    <div className="apart">
      {mild && (
        <p>
          <b>{mild.share} of it is mild</b>, {show(times(batch.scaled.yields.value, new Fraction(mild.share)))} for{' '}
          {mild.who.join(', ')}: a box of its own, with their name on the lid.
        </p>
      )}
      {apart.map(({ line, food, amount }) => {
        const each = times(amount.value, new Fraction(1).div(batch.scaled.portions));
        return (
          <p key={line.id}>
            <b>{food.name}</b> stays out of the boxes until it is eaten:{' '}
            {apartWords(sizes.map((n) => ({ amount: show(times(each, new Fraction(n))), portions: n })))}.
          </p>
        );
      })}
      {shelf.map(({ name, amount }) => (
        <p key={name}>
          <Checkbox
            checked={kept[name] !== undefined}
            onChange={({ target }) => keep({ ...kept, [name]: target.checked ? places[0]?.id : undefined })}
          >
            Keep the <b>{name}</b>, {show(amount)}
          </Checkbox>{' '}
          {kept[name] !== undefined && (
            <Select
              aria-label={`Where the ${name} goes`}
              size="small"
              value={kept[name]}
              onChange={(place) => keep({ ...kept, [name]: place })}
              options={places.map(({ id, name: label }) => ({ value: id, label }))}
            />
          )}
          <span className="counted-on soft">{countedOnWords(counted.get(name) ?? [], kept[name] !== undefined)}</span>
        </p>
      ))}
    </div>
  );
}

/** All that the recipe sends to the shelf is kept in the fridge, until somebody says otherwise. */
export function keptAtFirst(view: KitchenView, batch: ScaledBatchView): Kept {
  const fridge = view.kitchen.places.find(({ kind }) => kind === 'fridge')?.id;
  return Object.fromEntries(
    byProductsOf(batch.scaled).flatMap(({ name, goes }) => (goes.to === 'shelf' ? [[name, fridge]] : [])),
  );
}
