import { indexRecipes, searchRecipes } from '@kestrel-ridge/core/recipe';
import type { RecipeState } from '@kestrel-ridge/core/formats';
import { Fraction, counted } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { Checkbox, Input } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { duration } from '../parts/times.ts';
import { batchesOf } from '@kestrel-ridge/core/view';
import { missingFor } from '@kestrel-ridge/core/view';
import { VESSEL_NAMES } from '../scaling/vesselNames.ts';
import './recipes.css';
import { foodsWords } from './foodsWords.ts';
import { recipeMinutes } from './recipeMinutes.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

/** So many are drawn at once: a longer list is found by its words. */
const MOST_SHOWN = 60;

export default function RecipesPage() {
  return <WithKitchen>{(view) => <Recipes view={view} />}</WithKitchen>;
}

function Recipes({ view }: { view: KitchenView }) {
  const [query, setQuery] = useState('');
  const [onlyNow, setOnlyNow] = useState(false);
  const asked = useDeferredValue(query);
  const index = useMemo(() => indexRecipes(view.recipes, view.foods), [view.recipes, view.foods]);
  const missing = useMemo(() => missingLookup(view), [view]);
  const found = searchRecipes(index, asked).filter((recipe) => !onlyNow || missing(recipe).length === 0);

  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{view.recipes.length === 0 ? 'No recipe yet' : counted(view.recipes.length, 'recipe')}</h1>
          <p>Search by name, ingredient or pot.</p>
        </div>
        <div className="give-row">
          <LinkButton to="/recipes/starters" size="large">
            To begin with
          </LinkButton>
          <LinkButton to="/recipes/blank" size="large">
            Write one
          </LinkButton>
          <LinkButton to="/recipes/new" type="primary" size="large">
            Paste a recipe
          </LinkButton>
        </div>
      </div>
      {view.recipes.length === 0 ? (
        <Empty title="Nothing to choose from yet">
          <p>
            Paste a recipe as plain text: it is read line by line, and what is doubtful is asked. Or choose from those
            to begin with.
          </p>
          <LinkButton to="/recipes/starters" type="primary" size="large">
            Choose recipes
          </LinkButton>
        </Empty>
      ) : (
        <>
          <div className="recipes-find">
            <Input
              size="large"
              allowClear
              aria-label="Find a recipe"
              placeholder="leek, oven, millet cooker …"
              value={query}
              onChange={(event) => setQuery(event.target.value)}
            />
            <Checkbox checked={onlyNow} onChange={(event) => setOnlyNow(event.target.checked)}>
              can be made now
            </Checkbox>
          </div>
          {found.length === 0 && <p className="soft">No match. Try fewer words, or one ingredient alone.</p>}
          <ul className="row-list">
            {found.slice(0, MOST_SHOWN).map((recipe) => {
              const lacks = missing(recipe);
              return (
                <li key={recipe.id}>
                  <Link to={`/recipes/${recipe.id}`} className="recipe-row">
                    <i
                      className="recipe-mark"
                      style={{ background: `var(--${recipe.document.component.kind})` }}
                      aria-hidden="true"
                    />
                    <span>
                      <strong>{recipe.name}</strong>
                      <small>{foodsWords(view, recipe.document)}</small>
                    </span>
                    <span className="soft">{VESSEL_NAMES[recipe.document.vessel]}</span>
                    <span className="soft">{duration(recipeMinutes(recipe.document))}</span>
                    <span className={lacks.length === 0 ? undefined : 'soft'}>
                      {lacks.length === 0 ? '✓ all there' : `${lacks.slice(0, 2).join(', ')} missing`}
                    </span>
                  </Link>
                </li>
              );
            })}
          </ul>
          {found.length > MOST_SHOWN && (
            <p className="soft">And {found.length - MOST_SHOWN} more: type a word to find them.</p>
          )}
        </>
      )}
    </main>
  );
}

/** What a recipe lacks today, worked out when it is first asked for: of a long list only the rows that are drawn. */
function missingLookup(view: KitchenView): (recipe: RecipeState) => readonly string[] {
  const known = new Map<string, readonly string[]>();
  return (recipe) => {
    const before = known.get(recipe.id);
    if (before) return before;
    const scaled = scaleBatch(
      recipe.document,
      new Fraction(recipe.document.portions),
      view.foods,
      view.kitchen.equipment,
    );
    const missing = missingFor(view, scaled, batchesOf(view, recipe.document)).map((shortage) => shortage.food.name);
    known.set(recipe.id, missing);
    return missing;
  };
}
