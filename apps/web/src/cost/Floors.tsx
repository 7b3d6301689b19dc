import type { CostState } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSaveSeen } from '../app/useSaveSeen.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { onHandOf } from '@kestrel-ridge/core/view';
import { FoodAmount, NO_AMOUNT } from './FoodAmount.tsx';

const floorWords = ({ foods }: KitchenView, food: string, least: unknown): string =>
  typeof least === 'string' && least !== '0'
    ? `At least ${show(ofBase(foods.get(food)?.facts.base ?? 'g', new Fraction(least)))}`
    : 'No floor';

/** What should never run out: bought up to its floor; a ready meal below it is to be cooked. */
export function Floors({ view, costs }: { view: KitchenView; costs: CostState }) {
  const [chosen, choose] = useState(NO_AMOUNT);
  const { food, amount } = chosen;
  const save = useSaveSeen();
  const set = (id: string, least: string) =>
    save({
      path: 'floors',
      method: 'PUT',
      body: { food: id, amount: least },
      thing: `floor ${id}`,
      seen: costs.floors.find((floor) => floor.food === id)?.amount ?? null,
      saved: least === '0' ? null : least,
      touches: ['cost'],
      both: (now) => `${floorWords(view, id, now)} there, ${floorWords(view, id, least)} here.`,
    });
  return (
    <section className="floors" aria-label="Always keep in stock">
      <h2>Always keep in stock</h2>
      <ul className="row-list">
        {costs.floors.map((floor) => {
          const known = view.foods.get(floor.food);
          if (!known) return null;
          const there = onHandOf(view, floor.food);
          const below = there.compare(new Fraction(floor.amount)) < 0;
          const made = known.facts.kind === 'component';
          return (
            <li key={floor.food} className="floor-row">
              <strong>{known.name}</strong>
              <span>at least {show(ofBase(known.facts.base, new Fraction(floor.amount)))}</span>
              <span className={below ? 'cannot' : 'soft'}>
                {show(ofBase(known.facts.base, there))} there
                {below && made && (
                  <>
                    {': '}
                    <Link to="/recipes">cook some</Link>
                  </>
                )}
              </span>
              <Button
                size="small"
                type="link"
                aria-label={`Remove the minimum of ${known.name}`}
                onClick={() => void set(floor.food, '0')}
              >
                Remove
              </Button>
            </li>
          );
        })}
      </ul>
      <form
        className="floor-add"
        onSubmit={(event) => {
          event.preventDefault();
          if (food === undefined || !amount) return;
          void set(food, `${amount}`).then(() => choose(NO_AMOUNT));
        }}
      >
        <FoodAmount
          view={view}
          value={chosen}
          change={choose}
          food={{ label: 'Food that should not run out', hint: 'a food that should not run out' }}
          amount={{ label: 'Least stock', hint: 'at least' }}
        />
        <Button htmlType="submit" disabled={food === undefined || !amount}>
          Set minimum
        </Button>
      </form>
    </section>
  );
}
