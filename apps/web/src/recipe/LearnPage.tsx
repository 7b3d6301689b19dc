import { compareRevisions } from '@kestrel-ridge/core/recipe';
import { Fraction, portionsText } from '@kestrel-ridge/core/quantity';
import { promote, scaleBatch } from '@kestrel-ridge/core/scaling';
import { cookedAs } from '@kestrel-ridge/core/recipe';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Empty } from '../parts/Empty.tsx';
import { Differences } from './Differences.tsx';
import './recipes.css';
import { taughtBy } from './taughtBy.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function LearnPage() {
  return <WithKitchen>{(view) => <Learn view={view} />}</WithKitchen>;
}

/** What a batch could teach its recipe, before it does. */
function Learn({ view }: { view: KitchenView }) {
  const { id, batch: batchId } = useParams();
  const recipe = view.recipes.find((each) => each.id === id);
  const taught = recipe && taughtBy(view, recipe).find(({ batch }) => batch.id === batchId);
  const [busy, setBusy] = useState(false);
  const send = useCommand();
  const navigate = useNavigate();
  if (!recipe || !taught)
    return (
      <main className="page">
        <Empty title="Nothing left to learn here">
          <p>The recipe says already what that batch was like, or the batch is gone.</p>
          <Link to={recipe ? `/recipes/${recipe.id}` : '/recipes'}>Back</Link>
        </Empty>
      </main>
    );
  const { batch, when } = taught;
  const portions = new Fraction(batch.portions);
  const { foods, kitchen } = view;
  const { loads } = scaleBatch(cookedAs(recipe.document, batch.choice, foods), portions, foods, kitchen.equipment).loads
    .value;
  const learned = promote(
    recipe.document,
    { portions, loads, choice: batch.choice, finals: batch.finals, notes: batch.notes },
    foods,
  );
  const keep = async () => {
    setBusy(true);
    const sent = await send({
      path: `recipes/${recipe.id}/revisions`,
      body: { follows: recipe.number, document: learned, why: `learned from the batch of ${when}` },
      touches: ['recipes', 'week'],
    });
    setBusy(false);
    if (sent.ok) void navigate(`/recipes/${recipe.id}/revisions`);
  };
  return (
    <main className="page">
      <div className="page-head">
        <h1>
          {recipe.name}: what the batch of {when} teaches
        </h1>
        <p>
          What went in, taken back from {portionsText(Number(batch.portions))} to the recipe’s{' '}
          {recipe.document.portions} by each line’s own law; what was noted stands with its step. The recipe stays as it
          is until you say so.
        </p>
      </div>
      <Differences
        differences={compareRevisions(recipe.document, learned, foods)}
        was={`revision ${recipe.number}`}
        now={`revision ${recipe.number + 1}`}
      />
      <div className="give-row" style={{ marginTop: 20 }}>
        <Button type="primary" size="large" loading={busy} onClick={() => void keep()}>
          Make it the recipe
        </Button>
        <LinkButton to={`/recipes/${recipe.id}`} size="large">
          Leave the recipe as it is
        </LinkButton>
      </div>
    </main>
  );
}
