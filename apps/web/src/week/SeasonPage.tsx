import { moneyText } from '@kestrel-ridge/core/cost';
import { ofBase, show } from '@kestrel-ridge/core/quantity';
import { bigBuys, seasonOf, type KitchenView } from '@kestrel-ridge/core/view';
import type { SeasonAsk, SuggestedSeason } from '@kestrel-ridge/core/week';
import { App, Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { appNow } from '../parts/appNow.ts';
import { Empty } from '../parts/Empty.tsx';
import { Loading } from '../parts/Loading.tsx';
import { newId } from '../parts/newId.ts';
import { dateWords } from '../parts/times.ts';
import { SeasonWeekCard } from './SeasonWeekCard.tsx';
import './season.css';
import './suggest.css';
import { inTurn } from './suggesters.ts';
import { useDishWork } from './useDishWork.ts';

export default function SeasonPage() {
  return <WithKitchen>{(view) => <Warmed view={view} />}</WithKitchen>;
}

function Warmed({ view }: { view: KitchenView }) {
  const left = useDishWork(view);
  return left > 0 ? <Loading what="Reading your dishes" /> : <Season view={view} />;
}

interface Said {
  readonly locked: readonly string[];
  readonly without: readonly string[];
  readonly seed: number;
}

/** The mains of four weeks at once: what is cooked for two times, what the freezer turns over, what is bought in one go. */
function Season({ view }: { view: KitchenView }) {
  const [said, setSaid] = useState<Said>({ locked: [], without: [], seed: 1 });
  // A second click keeps no second week.
  const [keeping, setKeeping] = useState(false);
  const { message } = App.useApp();
  const send = useCommand();
  const ask = useMemo(() => seasonOf(view, said, appNow()), [view, said]);
  const { found, failed } = useSeason(ask, said.seed);
  const names = new Map(view.recipes.map(({ id, document }) => [id, document.component.name]));
  if (failed !== undefined)
    return (
      <main className="page">
        <Empty title="No menu could be found">
          <p>{failed} Nothing was changed.</p>
          <Button onClick={() => setSaid({ ...said, seed: said.seed + 1 })}>Ask again</Button>
        </Empty>
      </main>
    );
  if (ask.dishes.length === 0 && said.without.length === 0)
    return (
      <main className="page">
        <Empty title="No main to put on a menu yet">
          <p>Take or write some dishes, or legumes that carry a plate; menus are made of them here.</p>
          <Link to="/recipes">To the recipes</Link>
        </Empty>
      </main>
    );
  if (!found) return <Loading what="Trying menus" />;
  const { menu, ask: asked } = found;
  const toggle = (list: readonly string[], recipe: string) =>
    list.includes(recipe) ? list.filter((each) => each !== recipe) : [...list, recipe];
  const keep = async (n: number) => {
    if (keeping) return;
    const week = asked.weeks[n];
    const plan = menu.weeks[n];
    if (!week || !plan) return;
    const name = `Menu, week of ${dateWords(week.from)}`;
    const same = view.week.templates.find((each) => each.name === name);
    setKeeping(true);
    const sent = await send({
      path: 'templates',
      body: {
        id: same?.id ?? newId(),
        name,
        week: {
          slots: [],
          dishes: plan.cooks.flatMap(({ dish, portions, frozen }) => {
            const recipe = asked.dishes[dish]?.recipe;
            return recipe ? [{ recipe, portions, freezePortions: frozen }] : [];
          }),
        },
        seen: same ? { name: same.name, week: same.week } : null,
      },
      touches: ['week'],
    });
    setKeeping(false);
    if (sent.ok) void message.success(`“${name}” is among your usual weeks.`);
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>A menu for the next four weeks</h1>
        <p>
          Mains by what is liked, in season and paid for, cooked for two times where the freezer has room. What goes
          with them is suggested week by week. Nothing is kept before you say so.
        </p>
      </div>
      <div className="suggest-bar">
        <Button onClick={() => setSaid({ ...said, seed: said.seed + 1 })} loading={found.ask !== ask}>
          Ask again
        </Button>
        {said.without.map((recipe) => (
          <Button
            key={recipe}
            onClick={() => setSaid({ ...said, without: toggle(said.without, recipe) })}
            aria-label={`Put ${names.get(recipe) ?? ''} back`}
          >
            without {names.get(recipe)} ×
          </Button>
        ))}
        <Link to="/week">Back to the week</Link>
      </div>
      <div className="season" aria-busy={found.ask !== ask}>
        {menu.weeks.map((plan, n) => (
          <SeasonWeekCard
            key={asked.weeks[n]?.from}
            ask={asked}
            plan={plan}
            n={n}
            locked={said.locked}
            lock={(recipe) => setSaid({ ...said, locked: toggle(said.locked, recipe) })}
            leaveOut={(recipe) => setSaid({ ...said, without: toggle(said.without, recipe) })}
            keep={() => void keep(n)}
          />
        ))}
      </div>
      {asked.dishes.every(({ reserve }) => reserve === 0) && (
        <p className="soft">
          Say under <Link to="/prices">Prices</Link> which dish should never run out, and the menu keeps a reserve of
          it: the oldest is eaten before it goes off, and cooked again.
        </p>
      )}
      <BigBuys view={view} ask={asked} menu={menu} />
    </main>
  );
}

/** Looked for away from the screen; the menu of before stays in sight meanwhile. */
function useSeason(ask: SeasonAsk, seed: number) {
  const [found, setFound] = useState<{ readonly ask: SeasonAsk; readonly menu: SuggestedSeason }>();
  const [failed, setFailed] = useState<string>();
  useEffect(() => {
    let stale = false;
    inTurn([(remote) => remote.season(ask, seed)])
      .then(([menu]) => {
        if (stale || !menu) return;
        setFound({ ask, menu });
        setFailed(undefined);
      })
      .catch((thrown: unknown) => {
        if (!stale) setFailed(thrown instanceof Error ? thrown.message : String(thrown));
      });
    return () => {
      stale = true;
    };
  }, [ask, seed]);
  return { found, failed };
}

/** What keeps, and is used in more than one of the weeks. */
function BigBuys({ view, ask, menu }: { view: KitchenView; ask: SeasonAsk; menu: SuggestedSeason }) {
  const buys = useMemo(() => bigBuys(view, ask, menu), [view, ask, menu]);
  const { currency } = view.kitchen.equipment;
  if (buys.length === 0) return null;
  return (
    <section className="season-buys" aria-label="Big buys">
      <h2>Bought once for all four weeks</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">what keeps</th>
            <th scope="col">missing</th>
            <th scope="col">packs</th>
            <th scope="col">at once</th>
            <th scope="col">week by week</th>
          </tr>
        </thead>
        <tbody>
          {buys.map(({ food, name, missing, packs, minor, weeklyMinor }) => {
            const base = view.foods.get(food)?.facts.base ?? 'g';
            return (
              <tr key={food}>
                <th scope="row">{name}</th>
                <td>{show(ofBase(base, missing))}</td>
                <td>{packs.map(({ count, amount }) => `${count} × ${show(ofBase(base, amount))}`).join(' + ')}</td>
                <td className="number">{moneyText(minor, currency)}</td>
                <td className="number soft">{weeklyMinor > minor ? moneyText(weeklyMinor, currency) : 'the same'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
