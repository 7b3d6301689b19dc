import { TASTES, lacksFor, starters, type Starter, type Taste } from '@kestrel-ridge/core/starters';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Button, Checkbox } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import { duration } from '../parts/times.ts';
import { VESSEL_NAMES } from '../scaling/vesselNames.ts';
import { foodsWords } from './foodsWords.ts';
import { STATION_WORDS } from './stationWords.ts';
import { recipeMinutes } from './recipeMinutes.ts';
import { useTakeStarters } from './useTakeStarters.ts';
import './recipes.css';
import { listed } from '@kestrel-ridge/core/quantity';
import { takeStartersWords } from './recipeWords.ts';

export default function StartersPage() {
  return <WithKitchen>{(view) => <Starters view={view} />}</WithKitchen>;
}

/** Recipes to begin with, by taste and by what this kitchen has. */
function Starters({ view }: { view: KitchenView }) {
  const all = useMemo(() => starters(), []);
  const { equipment } = view.kitchen;
  const taken = new Set(view.recipes.map(({ name }) => name));
  const open = all.filter(({ recipe }) => !taken.has(recipe.name) && lacksFor(recipe, equipment).length === 0);
  const [taste, setTaste] = useState<Taste>();
  const [chosen, setChosen] = useState(() => usualChoice(open));
  const { taking, take } = useTakeStarters(view);
  const navigate = useNavigate();
  const wanted = open.filter(({ recipe }) => chosen.includes(recipe.name));
  const shown = all.filter(({ tastes }) => taste === undefined || tastes.includes(taste));
  // Who has gone on to another page meanwhile stays there.
  const here = useRef(false);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  const takeAll = async () => {
    if ((await take(wanted.map(({ recipe }) => recipe))) && here.current) void navigate('/recipes');
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>{all.length} recipes to begin with</h1>
        <p>
          Take what you like: each is yours then, to be changed or thrown away. Your own are{' '}
          <Link to="/recipes/new">pasted as text</Link>.
        </p>
      </div>
      <div className="starters-find" role="group" aria-label="By taste">
        {[undefined, ...TASTES].map((each) => (
          <Button
            key={each ?? 'all'}
            type={each === taste ? 'primary' : 'default'}
            aria-pressed={each === taste}
            onClick={() => setTaste(each)}
          >
            {each ?? 'all tastes'}
          </Button>
        ))}
      </div>
      <ul className="row-list">
        {shown.map(({ recipe, tastes }) => {
          const lacks = lacksFor(recipe, equipment);
          const here = taken.has(recipe.name);
          return (
            <li key={recipe.name} className="starter-row">
              <Checkbox
                checked={here || chosen.includes(recipe.name)}
                disabled={here || lacks.length > 0 || taking !== undefined}
                onChange={({ target }) =>
                  setChosen(target.checked ? [...chosen, recipe.name] : chosen.filter((name) => name !== recipe.name))
                }
              >
                <strong>{recipe.name}</strong>
                <small>{foodsWords(view, recipe)}</small>
              </Checkbox>
              <span className="soft">{tastes.join(', ')}</span>
              <span className="soft">
                {VESSEL_NAMES[recipe.vessel]}, {duration(recipeMinutes(recipe))}
              </span>
              <span className={lacks.length > 0 ? 'cannot' : 'soft'}>
                {here
                  ? '✓ in your recipes'
                  : lacks.length > 0
                    ? `needs ${listed(lacks.map((station) => STATION_WORDS[station]))}`
                    : ''}
              </span>
            </li>
          );
        })}
      </ul>
      <div className="starters-take">
        <Button
          type="primary"
          size="large"
          disabled={wanted.length === 0}
          loading={taking !== undefined}
          onClick={() => void takeAll()}
        >
          {takeStartersWords(wanted.length, taking)}
        </Button>
      </div>
    </main>
  );
}

/** One for each part of a plate: the first that this kitchen can cook. */
const usualChoice = (open: readonly Starter[]): readonly string[] =>
  open
    .filter(({ recipe }, n) => open.findIndex((each) => each.recipe.component.kind === recipe.component.kind) === n)
    .map(({ recipe }) => recipe.name);
