import { appNow } from '../parts/appNow.ts';
import { moneyText, SECTIONS, shopText, type ShopLine, type ShopList } from '@kestrel-ridge/core/cost';
import type { CostState } from '@kestrel-ridge/core/formats';
import type { Food } from '@kestrel-ridge/core/food';
import { mass, ofBase, show, DAY_MS } from '@kestrel-ridge/core/quantity';
import { foodsOfRecipe } from '@kestrel-ridge/core/recipe';
import { Button, Checkbox } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCostsQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Away } from '../parts/Away.tsx';
import { Empty } from '../parts/Empty.tsx';
import { giveCalendar } from '../parts/calendarFile.ts';
import { giveFile } from '../parts/giveFile.ts';
import { Loading } from '../parts/Loading.tsx';
import { Why } from '../parts/Why.tsx';
import { Floors } from './Floors.tsx';
import { Home } from './Home.tsx';
import { missingOf } from '@kestrel-ridge/core/view';
import './shop.css';
import { shopFor } from '@kestrel-ridge/core/view';
import { keepTicks, keptTicks, missed, ticked, type Ticks } from './shopTicks.ts';
import { Waste } from './Waste.tsx';
import { kiloWords, overWords, packsWords, shopHead, tripWords, whyBuyWords } from './costWords.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function ShopPage() {
  return <WithKitchen>{(view) => <Fetched view={view} />}</WithKitchen>;
}

function Fetched({ view }: { view: KitchenView }) {
  const { data, error } = useCostsQuery(view.kitchen.id);
  if (data) return <Shop view={view} costs={data} />;
  return error ? <Away error={error} /> : <Loading />;
}

/** What is missing for the week, in packs, by the sections of a shop; ticked on the way, put on the shelf in one step. */
function Shop({ view, costs }: { view: KitchenView; costs: CostState }) {
  const [ticks, setTicks] = useState<Ticks>(() => keptTicks(view.kitchen.id));
  const [home, setHome] = useState(false);
  const list = useMemo(() => shopFor(view, costs), [view, costs]);
  const { currency, weekBudgetMinor } = view.kitchen.equipment;
  const { lines, tillMinor, usedMinor, unpriced, carryG } = list;
  const note = (next: Ticks) => {
    setTicks(next);
    keepTicks(view.kitchen.id, next);
  };
  const wanted = new Set(missingOf(view).map(({ food }) => food.id));
  const forDishes = lines.filter(({ food }) => wanted.has(food.id)).length;
  const below = lines.length - forDishes;
  const why = whyBuyWords(forDishes, below);
  const got = lines.filter(({ food }) => ticks.got.includes(food.id));
  if (home && got.length > 0)
    return (
      <Home
        view={view}
        lines={got}
        back={() => setHome(false)}
        done={() => {
          setHome(false);
          note({ got: [], notHad: [] });
        }}
      />
    );
  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{shopHead(lines.length)}</h1>
          <p>{lines.length > 0 && `${why}. Touch an amount to see why.`}</p>
        </div>
        {lines.length > 0 && <Give view={view} list={list} />}
      </div>
      {lines.length === 0 ? (
        <Empty title={view.batches.length === 0 ? 'No dish is planned' : 'Everything is on the shelf'}>
          <p>When a dish asks for more than is there, it stands here, in packs that can be bought.</p>
          <Link to="/week">To the week</Link>
        </Empty>
      ) : (
        <div className="split">
          <div className="shop-sections">
            {SECTIONS.map((section) => {
              const mine = lines.filter((line) => line.section === section);
              return mine.length === 0 ? null : (
                <section key={section} aria-label={section}>
                  <h2>{section}</h2>
                  <ul className="row-list">
                    {mine.map((line) => (
                      <Row key={line.food.id} view={view} line={line} ticks={ticks} note={note} />
                    ))}
                  </ul>
                </section>
              );
            })}
          </div>
          <aside className="aside">
            <h2>At the till</h2>
            <p className="shop-till number">
              {unpriced.length > 0 && <small>at least</small>}
              {moneyText(tillMinor, currency)}
            </p>
            <div className="figure-row">
              <span>of it for this week</span>
              <span className="number">{moneyText(usedMinor, currency)}</span>
            </div>
            <div className="figure-row">
              <span>to carry</span>
              <span className="number">{show(mass(Math.round(carryG)))}</span>
            </div>
            {weekBudgetMinor !== undefined && (
              <div className="figure-row">
                <span>
                  budget
                  <small>{moneyText(weekBudgetMinor, currency)} a week</small>
                </span>
                <span className={tillMinor > weekBudgetMinor ? 'number cannot' : 'number'}>
                  {tillMinor > weekBudgetMinor
                    ? moneyText(tillMinor - weekBudgetMinor, currency)
                    : moneyText(weekBudgetMinor - tillMinor, currency)}
                  <small>{tillMinor > weekBudgetMinor ? 'over' : 'left'}</small>
                </span>
              </div>
            )}
            {unpriced.length > 0 && (
              <p className="soft">
                No price is known of {unpriced.map(({ name }) => name).join(', ')}.{' '}
                <Link to="/prices">Note a price</Link>
              </p>
            )}
            <Button
              type="primary"
              size="large"
              className="one-action"
              disabled={got.length === 0}
              onClick={() => setHome(true)}
            >
              {got.length === 0 ? 'Tick what is in the basket' : `Home: put ${got.length} on the shelf`}
            </Button>
          </aside>
        </div>
      )}
      <Floors view={view} costs={costs} />
      <Waste view={view} costs={costs} />
    </main>
  );
}

