import { CloseOutlined } from '@ant-design/icons';
import { moneyText } from '@kestrel-ridge/core/cost';
import type { LotState, MovementState } from '@kestrel-ridge/core/formats';
import { Fraction, dayAt, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Button, Form, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { useMovementsQuery } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { useKitchenId } from '../app/useKitchenId.ts';
import { GIVEN_AWAY, LEAVE_REASONS } from '@kestrel-ridge/core/stock';
import type { KitchenView, LotStep, ShelfLot } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { Why } from '../parts/Why.tsx';
import { dateWords } from '../parts/times.ts';
import { untilWords } from '../parts/untilWords.ts';
import { WhatFollows } from './WhatFollows.tsx';
import { allergenWords } from '@kestrel-ridge/core/food';
import { lotAllergens, lotAmount, NAMELESS } from './lotWords.ts';
import { NameIt } from './NameIt.tsx';
import { PromisedTo } from './PromisedTo.tsx';
import { awayWords } from './stockWords.ts';

const SHARES = [
  { name: 'all', share: 1 },
  { name: '¾', share: 0.75 },
  { name: 'half', share: 0.5 },
  { name: '¼', share: 0.25 },
  { name: 'gone', share: 0 },
];

/** What a part of the panel asks of the server, and where its fault is shown. */
interface Part {
  readonly view: KitchenView;
  readonly lot: ShelfLot;
  readonly ask: (section: string, path: string, body: object, undo: string) => Promise<void>;
  readonly fault: string | undefined;
}

const amountOf = (n: number | null): string => new Fraction(n ?? 0).round(3).toString();
const saidOf = ({ state }: ShelfLot, n: number): string => show(ofBase(state.base, n));

/** Everything that can happen to a lot, one beside the other: each is a movement in the ledger. */
export function LotPanel({ view, lot, close }: { view: KitchenView; lot: ShelfLot; close: () => void }) {
  const { state, food } = lot;
  const whole = lot.onHand.valueOf();
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const send = useCommand();

  const ask = async (section: string, path: string, body: object, undo: string) => {
    setFaults({});
    const sent = await send({
      touches: ['shelf', 'week'],
      path: `lots/${state.id}/${path}`,
      body: { ...body, version: state.version },
      undo,
      quiet: true,
    });
    if (sent.ok) return close();
    const { code, errors, detail, now } = sent.problem;
    const there = code === 'stale' ? (now as LotState | undefined)?.onHand : undefined;
    const both =
      there === undefined ? '' : ` It holds ${saidOf(lot, Number(there))} now; you saw ${saidOf(lot, whole)}.`;
    setFaults({ [section]: (errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || detail) + both });
  };
  const part = (section: string): Part => ({ view, lot, ask, fault: faults[section] });

  return (
    <aside className="aside lot-panel" aria-label={food.name}>
      <div style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'start' }}>
        <h2>{food.name}</h2>
        <Button type="text" icon={<CloseOutlined />} aria-label="Close" onClick={close} />
      </div>
      <p>
        <span className="number" style={{ fontSize: 22 }}>
          {lotAmount(lot)}
        </span>{' '}
        <span className="soft">in {lot.place.name}</span>
      </p>
      {lot.until && (
        <p>
          Keeps <Why because={lot.until.because}>{untilWords(lot.until.value, view.today, lot.until.hours)}</Why>
        </p>
      )}
      {state.priced && (
        <p className="soft">
          {moneyText(state.priced.minor, view.kitchen.equipment.currency)} for{' '}
          {show(ofBase(state.base, state.priced.amount))}
        </p>
      )}
      <PromisedTo view={view} lot={lot} />
      <p>{allergenWords(lotAllergens(lot))}</p>
      <CountPart {...part('count')} />
      {!state.dates.openedOn && lot.place.kind !== 'freezer' && state.origin !== 'made' && (
        <OpenPart {...part('open')} />
      )}
      {food.name === NAMELESS && <NameIt view={view} lot={lot} done={close} />}
      <MovePart {...part('move')} />
      <ThrowPart {...part('throw')} />
      <History lot={lot} zone={view.kitchen.equipment.zone} />
    </aside>
  );
}

/** How much is there: by eye in a tap, or to the gram. */
function CountPart({ view, lot, ask, fault }: Part) {
  const { state, food } = lot;
  const whole = lot.onHand.valueOf();
  const [count, setCount] = useState<number | null>(null);
  return (
    <section>
      <h3>How much is there?</h3>
      <div className="tap-row">
        {SHARES.map(({ name, share }) => (
          <Button
            key={name}
            onClick={() =>
              void ask(
                'count',
                'count',
                { amount: amountOf(whole * share) },
                `Counted ${food.name}: ${saidOf(lot, whole * share)}`,
              )
            }
          >
            {name}
          </Button>
        ))}
      </div>
      <Form.Item validateStatus={fault ? 'error' : ''} help={fault} style={{ marginTop: 8 }}>
        {count !== null && <WhatFollows view={view} steps={stepsOf(lot, whole - count)} />}
        <NumberInput
          controls={false}
          aria-label={`Amount of ${food.name} in ${state.base}`}
          min={0}
          suffix={state.base}
          value={count}
          onChange={setCount}
          style={{ width: 130 }}
        />{' '}
        <Button
          disabled={count === null}
          onClick={() =>
            void ask('count', 'count', { amount: amountOf(count) }, `Counted ${food.name}: ${saidOf(lot, count ?? 0)}`)
          }
        >
          Correct
        </Button>
      </Form.Item>
    </section>
  );
}

