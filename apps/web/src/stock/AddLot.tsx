import { minorDigits, moneyText } from '@kestrel-ridge/core/cost';
import { inBaseOf } from '@kestrel-ridge/core/food';
import { readShelfLine, type ShelfLine } from '@kestrel-ridge/core/formats';
import { inBase, quantityOf, show, type Quantity, type UnitSystem } from '@kestrel-ridge/core/quantity';
import { Button, Input, Select } from 'antd';
import { useMemo, useRef, useState, type FormEvent } from 'react';
import { newId } from '../api/newId.ts';
import { useCommand } from '../api/useCommand.ts';
import type { KitchenView } from '../app/useKitchenState.ts';

/** Adds a lot from one line, understood as it is typed. What is missing is asked for beside the line. */
export function AddLot({ view }: { view: KitchenView }) {
  const [text, setText] = useState('');
  const [placeId, setPlaceId] = useState<string>();
  const [tried, setTried] = useState(false);
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const input = useRef<{ focus: () => void }>(null);
  const send = useCommand();
  const { currency } = view.kitchen.equipment;
  const bought = useMemo(
    () => [...view.foods.values()].filter((food) => food.facts.kind !== 'component' && food.facts.kind !== 'water'),
    [view.foods],
  );
  const read = useMemo(
    () => readShelfLine(text, bought, view.kitchen.places, minorDigits(currency)),
    [text, bought, view.kitchen.places, currency],
  );
  const place = read.place ?? view.kitchen.places.find((p) => p.id === placeId);
  const counted = amountOf(read, view.kitchen.equipment.units);

  const add = async (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    setFault(undefined);
    if (busy || !read.food || !place || counted.state !== 'known') return;
    setBusy(true);
    const amount = inBase(counted.quantity).round(3).toString();
    const sent = await send({
      path: 'lots',
      body: {
        id: newId(),
        food: read.food.id,
        place: place.id,
        amount,
        origin: read.priceMinor === undefined ? 'found' : 'bought',
        ...(read.priceMinor === undefined ? {} : { priceMinor: read.priceMinor }),
      },
      touches: ['shelf'],
      undo: `Added ${show(counted.quantity)} ${read.food.name}, ${place.name}`,
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) {
      setText('');
      setTried(false);
      input.current?.focus();
    } else setFault(sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  const asks = tried || text.length > 2;
  return (
    <section className="add-line">
      <form onSubmit={(event) => void add(event)}>
        <div style={{ flex: 1, minWidth: 240 }}>
          <label htmlFor="add-line">Add to the shelf</label>
          <Input
            id="add-line"
            ref={input as never}
            size="large"
            autoComplete="off"
            placeholder="500 g hazelnuts, dry cupboard, 6.40"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </div>
        <Button
          size="large"
          htmlType="submit"
          loading={busy}
          disabled={text.trim() === ''}
          style={{ alignSelf: 'end' }}
        >
          Add
        </Button>
      </form>
      {text.trim() !== '' && (
        <div className="add-read" aria-live="polite">
          {read.food ? (
            <span className="add-part">
              <b>{read.food.name}</b>
            </span>
          ) : (
            <span className="add-part asks">
              which food?{asks && read.rest ? ` “${read.rest}” is not known here` : ''}
            </span>
          )}
          {counted.state === 'known' ? (
            <span className="add-part">{show(counted.quantity)}</span>
          ) : (
            <span className="add-part asks">{counted.ask}</span>
          )}
          {place ? (
            <span className="add-part">{place.name}</span>
          ) : (
            <Select
              aria-label="Where does it go?"
              size="small"
              style={{ minWidth: 190 }}
              placeholder="Where does it go?"
              value={placeId}
              onChange={setPlaceId}
              options={view.kitchen.places.map(({ id, name }) => ({ value: id, label: name }))}
              status={tried ? 'error' : ''}
            />
          )}
          {read.priceMinor !== undefined && <span className="add-part">{moneyText(read.priceMinor, currency)}</span>}
          {read.food && read.rest && <span className="add-part asks">not understood: “{read.rest}”</span>}
        </div>
      )}
      {fault && (
        <p className="add-fault" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}

type Counted =
  { readonly state: 'known'; readonly quantity: Quantity } | { readonly state: 'asked'; readonly ask: string };

/** The amount in the unit this food is counted in, or what has to be asked. */
function amountOf(read: ShelfLine, units: UnitSystem = 'US'): Counted {
  if (!read.amount) return { state: 'asked', ask: 'how much? (500 g, 2 cups, 3)' };
  const written = quantityOf(read.amount, units);
  if (inBase(written).compare(0) <= 0) return { state: 'asked', ask: 'how much? more than nothing' };
  if (!read.food) return { state: 'known', quantity: written };
  const counted = inBaseOf(read.food, written);
  return counted.ok
    ? { state: 'known', quantity: counted.value }
    : { state: 'asked', ask: `in ${read.food.facts.base}? ${counted.problem.remedy}` };
}
