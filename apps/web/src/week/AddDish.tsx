import { Button, Select } from 'antd';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { useAddBatch } from './useAddBatch.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

/** One more dish for the week; makes the session too, when none is planned. */
export function AddDish({ view }: { view: KitchenView }) {
  const [recipe, setRecipe] = useState<string>();
  const [busy, setBusy] = useState(false);
  const addBatch = useAddBatch(view);
  const planned = view.session?.status === 'planned' ? view.session : undefined;
  const running = view.session?.status === 'running';
  const choices = view.recipes.filter(
    (each) =>
      !planned || !view.batches.some((batch) => batch.recipe.id === each.id && batch.state.session === planned.id),
  );

  const add = async () => {
    const chosen = view.recipes.find(({ id }) => id === recipe);
    if (!chosen) return;
    setBusy(true);
    const added = await addBatch(chosen, chosen.document.portions);
    setBusy(false);
    if (added) setRecipe(undefined);
  };

  if (view.recipes.length === 0)
    return (
      <Empty title="No recipe yet">
        <p>Choose some to begin with, by taste and by what this kitchen has, or paste your own.</p>
        <LinkButton to="/recipes/starters" type="primary" size="large">
          Choose recipes
        </LinkButton>
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