/** A pack is opened; what keeps only in the cold once it is open goes there in the same step. */
function OpenPart({ view, lot, ask, fault }: Part) {
  const { food } = lot;
  const amount = amountOf(lot.onHand.valueOf());
  const fridge =
    food.facts.opened?.fridge && lot.place.kind !== 'fridge'
      ? view.kitchen.places.find((place) => place.kind === 'fridge')
      : undefined;
  return (
    <section>
      {fridge && (
        <Button
          onClick={() =>
            void ask('open', 'open', { id: newId(), amount, place: fridge.id }, `Opened ${food.name}, into the fridge`)
          }
        >
          Opened, into the fridge
        </Button>
      )}{' '}
      <Button onClick={() => void ask('open', 'open', { id: newId(), amount }, `Opened ${food.name}`)}>
        {fridge ? 'Opened, stays here' : 'Opened today'}
      </Button>
      {fault && <p className="cannot">{fault}</p>}
    </section>
  );
}

/** To another place; what was thawed goes back into the freezer only by the plain word for it. */
function MovePart({ view, lot, ask, fault }: Part) {
  const { state, food } = lot;
  const whole = lot.onHand.valueOf();
  const [moved, setMoved] = useState<number | null>(whole);
  const [to, setTo] = useState<string>();
  const again =
    lot.place.kind !== 'freezer' && view.kitchen.places.find(({ id }) => id === to)?.kind === 'freezer'
      ? state.dates.thawedOn
      : undefined;
  return (
    <section>
      <h3>Move</h3>
      <Form.Item validateStatus={fault ? 'error' : ''} help={fault}>
        <Select
          aria-label="New place"
          placeholder="Where to?"
          style={{ width: '100%', marginBottom: 8 }}
          value={to}
          onChange={setTo}
          options={view.kitchen.places
            .filter((place) => place.id !== lot.place.id)
            .map(({ id, name }) => ({ value: id, label: name }))}
        />
        <NumberInput
          controls={false}
          aria-label={`Amount to move in ${state.base}`}
          min={0}
          max={whole}
          suffix={state.base}
          value={moved}
          onChange={setMoved}
          style={{ width: 130 }}
        />{' '}
        <Button
          disabled={!to || !moved}
          onClick={() =>
            void ask(
              'move',
              'move',
              { id: newId(), place: to, amount: amountOf(moved), ...(again ? { again: true } : {}) },
              `Moved ${saidOf(lot, moved ?? 0)} ${food.name}`,
            )
          }
        >
          {again ? 'Freeze it once more' : 'Move'}
        </Button>
        {again && (
          <p className="soft">
            It was thawed on {dateWords(again)}. Only what thawed in the fridge may be frozen once more; it loses bite,
            and keeps no longer than before.
          </p>
        )}
      </Form.Item>
      {to && <WhatFollows view={view} steps={stepsOf(lot, moved, to)} />}
      {lot.place.kind === 'freezer' && <Cautions ids={['thaw', 'thawed at once']} />}
      {lot.until?.hours !== undefined && <Cautions ids={['two hours']} />}
    </section>
  );
}

/** Thrown or given away, with the reason: the next plan learns from it. */
function ThrowPart({ view, lot, ask, fault }: Part) {
  const { state, food } = lot;
  const whole = lot.onHand.valueOf();
  const [thrown, setThrown] = useState<number | null>(whole);
  const [reason, setReason] = useState<string>(LEAVE_REASONS[0]);
  const given = reason === GIVEN_AWAY;
  return (
    <section>
      <h3>Throw or give away</h3>
      <WhatFollows view={view} steps={stepsOf(lot, thrown)} />
      <Form.Item validateStatus={fault ? 'error' : ''} help={fault}>
        <Select
          aria-label="Why?"
          style={{ width: '100%', marginBottom: 8 }}
          value={reason}
          onChange={setReason}
          options={LEAVE_REASONS.map((value) => ({ value, label: value }))}
        />
        <NumberInput
          controls={false}
          aria-label={`Amount thrown away in ${state.base}`}
          min={0}
          max={whole}
          suffix={state.base}
          value={thrown}
          onChange={setThrown}
          style={{ width: 130 }}
        />{' '}
        <Button
          danger={!given}
          disabled={!thrown}
          onClick={() =>
            void ask(
              'throw',
              'throw',
              { amount: amountOf(thrown), reason },
              awayWords(given, saidOf(lot, thrown ?? 0), food.name),
            )
          }
        >
          {given ? 'Give away' : 'Throw'}
        </Button>
      </Form.Item>
    </section>
  );
}

/** The same thing as something that is about to happen. */
const stepsOf = (lot: ShelfLot, amount: number | null, to?: string): readonly LotStep[] => [
  { lot, amount: new Fraction(Math.round((amount ?? 0) * 1000), 1000), ...(to === undefined ? {} : { to }) },
];

function History({ lot, zone }: { lot: ShelfLot; zone: string }) {
  const kitchen = useKitchenId();
  const { data } = useMovementsQuery({ kitchen, lot: lot.state.id });
  if (!data || data.length === 0) return null;
  return (
    <section>
      <h3>What happened to it</h3>
      <ul className="lot-history">
        {data.slice(0, 8).map((movement) => (
          <li key={movement.id}>
            <span>
              {movement.kind}
              {movement.reason ? `, ${movement.reason}` : ''}
              <small className="soft"> {dateWords(dayAt(new Date(movement.at), zone))}</small>
            </span>
            <strong>{signed(movement, lot)}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

const signed = (movement: MovementState, lot: ShelfLot): string =>
  `${movement.amount.startsWith('-') ? '−' : '+'}${show(ofBase(lot.state.base, new Fraction(movement.amount).abs()))}`;
