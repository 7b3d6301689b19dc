import { Fraction, inBase, ofBase, show, counted, listed } from '@kestrel-ridge/core/quantity';
import type { RecipeState } from '@kestrel-ridge/core/formats';
import { foodsOfRecipe } from '@kestrel-ridge/core/recipe';
import { scaleBatch, sizeToUseUp } from '@kestrel-ridge/core/scaling';
import type { UseFirst as First } from '@kestrel-ridge/core/storage';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { missingFor } from '@kestrel-ridge/core/view';
import { freeFor } from '@kestrel-ridge/core/view';
import { rankedFirsts } from '@kestrel-ridge/core/view';
import { LinkButton } from '../parts/LinkButton.tsx';

/** What should go first, why, and which dishes clear how much of it. */
export function UseFirst({ view, choose }: { view: KitchenView; choose: (lot: string) => void }) {
  const [open, setOpen] = useState<string>();
  const firsts = useMemo(() => rankedFirsts(view), [view]);
  if (firsts.length === 0) return null;
  return (
    <section className="shelf-place pressing" aria-label="Use first">
      <h2>Use first</h2>
      <ul className="row-list">
        {firsts.map((first) => {
          const { lot, food, reasons } = first;
          return (
            <li key={lot.id}>
              <div className="first-row">
                <button
                  type="button"
                  className="plain-button first-name"
                  onClick={() => choose(lot.id)}
                  data-testid={`lot-${food.name}`}
                >
                  <span>
                    <strong>{food.name}</strong>
                    <small className={reasons[0]?.kind === 'past' ? 'cannot' : undefined}>
                      {reasons.map(({ words }) => words).join('; ')}
                    </small>
                  </span>
                  <span className="number">{show(ofBase(food.facts.base, lot.onHand))}</span>
                </button>
                {food.facts.kind === 'component' ? (
                  <LinkButton to="/eat" size="small">
                    eat it
                  </LinkButton>
                ) : (
                  <Button
                    size="small"
                    aria-expanded={open === lot.id}
                    onClick={() => setOpen(open === lot.id ? undefined : lot.id)}
                  >
                    Use it in …
                  </Button>
                )}
              </div>
              {open === lot.id && <Clears view={view} first={first} />}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Dishes that use it: the one that clears the most of it, with the least still to buy, first. */
function Clears({ view, first }: { view: KitchenView; first: First }) {
  const { food, lot } = first;
  const dishes = useMemo(() => clearing(view, first), [view, first]);
  if (dishes.length === 0) return <p className="soft first-dishes">No recipe here uses {food.name} yet.</p>;
  return (
    <ul className="first-dishes">
      {dishes.map(({ recipe, portions, clears, lacks, planned }) => (
        <li key={recipe.id}>
          <Link to={planned ? `/scale/${planned}` : `/recipes/${recipe.id}`}>{recipe.name}</Link>
          <span>
            {counted(portions, 'portion clears', 'portions clear')} {show(ofBase(food.facts.base, clears))} of{' '}
            {show(ofBase(food.facts.base, lot.onHand))}
            {planned && ', in this week'}
          </span>
          <span className="soft">{lacks.length === 0 ? 'all else is there' : `needs ${listed(lacks)}`}</span>
        </li>
      ))}
    </ul>
  );
}

interface Clearing {
  readonly recipe: RecipeState;
  readonly portions: number;
  readonly clears: Fraction;
  readonly lacks: readonly string[];
  readonly planned: string | undefined;
}

const MOST_DISHES = 5;

function clearing(view: KitchenView, { food, lot }: First): readonly Clearing[] {
  const { foods, kitchen } = view;
  return view.recipes
    .filter(({ document }) => foodsOfRecipe(document).includes(food.id))
    .map((recipe): Clearing => {
      const planned = view.batches.find((batch) => batch.recipe.id === recipe.id && batch.state.status === 'planned');
      const sizing = { recipe: recipe.document, foods, equipment: kitchen.equipment };
      const portions = planned
        ? Number(planned.state.portions)
        : Math.min(24, sizeToUseUp(sizing, food.id, freeFor(view, food.id).free)?.portions ?? recipe.document.portions);
      const scaled = planned?.scaled ?? scaleBatch(recipe.document, new Fraction(portions), foods, kitchen.equipment);
      const uses = scaled.lines
        .filter((line) => line.food.id === food.id && line.fromShelf)
        .reduce((sum, line) => sum.add(line.fromShelf ? inBase(line.fromShelf.value) : 0), new Fraction(0));
      return {
        recipe,
        portions,
        clears: uses.compare(lot.onHand) < 0 ? uses : lot.onHand,
        lacks: missingFor(view, scaled, planned ? [planned.state.id] : [])
          .filter((missing) => missing.food.id !== food.id)
          .map((missing) => missing.food.name),
        planned: planned?.state.id,
      };
    })
    .sort((a, b) => b.clears.compare(a.clears) || a.lacks.length - b.lacks.length)
    .slice(0, MOST_DISHES);
}
