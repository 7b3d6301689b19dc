import { appNow } from '../parts/appNow.ts';
import type { HowKnown } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ShelfLot } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { untilWords } from '../parts/untilWords.ts';
import { AddLot } from './AddLot.tsx';
import { Counted } from './Counted.tsx';
import {
  countSteps,
  forgetLooks,
  fullOf,
  keepLooks,
  keptLooks,
  type Looked,
  type LookedAt,
  type Waits,
} from './countSteps.ts';
import { lotAmount, NAMELESS } from './lotWords.ts';
import './count.css';
import './shelf.css';

export default function CountPage() {
  return <WithKitchen>{(view) => <Count view={view} />}</WithKitchen>;
}

/** What was looked at on this tablet: kept here until the server has it, and sent again when it slept before an answer came. */
function useCounting(view: KitchenView) {
  const [looked, setLooked] = useState<Looked>(() => keptLooks(view.kitchen.id, appNow()));
  const [fault, setFault] = useState<string>();
  const send = useCommand();

  /** What was looked at goes on from what it is by then: an answer may come between a tap and the next picture. */
  const note = (change: (now: Looked) => Looked) =>
    setLooked((now) => {
      const next = change(now);
      keepLooks(view.kitchen.id, view.today, appNow(), next);
      return next;
    });

  const say = async (lot: ShelfLot, counted: Fraction, known: HowKnown) => {
    setFault(undefined);
    const before = looked[lot.state.id];
    const was = before?.was ?? lot.state.onHand;
    const same = counted.equals(lot.onHand) && known === lot.state.known;
    const waits = { key: newId(), amount: counted.round(3).toString(), known, version: lot.state.version };
    const entry: LookedAt = {
      food: lot.food.name,
      was,
      now: counted.toString(),
      base: lot.state.base,
      ...(same ? {} : { waits }),
    };
    // The next one comes at once; the tap is on its way.
    note((now) => ({ ...now, [lot.state.id]: entry }));
    if (!same) await tell(lot.state.id, lot.food.name, waits);
  };

  /** Sends a count; what is known of it afterwards is kept on the device. */
  const tell = async (id: string, food: string, { key, ...body }: Waits) => {
    const sent = await send({ path: `lots/${id}/count`, key, body, touches: ['shelf', 'week'], quiet: true });
    note((now) => {
      const { [id]: mine, ...rest } = now;
      const { waits: _sent, ...told } = mine ?? {};
      return sent.ok && mine ? { ...now, [id]: { ...(told as LookedAt), command: key } } : rest;
    });
    if (!sent.ok) setFault(`${food}: ${sent.problem.detail} It comes again.`);
  };

  const woke = useRef(false);
  useEffect(() => {
    if (woke.current) return;
    woke.current = true;
    // The tablet slept before an answer came: done twice it is not.
    for (const [id, { food, waits }] of Object.entries(looked)) if (waits) void tell(id, food, waits);
  });

  const forget = () => {
    forgetLooks(view.kitchen.id);
    setLooked({});
  };
  const takeBack = (id: string) => note(({ [id]: _gone, ...rest }) => rest);
  return { looked, fault, say, forget, takeBack };
}

