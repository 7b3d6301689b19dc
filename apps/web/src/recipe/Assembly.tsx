import type { Revision } from '@kestrel-ridge/core/recipe';
import { assemble, fillsOf, leftAfter } from '@kestrel-ridge/core/scaling';
import { show, ofBase, counted } from '@kestrel-ridge/core/quantity';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Stepper } from '../parts/Stepper.tsx';
import { Why } from '../parts/Why.tsx';
import { batchesOf, freeFor } from '@kestrel-ridge/core/view';
import { fillsWords } from './recipeWords.ts';

/** How many can be put together from what stands there, what limits them, and what is left or short for so many. */
export function Assembly({ view, recipe }: { view: KitchenView; recipe: Revision }) {
  const mine = batchesOf(view, recipe);
  const now = assemble(recipe, view.foods, view.kitchen.equipment, (food) =>
    Math.max(0, freeFor(view, food, mine).free.valueOf()),
  );
  const [wanted, setWanted] = useState<number>();
  const { unit } = recipe;
  if (!unit) return null;
  const pieces = wanted ?? Math.max(1, now.pieces);
  const dishes = fillsOf(pieces, unit.perDish);
  const pans = fillsOf(pieces, unit.perPan);
  return (
    <section className="assembly" aria-label="From what is there">
      <div className="assembly-head">
        <h2>
          <Why because={now.because}>{counted(now.pieces, unit.name)}</Why> from what is there
        </h2>
        <span className="soft">
          {now.limit ? `${now.limit.food.name} is the part that runs out first` : 'nothing limits them'}
        </span>
      </div>
      <div className="assembly-wanted">
        <span>To make</span>
        <Stepper
          label={`How many of the ${unit.name} to make`}
          value={pieces}
          least={1}
          most={200}
          onChange={setWanted}
        />
        <span className="soft">{fillsWords(dishes, pans)}</span>
      </div>
      <table className="ingredients">
        <thead>
          <tr>
            <th scope="col">part</th>
            <th scope="col" className="amount">
              there
            </th>
            <th scope="col" className="amount">
              enough for
            </th>
            <th scope="col" className="amount">
              after {counted(pieces, unit.name)}
            </th>
          </tr>
        </thead>
        <tbody>
          {leftAfter(now.parts, pieces).map(({ food, left }, n) => {
            const part = now.parts[n];
            const amount = (value: number) => show(ofBase(food.facts.base, Math.round(value * 10) / 10));
            return (
              <tr key={food.id}>
                <th scope="row">
                  <span className="food">{food.name}</span>
                </th>
                <td className="amount">{amount(part?.there ?? 0)}</td>
                <td className="amount">{part?.enoughFor}</td>
                <td className={left < -1e-6 ? 'amount cannot' : 'amount'}>
                  {left < -1e-6 ? `${amount(-left)} short` : `${amount(left)} left`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
