import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { appetiteSeen } from './appetiteSeen.ts';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { useAddBatch } from './useAddBatch.ts';

/** One more dish for the week; makes the session too, when none is planned. */
export function AddDish({ view }: { view: KitchenView }) {
  const [recipe, setRecipe] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [taken, setTaken] = useState<number>();
  const send = useCommand();
  const addBatch = useAddBatch(view);
  const planned = view.session?.status === 'planned' ? view.session : undefined;
  const running = view.session?.status === 'running';
  const choices = view.recipes.filter(
    (each) =>
      !planned || !view.batches.some((batch) => batch.recipe.id === each.id && batch.state.session === planned.id),
  );

  const takeStarters = async () => {
    for (const [n, document] of STARTER_RECIPES.entries()) {
      setTaken(n);
      const sent = await send({ path: 'recipes', body: { id: newId(), document }, touches: ['recipes'] });
      if (!sent.ok) break;
      await send({
        path: 'appetites',
        method: 'PUT',
        body: { food: document.component.id, portionsADay: 1, seen: appetiteSeen(view, document.component.id) },
        touches: ['week'],
      });
    }
    setTaken(undefined);
  };

  const add = async () => {
    const chosen = view.recipes.find(({ id }) => id === recipe);
    if (!chosen) return;
    setBusy(true);
    const added = await addBatch(chosen, chosen.document.portions);
    setBusy(false);
    if (added) setRecipe(undefined);
  };

  if (view.recipes.length === 0 || taken !== undefined)
    return (
      <Empty title="No recipe yet">
        <p>
          Take five to begin with: a grain and a legume from the sealed cooker, a tray of roots, a blended sauce, greens
          from the hob.
        </p>
        <Button type="primary" size="large" loading={taken !== undefined} onClick={() => void takeStarters()}>
          {taken === undefined ? 'Take the five recipes' : `Taking ${taken + 1} of ${STARTER_RECIPES.length}`}
        </Button>
      </Empty>
    );
  if (running || choices.length === 0) return null;
  return (
    <div className="add-dish">
      <Select
        aria-label="One more dish"
        style={{ minWidth: 280 }}
        placeholder={planned ? 'One more dish' : 'Choose a dish for a new session'}
        value={recipe}
        onChange={setRecipe}
        options={choices.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Button disabled={!recipe} loading={busy} onClick={() => void add()}>
        Add to the week
      </Button>
    </div>
  );
}