/** Taking stock with the fridge door open: a place at a time, one thing after the other, one tap each. Each tap is kept at once. */
function Count({ view }: { view: KitchenView }) {
  const { looked, fault, say, forget, takeBack } = useCounting(view);
  const [placeId, setPlaceId] = useState<string>();
  const [back, setBack] = useState<string>();
  const [over, setOver] = useState(false);
  const send = useCommand();
  const byPlace = useMemo(
    () =>
      view.kitchen.places
        .map((place) => ({
          place,
          lots: view.lots
            .filter((lot) => lot.place.id === place.id)
            .sort((a, b) => a.food.name.localeCompare(b.food.name)),
        }))
        .filter(({ lots }) => lots.length > 0),
    [view.kitchen.places, view.lots],
  );
  const openIn = (lots: readonly ShelfLot[]) => lots.filter((lot) => !looked[lot.state.id]);
  const here = byPlace.find(({ place }) => place.id === placeId) ?? byPlace.find(({ lots }) => openIn(lots).length > 0);
  const queue = here ? openIn(here.lots) : [];
  const again = back === undefined ? undefined : view.lots.find((lot) => lot.state.id === back);
  const lot = again ?? queue[0];
  const total = view.lots.length;
  const seen = view.lots.filter((each) => looked[each.state.id]).length;

  const addNameless = () => {
    const food = [...view.foods.values()].find((each) => each.name === NAMELESS);
    const place = here?.place.id ?? view.kitchen.places[0]?.id;
    if (food && place)
      void send({
        path: 'lots',
        body: { id: newId(), food: food.id, place, amount: '500', origin: 'found', known: 'rough' },
        touches: ['shelf'],
        undo: 'A nameless box, about 500 g',
      });
  };

  if (total === 0 && seen === 0 && Object.keys(looked).length === 0)
    return (
      <main className="page">
        <Empty title="There is nothing to count yet">
          <Link to="/shelf">To the shelf</Link>
        </Empty>
      </main>
    );
  if (over || !lot)
    return (
      <Counted
        view={view}
        looked={looked}
        takenBack={(id) => {
          takeBack(id);
          setOver(true);
        }}
        goOn={queue.length > 0 || seen < total ? () => setOver(false) : undefined}
        finish={forget}
      />
    );

  return (
    <main className="page count-page">
      <div className="page-head head-row">
        <div>
          <h1>
            {seen} of {total} counted
          </h1>
          <p>Each tap is kept at once. Keys 1 to 6 say the same.</p>
        </div>
        <Button size="large" onClick={() => setOver(true)}>
          Finish the count
        </Button>
      </div>
      <nav className="count-places" aria-label="Places">
        {byPlace.map(({ place, lots }) => {
          const left = openIn(lots).length;
          return (
            <button
              key={place.id}
              type="button"
              className={place.id === lot.place.id ? 'here' : undefined}
              onClick={() => {
                setBack(undefined);
                setPlaceId(place.id);
              }}
            >
              {place.name} <small>{left === 0 ? '✓' : left}</small>
            </button>
          );
        })}
      </nav>
      <CountCard
        key={lot.state.id}
        lot={lot}
        view={view}
        say={(counted, known) => {
          setBack(undefined);
          void say(lot, counted, known);
        }}
        back={
          Object.keys(looked).length === 0
            ? undefined
            : () =>
                setBack(
                  Object.keys(looked)
                    .filter((id) => view.lots.some((each) => each.state.id === id))
                    .at(-1),
                )
        }
        fault={fault}
      />
      <AddLot view={view} />
      <Button onClick={addNameless}>A box nobody can name</Button>
    </main>
  );
}

/** One thing in hand: how full it is in one tap or one key, or how much exactly. */
function CountCard({
  lot,
  view,
  say,
  back,
  fault,
}: {
  lot: ShelfLot;
  view: KitchenView;
  say: (counted: Fraction, known: HowKnown) => void;
  /** To what was looked at last; undefined: there is nothing yet. */
  back: (() => void) | undefined;
  fault: string | undefined;
}) {
  const [amount, setAmount] = useState<number | null>(null);
  const full = fullOf(lot);
  const steps = countSteps(lot);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
      const step = steps.find(({ key }) => key === event.key);
      if (step) say(step.amount, step.known);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  return (
    <section className="count-card" aria-label={lot.food.name} aria-live="polite">
      <p className="soft">{lot.place.name}</p>
      <h2>{lot.food.name}</h2>
      <p>
        {lot.until ? untilWords(lot.until.value, view.today, lot.until.hours) : 'no date'}
        {lot.state.dates.openedOn && ', open'}
        {full.compare(lot.onHand) > 0 && `, of a pack of ${show(ofBase(lot.state.base, full))}`}
      </p>
      <div className="count-steps">
        {steps.map((step) => (
          <button key={step.key} type="button" onClick={() => say(step.amount, step.known)}>
            <strong>{step.name}</strong>
            <span>
              {step.key === '1'
                ? lotAmount(lot)
                : step.amount.equals(0)
                  ? 'nothing left'
                  : show(ofBase(lot.state.base, step.amount))}
            </span>
            <i aria-hidden="true">{step.key}</i>
          </button>
        ))}
      </div>
      <form
        className="count-amount"
        onSubmit={(event) => {
          event.preventDefault();
          if (amount !== null) say(new Fraction(Math.round(amount * 1000), 1000), 'exact');
        }}
      >
        <NumberInput
          size="large"
          controls={false}
          min={0}
          aria-label={`Exactly, in ${lot.state.base}`}
          placeholder="exactly"
          suffix={lot.state.base}
          value={amount}
          onChange={setAmount}
        />
        <Button size="large" htmlType="submit" disabled={amount === null}>
          Save amount
        </Button>
        <Button size="large" disabled={back === undefined} onClick={back}>
          Back
        </Button>
      </form>
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
