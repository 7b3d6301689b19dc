import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { isEatenCold, staysCrisp } from '@kestrel-ridge/core/recipe';
import { reheatOrder } from '@kestrel-ridge/core/storage';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockAt } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import type { Plates } from './plate.ts';
import type { ReadyComponent } from '@kestrel-ridge/core/view';
import { warmingWords } from './stockWords.ts';

/** What is warmed where, in which order, so that all is hot together. */
export function ReheatList({
  view,
  chosen,
  plates,
  servedAt,
}: {
  view: KitchenView;
  chosen: readonly ReadyComponent[];
  plates: Plates;
  servedAt: Moment;
}) {
  const { equipment } = view.kitchen;
  const steps = reheatOrder(
    chosen.flatMap(({ food, name, cold }) => {
      const recipe = view.recipes.find(({ document }) => document.component.id === food.id)?.document;
      // A salad or a cracker is eaten as it is.
      if (recipe && isEatenCold(recipe)) return [];
      return [
        {
          food: food.id,
          name,
          kind: recipe?.component.kind ?? ('dish' as const),
          grams: (plates[food.id] ?? 0) * Number(cold[0]?.state.portionG ?? 150),
          ...(recipe && staysCrisp(recipe) ? { crisp: true } : {}),
        },
      ];
    }),
    equipment,
  );
  const [first] = steps;
  if (!first) return null;
  return (
    <section className="reheat" aria-label="Warming it">
      <h3>{warmingWords(first.before, steps.length)}</h3>
      <ol>
        {steps.map(({ food, name, where, minutes, before, how, because }) => (
          <li key={food}>
            <b className="number">{clockAt(servedAt - before * MINUTE_MS, equipment.zone)}</b>
            <span>
              {name}, {where === 'hob' ? 'on the hob' : `in the ${where}`}, <Why because={because}>{minutes} min</Why>
              <small>{how}</small>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
