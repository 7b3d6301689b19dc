import { allergenWords, statementOf } from '@kestrel-ridge/core/food';
import { placesUnsaid, type RecipeState } from '@kestrel-ridge/core/formats';
import {
  isEatenCold,
  componentFood,
  compareRevisions,
  faultsOf,
  grainOf,
  type GrainOfDish,
  type Revision,
} from '@kestrel-ridge/core/recipe';
import { Button, Input } from 'antd';
import { useDeferredValue, useEffect, useMemo, useReducer, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { WithKitchen } from '../../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../../parts/Empty.tsx';
import './edit.css';
import { blankRecipe } from './blankRecipe.ts';
import { editRevision, wayOf, type WayId } from './editRevision.ts';
import { HeadFields, type Head } from './HeadFields.tsx';
import { LineRow, type Option } from './LineRow.tsx';
import { MethodSection } from './MethodSection.tsx';
import { OneLine } from './OneLine.tsx';
import { useBeforeLeaving } from './useBeforeLeaving.ts';
import { useKeepRecipe } from './useKeepRecipe.ts';
import { useKeptDraft } from './useKeptDraft.ts';
import { Versions } from './Versions.tsx';
import { counted } from '@kestrel-ridge/core/quantity';
import { firstFaultWords, keepingWords } from '../recipeWords.ts';

export default function EditPage() {
  return <WithKitchen>{(view) => <Known view={view} />}</WithKitchen>;
}

function Known({ view }: { view: KitchenView }) {
  const { id } = useParams();
  const recipe = view.recipes.find((each) => each.id === id);
  // What the server has when the editing begins: a later revision from elsewhere is met when this one is kept.
  const [begun] = useState(recipe);
  if (id === undefined) return <Editor view={view} recipe={undefined} />;
  if (begun) return <Editor view={view} recipe={begun} />;
  return (
    <main className="page">
      <Empty title="There is no such recipe here">
        <Link to="/recipes">To the recipes</Link>
      </Empty>
    </main>
  );
}

/** A recipe with everything it can say, edited as a draft; keeping it makes a new revision. */
function Editor({ view, recipe }: { view: KitchenView; recipe: RecipeState | undefined }) {
  const [begun] = useState<Revision>(() => recipe?.document ?? blankRecipe());
  const { found, forget, save } = useKeptDraft(recipe);
  const [draft, dispatch] = useReducer(editRevision, found ?? begun);
  const [taken, setTaken] = useState(found !== undefined);
  const [way, setWay] = useState<WayId>();
  const [why, setWhy] = useState('');
  const navigate = useNavigate();
  const checked = useDeferredValue(draft);
  const faults = useMemo(() => faultsOf(checked), [checked]);
  const unsaid = useMemo(() => placesUnsaid(checked), [checked]);
  const differences = useMemo(() => compareRevisions(begun, checked, view.foods), [begun, checked, view.foods]);
  const foods = useMemo<readonly Option[]>(
    () =>
      [...view.foods.values()]
        .filter((food) => food.id !== draft.component.id)
        .map((food) => ({ value: food.id, label: food.name }))
        .sort((a, b) => a.label.localeCompare(b.label)),
    [view.foods, draft.component.id],
  );
  const shown = useMemo(() => wayOf(draft, way), [draft, way]);
  const { name, portions, component, vessel, pan, unit } = draft;
  const cold = isEatenCold(draft);
  const head = useMemo<Head>(
    () => ({ name, portions, component, vessel, cold, ...(pan ? { pan } : {}), ...(unit ? { unit } : {}) }),
    [name, portions, component, vessel, cold, pan, unit],
  );
  const steps = useOptions(shown.steps.map((step, n) => [step.id, `${n + 1}. ${step.name || '…'}`]));
  const lines = useOptions(draft.lines.map((line) => [line.id, view.foods.get(line.food)?.name ?? line.id]));
  const grain = useGrain(draft, view);
  const { keep, kept, busy, fault } = useKeepRecipe(recipe);
  const changed = draft !== begun && kept === undefined;

  useBeforeLeaving(changed, forget);
  useEffect(() => {
    if (changed) save(draft);
  }, [draft, changed, save]);
  useEffect(() => {
    if (kept === undefined) return;
    forget();
    void navigate(kept);
  }, [kept, navigate, forget]);

  return (
    <main className="page edit-page">
      <div className="page-head">
        <h1>{recipe ? `Edit ${recipe.name}` : 'A new recipe'}</h1>
        <p>{keepingWords(recipe?.number)}</p>
      </div>
      {taken && (
        <p className="edit-found" role="status">
          What you had typed and not kept is here again.{' '}
          <Button
            size="small"
            onClick={() => {
              dispatch({ did: 'begun anew', recipe: begun });
              setTaken(false);
              forget();
            }}
          >
            Throw it away
          </Button>
        </p>
      )}
      <HeadFields recipe={head} dispatch={dispatch} />

      <section className="edit-section">
        <h2>Ingredients</h2>
        <ul className="edit-list">
          {draft.lines.map((line, n) => (
            <LineRow
              key={line.id}
              line={line}
              into={shown.lines[n]?.into ?? line.into}
              way={way}
              lines={lines}
              steps={steps}
              foods={foods}
              grain={grain}
              dispatch={dispatch}
            />
          ))}
        </ul>
        <OneLine
          view={view}
          lines={lines}
          step={draft.steps.find((step) => step.kind !== 'ahead')?.id}
          dispatch={dispatch}
        />
      </section>

      <MethodSection
        draft={draft}
        shown={shown}
        way={way}
        setWay={setWay}
        steps={steps}
        foods={foods}
        dispatch={dispatch}
      />

      <Versions recipe={draft} foods={foods} dispatch={dispatch} />

      <div className="edit-foot">
        <div>
          {faults.length > 0 ? (
            <span className="cannot">{firstFaultWords(faults)}</span>
          ) : unsaid.length > 0 ? (
            <span className="soft">
              “{unsaid[0]?.name}” speaks of the {unsaid[0]?.station === 'jug' ? 'blender' : unsaid[0]?.station}, and
              nothing is held for it: say so under “What it holds”.
            </span>
          ) : differences.length > 0 ? (
            <span className="soft">
              {counted(differences.length, 'change')}. {allergenWords(statementOf(componentFood(checked, view.foods)))}
            </span>
          ) : (
            <span className="soft">Nothing is changed yet.</span>
          )}
          {fault && (
            <p className="cannot" role="alert">
              {fault}
            </p>
          )}
        </div>
        {recipe && (
          <Input
            aria-label="Why it changes"
            placeholder="why (may stay empty)"
            maxLength={200}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
        )}
        <Button
          type="primary"
          size="large"
          loading={busy}
          disabled={faults.length > 0 || (recipe !== undefined && differences.length === 0)}
          onClick={() => void keep(draft, why.trim() || reasonOf(differences))}
        >
          {recipe ? `Keep as revision ${recipe.number + 1}` : 'Keep the recipe'}
        </Button>
      </div>
    </main>
  );
}

/** The grain of a draft, the same object while it says the same. */
function useGrain(draft: Revision, view: KitchenView): GrainOfDish | undefined {
  const said = JSON.stringify(grainOf(draft.lines, view.foods) ?? null);
  return useMemo(() => (JSON.parse(said) as GrainOfDish | null) ?? undefined, [said]);
}

/** Options that stay the same array while they say the same: a row is drawn anew only when something in it changed. */
function useOptions(pairs: readonly (readonly [value: string, label: string])[]): readonly Option[] {
  const said = JSON.stringify(pairs);
  return useMemo(
    () => (JSON.parse(said) as readonly [string, string][]).map(([value, label]) => ({ value, label })),
    [said],
  );
}

/** Why a recipe changed, where the cook did not say: the first things that did. */
function reasonOf(differences: readonly { readonly of: string; readonly what: string }[]): string {
  const said = [...new Set(differences.map(({ of, what }) => `${of}: ${what}`))];
  const text = said.slice(0, 3).join(', ') + (said.length > 3 ? ' and more' : '');
  return text.slice(0, 200) || 'edited';
}
