import type { CostState } from '@kestrel-ridge/core/formats';
import { Fraction, ofBase, show } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { onHandOf } from '@kestrel-ridge/core/view';
import { FoodAmount, NO_AMOUNT } from './FoodAmount.tsx';

/** What should never run out: bought up to its floor; a ready meal below it is to be cooked. */
export function Floors({ view, costs }: { view: KitchenView; costs: CostState }) {
  const [chosen, choose] = useState(NO_AMOUNT);
  const { food, amount } = chosen;
  const send = useCommand();
  const set = (id: string, least: string) =>
    send({ path: 'floors', method: 'PUT', body: { food: id, amount: least }, touches: ['cost'] });
  return (
    <section className="floors" aria-label="Never below">
      <h2>Never below</h2>
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
              <Button size="small" type="link" onClick={() => void set(floor.food, '0')}>
                take it away
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
          Keep so much
        </Button>
      </form>
    </section>
  );
}
