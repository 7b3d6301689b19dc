import type { FoodState } from '@kestrel-ridge/core/formats';
import { Button, Input, Segmented } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useFoodsQuery } from '../api/api.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Loading } from '../parts/Loading.tsx';
import { AddFood } from './AddFood.tsx';
import './foods.css';
import { FoodFigures } from './FoodFigures.tsx';

/** So many are drawn at once: a longer list is found by its words. */
const MOST_SHOWN = 60;

export default function FoodsPage() {
  return <WithKitchen>{(view) => <Foods view={view} />}</WithKitchen>;
}

/** Every food this kitchen knows, with each of its figures, where it is from, and whether the kitchen knows better. */
function Foods({ view }: { view: KitchenView }) {
  const { id } = useParams();
  const { data } = useFoodsQuery(view.kitchen.id);
  const [query, setQuery] = useState('');
  const [which, setWhich] = useState<'all' | 'on the shelf' | 'our own figures'>('all');
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  const asked = useDeferredValue(query.trim().toLowerCase());
  const there = useMemo(() => new Set(view.lots.map((lot) => lot.food.id)), [view.lots]);
  const bought = useMemo(() => (data ?? []).filter((food) => food.recipe === null), [data]);
  if (!data) return <Loading />;
  const found = bought.filter(
    (food) =>
      (asked === '' || [food.name, ...(food.facts.names ?? [])].some((name) => name.toLowerCase().includes(asked))) &&
      (which === 'all' || (which === 'on the shelf' ? there.has(food.id) : Object.keys(food.own).length > 0)),
  );
  const food = data.find((each) => each.id === id);
  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{bought.length} foods</h1>
          <p>What the arithmetic goes by. A figure of your own stands before the book’s.</p>
        </div>
        <Button onClick={() => setAdding(true)}>Add a food</Button>
      </div>
      <div className="foods-grid">
        <div className={food ? 'foods-list has-choice' : 'foods-list'}>
          <Input
            size="large"
            allowClear
            aria-label="Find a food"
            placeholder="millet, linseed, gram …"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
          />
          <Segmented
            aria-label="Which foods"
            value={which}
            onChange={setWhich}
            options={['all', 'on the shelf', 'our own figures']}
          />
          {found.length === 0 && <p className="soft">No match. Try fewer letters, or add it as a new food.</p>}
          <ul className="row-list">
            {found.slice(0, MOST_SHOWN).map((each) => (
              <li key={each.id}>
                <Link to={`/foods/${each.id}`} className={each.id === id ? 'food-row here' : 'food-row'}>
                  <span>{each.name}</span>
                  <small className="soft">{rowWords(each)}</small>
                </Link>
              </li>
            ))}
          </ul>
          {found.length > MOST_SHOWN && <p className="soft">And {found.length - MOST_SHOWN} more: type a word.</p>}
        </div>
        {food ? (
          <FoodFigures key={food.id} food={food} />
        ) : (
          <p className="soft foods-hint">Choose a food to see its figures and where each of them is from.</p>
        )}
      </div>
      <AddFood
        open={adding}
        close={() => setAdding(false)}
        added={(added) => void navigate(`/foods/${added}`)}
        name={query}
        foods={view.foods}
      />
    </main>
  );
}

const rowWords = ({ facts, own }: FoodState): string =>
  [
    facts.kind,
    ...(facts.allergens === undefined
      ? ['allergens unknown']
      : facts.allergens.length > 0
        ? [facts.allergens.join(', ')]
        : []),
    ...(Object.keys(own).length > 0 ? ['our own figures'] : []),
  ].join(' · ');
