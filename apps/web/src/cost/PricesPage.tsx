import { inKilos, kiloName, minorDigits, moneyText, type Price, moneySign } from '@kestrel-ridge/core/cost';
import { isTapWater, type Food } from '@kestrel-ridge/core/food';
import { asPriceRecord, PRICE_COLUMNS, harmlessRow } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show, counted } from '@kestrel-ridge/core/quantity';
import { App, Button, Input } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCostsQuery } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Away } from '../parts/Away.tsx';
import { Empty } from '../parts/Empty.tsx';
import { simulatedFeed, type PriceFeed } from '../devices/priceFeed.ts';
import { useTakePrices } from './useTakePrices.tsx';
import { giveFile } from '../parts/giveFile.ts';
import { Loading } from '../parts/Loading.tsx';
import { FoodAmount, NO_AMOUNT } from './FoodAmount.tsx';
import './shop.css';
import { pricesOf } from '@kestrel-ridge/core/view';
import { dateWords } from '../parts/times.ts';
import { pricesHead } from './costWords.ts';

const PriceChart = lazy(() => import('./PriceChart.tsx'));

export default function PricesPage() {
  return <WithKitchen>{(view) => <Prices view={view} />}</WithKitchen>;
}

/** The price book: what each food was bought for or asked for, where and when, by the kilo. */
function Prices({ view }: { view: KitchenView }) {
  const { data, error } = useCostsQuery(view.kitchen.id);
  const { pick, shown } = useTakePrices(view);
  const [open, setOpen] = useState<string>();
  const [query, setQuery] = useState('');
  const byFood = useMemo(() => (data ? grouped(pricesOf(data), view) : []), [data, view]);
  if (!data) return error ? <Away error={error} /> : <Loading />;
  const { currency } = view.kitchen.equipment;
  const asked = query.trim().toLowerCase();
  const found = byFood.filter(({ food }) => food.name.toLowerCase().includes(asked));
  const give = async () => {
    const { stringify } = await import('csv-stringify/browser/esm/sync');
    const rows = byFood.flatMap(({ food, prices }) =>
      prices.map(({ on, minor, amount, shop, from }) =>
        harmlessRow(asPriceRecord({ on, minor, amount: amount.toString(), from, ...(shop ? { shop } : {}) }, food)),
      ),
    );
    giveFile(
      `prices-${view.today}.csv`,
      'text/csv',
      stringify(rows, { header: true, columns: [...PRICE_COLUMNS], record_delimiter: 'windows' }),
    );
  };
  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{pricesHead(byFood.length)}</h1>
          <p>
            From what was bought, and what was noted by hand. <Link to="/shop">Back to the shop</Link>
          </p>
        </div>
        <div className="give-row">
          {byFood.length > 0 && <Button onClick={() => void give()}>Export CSV</Button>}
          {pick}
        </div>
      </div>
      {shown}
      <NotePrice view={view} />
      {view.kitchen.equipment.simulatedDevices && <Feed view={view} feed={simulatedFeed(pricesOf(data))} />}
      {byFood.length === 0 ? (
        <Empty title="Nothing to compare">
          <p>Put something on the shelf with its price, or note one above.</p>
        </Empty>
      ) : (
        <>
          <Input
            allowClear
            aria-label="Find a food"
            placeholder="millet …"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
            style={{ display: 'flex', maxWidth: 340, margin: '14px 0' }}
          />
          <ul className="row-list">
            {found.map(({ food, prices }) => {
              const [latest] = prices;
              if (!latest) return null;
              return (
                <li key={food.id}>
                  <button
                    type="button"
                    className="plain-button price-row"
                    aria-expanded={open === food.id}
                    onClick={() => setOpen(open === food.id ? undefined : food.id)}
                  >
                    <strong>{food.name}</strong>
                    <span className="number">
                      {moneyText(Math.round(inKilos(latest, food.facts.base).valueOf()), currency)}{' '}
                      <small>{kiloName(food.facts.base)}</small>
                    </span>
                    <span className="soft">
                      {show(ofBase(food.facts.base, latest.amount))} for {moneyText(latest.minor, currency)},{' '}
                      {dateWords(latest.on)}
                    </span>
                    <span className="soft">{counted(prices.length, 'price')}</span>
                  </button>
                  {open === food.id && (
                    <div className="price-open">
                      <Suspense fallback={<div style={{ height: 180 }} />}>
                        <PriceChart food={food} prices={prices} currency={currency} />
                      </Suspense>
                      <ul>
                        {prices.map((price) => (
                          <li key={`${price.on} ${price.minor} ${price.amount.toString()}`}>
                            {dateWords(price.on)}: {show(ofBase(food.facts.base, price.amount))} for{' '}
                            {moneyText(price.minor, currency)}
                            {price.shop && `, ${price.shop}`} <small>({price.from})</small>
                          </li>
                        ))}
                      </ul>
                    </div>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
    </main>
  );
}

/** Foods with a price, each with its prices, the latest first. */
function grouped(
  prices: readonly Price[],
  view: KitchenView,
): readonly { readonly food: Food; readonly prices: readonly Price[] }[] {
  return [...new Set(prices.map(({ food }) => food))]
    .flatMap((id) => {
      const food = view.foods.get(id);
      return food
        ? [{ food, prices: prices.filter((price) => price.food === id).sort((a, b) => b.on.localeCompare(a.on)) }]
        : [];
    })
    .sort((a, b) => a.food.name.localeCompare(b.food.name));
}

/** Today's prices from a feed: shown first, noted when the cook says so. */
function Feed({ view, feed }: { view: KitchenView; feed: PriceFeed }) {
  const [offered, setOffered] = useState<readonly Price[]>();
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const { message } = App.useApp();
  const { currency } = view.kitchen.equipment;
  const keep = async () => {
    if (!offered) return;
    setBusy(true);
    const prices = offered.map(({ food, on, minor, amount, shop }) => ({
      id: newId(),
      food,
      on,
      minor,
      amount: amount.toString(),
      ...(shop ? { shop } : {}),
    }));
    const sent = await send({ path: 'prices/many', body: { prices }, touches: ['cost'] });
    setBusy(false);
    if (!sent.ok) return;
    setOffered(undefined);
    void message.success(`Prices of the ${feed.name} are noted.`);
  };
  if (!offered)
    return (
      <Button style={{ marginTop: 10 }} onClick={() => void feed.pricesOn(view.today).then(setOffered)}>
        Ask the {feed.name}
      </Button>
    );
  return (
    <div className="price-open" style={{ marginTop: 12 }}>
      <p>
        {offered.length} packs, such as{' '}
        {offered
          .slice(0, 4)
          .map((price) => `${view.foods.get(price.food)?.name ?? ''} ${moneyText(price.minor, currency)}`)
          .join(', ')}
        .
      </p>
      <div className="give-row">
        <Button type="primary" loading={busy} onClick={() => void keep()}>
          Note them
        </Button>
        <Button onClick={() => setOffered(undefined)}>Leave them</Button>
      </div>
    </div>
  );
}

function NotePrice({ view }: { view: KitchenView }) {
  const [bought, setBought] = useState(NO_AMOUNT);
  const { food, amount } = bought;
  const [price, setPrice] = useState<number | null>(null);
  const [shop, setShop] = useState('');
  const send = useCommand();
  const { message } = App.useApp();
  const { currency } = view.kitchen.equipment;
  const minor = 10 ** minorDigits(currency);
  const chosen = food === undefined ? undefined : view.foods.get(food);
  const keep = async () => {
    if (food === undefined || !amount || price === null) return;
    const sent = await send({
      path: 'prices',
      body: {
        id: newId(),
        food,
        on: view.today,
        minor: Math.round(price * minor),
        amount: new Fraction(Math.round(amount * 1000), 1000).toString(),
        ...(shop.trim() ? { shop: shop.trim() } : {}),
      },
      touches: ['cost'],
    });
    if (!sent.ok) return;
    setBought({ food, amount: null });
    setPrice(null);
    void message.success(`A price of ${chosen?.name ?? ''} is noted.`);
  };
  return (
    <form
      className="floor-add"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <FoodAmount
        view={view}
        value={bought}
        change={setBought}
        food={{ label: 'Food of the price', hint: 'food' }}
        amount={{ label: 'Amount of the pack', hint: 'a pack of' }}
        only={({ id, facts }) => facts.kind !== 'component' && !isTapWater(id)}
      />
      <NumberInput
        aria-label="Price of the pack"
        min={0}
        controls={false}
        precision={minorDigits(currency)}
        placeholder="costs"
        suffix={moneySign(currency)}
        value={price}
        onChange={setPrice}
      />
      <Input
        aria-label="Shop"
        placeholder="where"
        maxLength={60}
        value={shop}
        onChange={(event) => setShop(event.target.value)}
        style={{ width: 160 }}
      />
      <Button htmlType="submit" disabled={food === undefined || !amount || price === null}>
        Save price
      </Button>
    </form>
  );
}
