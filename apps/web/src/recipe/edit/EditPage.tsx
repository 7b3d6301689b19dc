import { allergenWords, statementOf } from '@kestrel-ridge/core/food';
import type { RecipeState } from '@kestrel-ridge/core/formats';
import { isEatenCold, componentFood, compareRevisions, faultsOf, type Revision } from '@kestrel-ridge/core/recipe';
import { App, Button, Input, Segmented } from 'antd';
import { useDeferredValue, useEffect, useMemo, useReducer, useState } from 'react';
import { Link, useBlocker, useNavigate, useParams } from 'react-router';
import { newId } from '../../parts/newId.ts';
import { useCommand } from '../../app/useCommand.ts';
import { WithKitchen } from '../../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../../parts/Empty.tsx';
import { Changes } from './Changes.tsx';
import './edit.css';
import { blankRecipe } from './blankRecipe.ts';
import { editRevision, wayOf, type WayId } from './editRevision.ts';
import { HeadFields, type Head } from './HeadFields.tsx';
import { LineRow, type Option } from './LineRow.tsx';
import { OneLine } from './OneLine.tsx';
import { Stations } from './Stations.tsx';
import { StepRow } from './StepRow.tsx';
import { Versions } from './Versions.tsx';

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
  const [draft, dispatch] = useReducer(editRevision, begun);
  const [way, setWay] = useState<WayId>();
  const [why, setWhy] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [kept, setKept] = useState<string>();
  const send = useCommand();
  const navigate = useNavigate();
  const { modal, message } = App.useApp();
  const checked = useDeferredValue(draft);
  const faults = useMemo(() => faultsOf(checked), [checked]);
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
  const method = draft.methods?.find(({ id }) => id === way);
  const changed = draft !== begun && kept === undefined;

  const blocker = useBlocker(changed);
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    modal.confirm({
      title: 'Leave without keeping?',
      content: 'What was changed here is lost.',
      okText: 'Leave',
      cancelText: 'Stay',
      onOk: () => blocker.proceed(),
      onCancel: () => blocker.reset(),
    });
  }, [blocker, modal]);
  useEffect(() => {
    if (kept !== undefined) void navigate(kept);
  }, [kept, navigate]);

  const keep = async () => {
    const [wrong] = faultsOf(draft);
    if (wrong) return setFault(`${wrong.fault} ${wrong.remedy}`);
    setBusy(true);
    const id = recipe?.id ?? newId();
    const sent = recipe
      ? await send<{ followed: number }>({
          path: `recipes/${id}/revisions`,
          body: { follows: recipe.number, document: draft, why: why.trim() || reasonOf(differences) },
          touches: ['recipes', 'week'],
          quiet: true,
        })
      : await send<{ followed?: number }>({
          path: 'recipes',
          body: { id, document: draft },
          touches: ['recipes'],
          quiet: true,
        });
    setBusy(false);
    if (sent.ok) {
      if (sent.value.followed) void message.success('Kept. The batch that is planned follows it.');
      return setKept(`/recipes/${id}`);
    }
    setFault(
      sent.problem.code === 'stale'
        ? 'Somebody changed this recipe meanwhile. Your changes are still here: look at the recipe in another window, then keep yours or leave.'
        : sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail,
    );
  };

  return (
    <main className="page edit-page">
      <div className="page-head">
        <h1>{recipe ? `Edit ${recipe.name}` : 'A new recipe'}</h1>
        <p>
          {recipe
            ? `Keeping it makes revision ${recipe.number + 1}; revision ${recipe.number} stays as it is.`
            : 'Ingredients in one line each; then what is done with them.'}
        </p>
      </div>
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

      <section className="edit-section">
        <div className="edit-ways">
          <h2>Method</h2>
          {(draft.methods ?? []).length > 0 && (
            <Segmented<string>
              aria-label="Which way is edited"
              value={way ?? ''}
              onChange={(id) => setWay(id || undefined)}
              options={[
                { value: '', label: draft.methodName ?? 'the first way' },
                ...(draft.methods ?? []).map(({ id, name }) => ({ value: id, label: name })),
              ]}
            />
          )}
          <Button onClick={() => dispatch({ did: 'method added' })}>Another way to cook it</Button>
        </div>
        {(draft.methods ?? []).length > 0 && (
          <div className="edit-inline">
            <span>this way is called</span>
            <Input
              aria-label="Name of this way"
              value={method ? method.name : (draft.methodName ?? '')}
              placeholder="in the sealed cooker"
              onChange={(event) =>
                method
                  ? dispatch({ did: 'method changed', method: method.id, change: { name: event.target.value } })
                  : dispatch({ did: 'recipe changed', change: { methodName: event.target.value || undefined } })
              }
              style={{ maxWidth: 260 }}
            />
            {method && (
              <Button
                type="link"
                onClick={() => {
                  setWay(undefined);
                  dispatch({ did: 'method removed', method: method.id });
                }}
              >
                remove this way
              </Button>
            )}
          </div>
        )}
        <ol className="edit-list">
          {shown.steps.map((step, n) => (
            <StepRow key={step.id} step={step} number={n + 1} way={way} steps={steps} dispatch={dispatch} />
          ))}
        </ol>
        <Button onClick={() => dispatch({ did: 'step added', way })}>Add a step</Button>
        <h3>What it holds</h3>
        <Stations uses={shown.uses} steps={steps} way={way} dispatch={dispatch} />
        {method && (
          <>
            <h3>Amounts in this way</h3>
            <Changes
              lines={draft.lines}
              changes={method.lines}
              foods={foods}
              change={(changes) => dispatch({ did: 'method changed', method: method.id, change: { lines: changes } })}
            />
          </>
        )}
      </section>

      <Versions recipe={draft} foods={foods} dispatch={dispatch} />

      <div className="edit-foot">
        <div>
          {faults.length > 0 ? (
            <span className="cannot">
              {faults[0]?.fault} {faults[0]?.remedy}
              {faults.length > 1 && ` And ${faults.length - 1} more.`}
            </span>
          ) : differences.length > 0 ? (
            <span className="soft">
              {differences.length} {differences.length === 1 ? 'change' : 'changes'}.{' '}
              {allergenWords(statementOf(componentFood(checked, view.foods)))}
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
          onClick={() => void keep()}
        >
          {recipe ? `Keep as revision ${recipe.number + 1}` : 'Keep the recipe'}
        </Button>
      </div>
    </main>
  );
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
