import { minorDigits, type ShopLine, moneySign, moneyText } from '@kestrel-ridge/core/cost';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { Button, Input, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { placeFor } from '@kestrel-ridge/core/view';
import { cameHomeWords } from './costWords.ts';

interface Bought {
  readonly line: ShopLine;
  readonly amount: number | null;
  /** Major units, as on the till's receipt. */
  readonly price: number | null;
  readonly place: string | undefined;
  readonly bestBefore: string;
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Back from the shop: what was really bought, how much of it, for how much, and where it goes. One step puts all of it on the shelf. */
export function Home({
  view,
  lines,
  back,
  done,
}: {
  view: KitchenView;
  lines: readonly ShopLine[];
  back: () => void;
  done: () => void;
}) {
  const { currency } = view.kitchen.equipment;
  const minor = 10 ** minorDigits(currency);
  const [bought, setBought] = useState<readonly Bought[]>(() =>
    lines.map((line) => ({
      line,
      amount: Number((line.choice?.amount ?? line.missing).round(1).valueOf()),
      price: line.choice ? line.choice.minor / minor : null,
      place: placeFor(view, line.food),
      bestBefore: '',
    })),
  );
  const [shop, setShop] = useState('');
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const send = useCommand();
  const set = (n: number, what: Partial<Bought>) =>
    setBought(bought.map((each, at) => (at === n ? { ...each, ...what } : each)));
  const total = bought.reduce((sum, { price }) => sum + (price ?? 0), 0);
  const wrong = bought.find(
    ({ amount, place, bestBefore }) => !amount || place === undefined || (bestBefore !== '' && !DAY.test(bestBefore)),
  );

  const keep = async () => {
    setBusy(true);
    const sent = await send({
      path: 'lots/many',
      body: {
        lots: bought.map(({ line, amount, price, place, bestBefore }) => ({
          id: newId(),
          food: line.food.id,
          place,
          amount: new Fraction(Math.round((amount ?? 0) * 1000), 1000).toString(),
          origin: 'bought',
          ...(price === null ? {} : { priceMinor: Math.round(price * minor) }),
          ...(bestBefore ? { bestBefore } : {}),
          ...(shop.trim() ? { shop: shop.trim() } : {}),
        })),
      },
      touches: ['shelf', 'week', 'cost'],
      undo: cameHomeWords(bought.length),
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) done();
    else setFault(sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  return (
    <main className="page">
      <div className="page-head">
        <h1>What was bought</h1>
        <p>Change what was different: another pack, another price. Then all of it goes on the shelf in one step.</p>
      </div>
      <label className="home-shop">
        <span className="soft">bought at</span>
        <Input
          aria-label="Where it was bought"
          placeholder="may stay empty"
          value={shop}
          maxLength={60}
          onChange={(event) => setShop(event.target.value)}
        />
      </label>
      <ul className="row-list">
        {bought.map((each, n) => {
          const { food } = each.line;
          return (
            <li key={food.id} className="home-row">
              <strong>{food.name}</strong>
              <NumberInput
                aria-label={`Amount of ${food.name} bought`}
                min={0}
                controls={false}
                suffix={food.facts.base}
                value={each.amount}
                status={each.amount ? '' : 'error'}
                onChange={(amount) => set(n, { amount })}
              />
              <NumberInput
                aria-label={`Price of ${food.name}`}
                min={0}
                controls={false}
                precision={minorDigits(currency)}
                suffix={moneySign(currency)}
                placeholder="price"
                value={each.price}
                onChange={(price) => set(n, { price })}
              />
              <Select
                aria-label={`Where ${food.name} goes`}
                {...(each.place === undefined ? {} : { value: each.place })}
                options={view.kitchen.places.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={(place: string) => set(n, { place })}
              />
              <Input
                aria-label={`Best before of ${food.name}`}
                placeholder="best before 2027-03-31"
                value={each.bestBefore}
                status={each.bestBefore !== '' && !DAY.test(each.bestBefore) ? 'error' : ''}
                onChange={(event) => set(n, { bestBefore: event.target.value })}
              />
              <Button size="small" type="link" onClick={() => setBought(bought.filter((_, at) => at !== n))}>
                not bought
              </Button>
            </li>
          );
        })}
      </ul>
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
      <div className="give-row" style={{ marginTop: 18 }}>
        <Button size="large" onClick={back}>
          Back to the list
        </Button>
        <Button
          type="primary"
          size="large"
          loading={busy}
          disabled={bought.length === 0 || wrong !== undefined}
          onClick={() => void keep()}
        >
          Put {bought.length} on the shelf, {moneyText(Math.round(total * 10 ** minorDigits(currency)), currency)}
        </Button>
      </div>
    </main>
  );
}
