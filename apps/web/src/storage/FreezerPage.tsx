import { ofBase, portionsText, show } from '@kestrel-ridge/core/quantity';
import type { BlockTimes } from '@kestrel-ridge/core/storage';
import { readyFrom, timesOfBox, weekDays } from '@kestrel-ridge/core/view';
import { servedAt, slotAt } from '@kestrel-ridge/core/week';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { Why } from '../parts/Why.tsx';
import { dateWords, dayName } from '../parts/times.ts';
import { useMinute } from '../session/useMinute.ts';
import { eveningItems } from '../week/eveningItems.ts';
import { useWeekChange } from '../week/useWeekChange.ts';
import { freeBoxes } from '@kestrel-ridge/core/view';
import './freezer.css';
import { freezerHead } from './storageWords.ts';

export default function FreezerPage() {
  return <WithKitchen>{(view) => <Freezer view={view} />}</WithKitchen>;
}

/** The freezer as it is opened: bin by bin, box by box, the oldest first. */
function Freezer({ view }: { view: KitchenView }) {
  const bins = view.kitchen.places.filter(({ kind }) => kind === 'freezer');
  const lotsIn = (bin: string) =>
    view.lots
      .filter(({ place }) => place.id === bin)
      .sort((a, b) => (a.state.dates.frozenOn ?? '').localeCompare(b.state.dates.frozenOn ?? ''));
  const boxes = view.lots.filter(({ place, state }) => place.kind === 'freezer' && state.portionG !== null);
  const portions = Math.round(boxes.reduce((sum, lot) => sum + portionsOf(lot), 0));
  const block = deepest(boxes.map(({ state }) => timesOfBox(view, state.box)));
  const now = useMinute();
  const meals = new Map(eveningItems(view, now).flatMap(({ lot, detail }) => (lot ? [[lot.state.id, detail]] : [])));
  const change = useWeekChange(view);
  /** The first dinner that is open, from the day on that leaves it time to thaw. */
  const giveMeal = (lot: ShelfLot) => {
    const ready = readyFrom(view, lot, now);
    const day = weekDays(view.today).find(
      (on) =>
        servedAt(view.week.slots, on, 'dinner', view.kitchen.equipment.zone) >= ready &&
        !slotAt(view.week.slots, on, 'dinner')?.parts.length,
    );
    if (!day) return;
    const was = slotAt(view.week.slots, day, 'dinner');
    void change(
      { slots: [{ guests: 0, ...was, day, meal: 'dinner', parts: [{ food: lot.food.id, portions: 1 }] }] },
      `${lot.food.name} for ${dayName(day)} dinner`,
    );
  };
  const free = freeBoxes(view).filter(({ free: left }) => left !== undefined);
  return (
    <main className="page">
      <div className="page-head">
        <h1>{freezerHead(portions, boxes.length)}</h1>
        <p>
          {block && (
            <>
              Into the fridge up to <Why because={block.because}>{block.aheadHours} h</Why> before it is eaten;{' '}
            </>
          )}
          thawed on the worktop it is not frozen again. Touch a box to open it.
          {free.length > 0 && ` Empty boxes: ${free.map(({ name, free: left }) => `${left} ${name}`).join(', ')}.`}
        </p>
      </div>
      {bins.length === 0 && (
        <Empty title="This kitchen has no freezer">
          <p>Add one among its places.</p>
          <Link to="/kitchen">To the kitchen</Link>
        </Empty>
      )}
      {bins.map((bin) => (
        <section key={bin.id} className="bin" aria-label={bin.name}>
          <h2>{bin.name}</h2>
          {lotsIn(bin.id).length === 0 ? (
            <p className="soft">empty</p>
          ) : (
            <ul>
              {lotsIn(bin.id).map((lot) => (
                <li key={lot.state.id} className={lot.urgency === 'past' ? 'past' : ''}>
                  <Link to={`/box/${lot.state.id}`}>
                    <b>{lot.food.name}</b>
                    <span className="number">
                      {lot.state.portionG === null
                        ? show(ofBase(lot.food.facts.base, lot.onHand))
                        : portionsText(portionsOf(lot))}
                    </span>
                    <small>
                      {lot.state.dates.frozenOn
                        ? `in since ${dateWords(lot.state.dates.frozenOn)}`
                        : 'nobody knows since when'}
                      {lot.until && `, best by ${dateWords(lot.until.value)}`}
                    </small>
                  </Link>
                  {lot.state.portionG !== null && (
                    <small className="bin-meal">
                      {meals.get(lot.state.id) ?? (
                        <>
                          no meal yet{' '}
                          <button type="button" className="why" onClick={() => giveMeal(lot)}>
                            give it one
                          </button>
                        </>
                      )}
                    </small>
                  )}
                </li>
              ))}
            </ul>
          )}
        </section>
      ))}
      <p>
        <Link to="/put-away">Back to the boxes</Link> · <Link to="/shelf">the whole shelf</Link>
      </p>
    </main>
  );
}

/** Of all the boxes the one that takes longest. */
const deepest = (times: readonly BlockTimes[]): BlockTimes | undefined =>
  [...times].sort((a, b) => b.aheadHours - a.aheadHours)[0];

const portionsOf = ({ state, onHand }: ShelfLot): number =>
  state.portionG === null ? 0 : onHand.valueOf() / Number(state.portionG);