function Row({
  view,
  line,
  ticks,
  note,
}: {
  view: KitchenView;
  line: ShopLine;
  ticks: Ticks;
  note: (ticks: Ticks) => void;
}) {
  const { food, choice, leastLeft, kilo, notes, missing } = line;
  const { currency } = view.kitchen.equipment;
  const base = food.facts.base;
  const holding = (packs: NonNullable<typeof choice>['packs']) =>
    packs.map(({ pack, count }) => ({ count, holds: show(ofBase(base, pack.amount)) }));
  const got = ticks.got.includes(food.id);
  const notHad = ticks.notHad.includes(food.id);
  const dishes = view.batches.filter((batch) => batch.scaled.lines.some((each) => each.food.id === food.id));
  const uncounted = view.lots.some((lot) => lot.food.id === food.id && lot.state.known === 'unknown');
  const spoils = kilo !== undefined && kilo.eaten.compare(kilo.bought) > 0;
  const uses = spoils ? otherUses(view, food) : [];
  return (
    <li className={got ? 'shop-row got' : 'shop-row'}>
      <Checkbox checked={got} onChange={() => note(ticked(ticks, food.id))}>
        <strong>{food.name}</strong>
      </Checkbox>
      <span className="shop-packs">
        <Why because={line.because}>
          <span className="number">{choice ? packsWords(holding(choice.packs)) : show(ofBase(base, missing))}</span>
        </Why>
        <small>
          {overWords(
            choice && choice.left.compare(0) > 0 ? show(ofBase(base, choice.left)) : undefined,
            leastLeft && { packs: packsWords(holding(leastLeft.packs)), money: moneyText(leastLeft.minor, currency) },
          )}
        </small>
      </span>
      <span className="shop-money">
        {choice ? (
          <span className="number">{moneyText(choice.minor, currency)}</span>
        ) : (
          <span className="soft">no price</span>
        )}
        {kilo && (
          <small>
            {kiloWords(
              kilo.name,
              moneyText(Math.round(kilo.bought.valueOf()), currency),
              kilo.eaten.compare(kilo.bought) > 0 ? moneyText(Math.round(kilo.eaten.valueOf()), currency) : undefined,
            )}
          </small>
        )}
      </span>
      <Button size="small" type="link" onClick={() => note(missed(ticks, food.id))}>
        {notHad ? 'it was there after all' : 'can’t get it'}
      </Button>
      {(notes.length > 0 || notHad || uncounted || uses.length > 0) && (
        <div className="shop-notes">
          {notes.map((text) => (
            <p key={text}>{text}</p>
          ))}
          {uncounted && <p>There is some on the shelf that nobody has counted: look before you buy.</p>}
          {uses.length > 0 && !notHad && (
            <p>
              The rest has no use yet. It would go in{' '}
              {uses.map((recipe, n) => (
                <span key={recipe.id}>
                  {n > 0 && ', '}
                  <Link to={`/recipes/${recipe.id}`}>{recipe.name}</Link>
                </span>
              ))}
              .
            </p>
          )}
          {notHad && (
            <p>
              Something instead, in{' '}
              {dishes.map((batch, n) => (
                <span key={batch.state.id}>
                  {n > 0 && ', '}
                  <Link to={`/scale/${batch.state.id}`}>{batch.recipe.document.component.name}</Link>
                </span>
              ))}
              {dishes.length === 0 && 'another week: it was only to fill up'}.
            </p>
          )}
        </div>
      )}
    </li>
  );
}

/** Up to three recipes that use a food and are not cooked this week. */
function otherUses(view: KitchenView, food: Food) {
  const cooked = new Set(view.batches.map((batch) => batch.recipe.id));
  return view.recipes
    .filter((recipe) => !cooked.has(recipe.id) && foodsOfRecipe(recipe.document).includes(food.id))
    .map(({ id, document }) => ({ id, name: document.component.name }))
    .slice(0, 3);
}

function Give({ view, list }: { view: KitchenView; list: ShopList }) {
  const { currency } = view.kitchen.equipment;
  const text = shopText(list, currency);
  const calendar = () =>
    giveCalendar(`shop-${view.today}.ics`, view.kitchen.name, [
      {
        id: `shop ${view.kitchen.id} ${view.today}`,
        at: appNow() + DAY_MS,
        minutes: 60,
        what: tripWords(view.kitchen.name, list.lines.length),
        detail: text,
      },
    ]);
  return (
    <div className="give-row">
      <Button onClick={() => giveFile(`shop-${view.today}.txt`, 'text/plain', text)}>Text</Button>
      <Button onClick={() => void calendar()}>Calendar</Button>
      <Button onClick={() => window.print()}>Print</Button>
      <LinkButton to="/prices">Prices</LinkButton>
    </div>
  );
}
