import { toJsonLd, toMarkdown, toRecipeText, type RecipeState } from '@kestrel-ridge/core/formats';
import { Fraction, show } from '@kestrel-ridge/core/quantity';
import type { Step } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '../app/useKitchenState.ts';
import { Cautions } from '../parts/Cautions.tsx';
import { Empty } from '../parts/Empty.tsx';
import { Stepper } from '../parts/Stepper.tsx';
import { Why } from '../parts/Why.tsx';
import { IngredientTable } from '../scaling/IngredientTable.tsx';
import '../scaling/scale.css';
import { useAddBatch } from '../week/useAddBatch.ts';
import { PortionFacts } from './PortionFacts.tsx';
import './recipes.css';

export default function RecipePage() {
  return <WithKitchen>{(view) => <Found view={view} />}</WithKitchen>;
}

function Found({ view }: { view: KitchenView }) {
  const { id } = useParams();
  const recipe = view.recipes.find((each) => each.id === id);
  if (recipe) return <Recipe key={recipe.id} view={view} recipe={recipe} />;
  return (
    <main className="page">
      <Empty title="There is no such recipe here">
        <Link to="/recipes">To the recipes</Link>
      </Empty>
    </main>
  );
}

function Recipe({ view, recipe }: { view: KitchenView; recipe: RecipeState }) {
  const { document } = recipe;
  const [portions, setPortions] = useState(document.portions);
  const [busy, setBusy] = useState(false);
  const addBatch = useAddBatch(view);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const scaled = useMemo(
    () => scaleBatch(document, new Fraction(portions), view.foods, view.kitchen.equipment),
    [document, portions, view.foods, view.kitchen.equipment],
  );
  const planned =
    view.session?.status === 'planned' ? view.batches.find((batch) => batch.recipe.id === recipe.id) : undefined;
  const running = view.session?.status === 'running';

  const make = async () => {
    setBusy(true);
    const added = await addBatch(recipe, portions);
    setBusy(false);
    if (added) void navigate('/week');
  };
  const give = (ending: string, kind: string, text: string) => {
    const link = window.document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type: kind }));
    link.download = `${document.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${ending}`;
    link.click();
    URL.revokeObjectURL(link.href);
    void message.success(`${link.download} is in your downloads.`);
  };
  const words = toRecipeText(document, view.foods);

  return (
    <main className="page">
      <div className="page-head scale-head">
        <div>
          <h1>{document.name}</h1>
          <p>
            {portions} portions, <Why because={scaled.yields.because}>{show(scaled.yields.value)}</Why> cooked,{' '}
            {Math.round(scaled.portionG)} g each, in{' '}
            <Why because={scaled.loads.because}>{scaled.loads.because.figure}</Why>. Keeps{' '}
            {document.component.fridgeDays.value} days in the fridge.
          </p>
        </div>
        <Stepper label="Portions" value={portions} least={1} most={200} onChange={setPortions} />
      </div>
      <div className="split">
        <div>
          <IngredientTable view={view} scaled={scaled} />
          <h2 className="method-head">Method</h2>
          <ol className="method">
            {document.steps.map((step) => (
              <li key={step.id}>
                <span>{stepWords(step)}</span>
                <small>{stepTimes(step)}</small>
              </li>
            ))}
          </ol>
          <Cautions ids={scaled.cautions} />
        </div>
        <aside className="aside">
          <PortionFacts scaled={scaled} />
          {planned ? (
            <Link to={`/scale/${planned.state.id}`}>
              <Button type="primary" size="large" className="one-action">
                In this week: {Number(planned.state.portions)} portions
              </Button>
            </Link>
          ) : (
            <Button
              type="primary"
              size="large"
              className="one-action"
              loading={busy}
              disabled={running}
              onClick={() => void make()}
            >
              Make {portions} portions this week
            </Button>
          )}
          {running && <p className="soft">A session is being cooked: plan the next when it is put away.</p>}
          <div className="give-row">
            <Button onClick={() => give('md', 'text/markdown', toMarkdown(words))}>Markdown</Button>
            <Button onClick={() => give('json', 'application/ld+json', toJsonLd(words))}>Recipe data</Button>
            <Button onClick={() => window.print()}>Print</Button>
          </div>
        </aside>
      </div>
    </main>
  );
}

function stepWords(step: Step): string {
  return step.kind === 'pressure'
    ? `Seal the cooker with the ${step.name} and bring it to high pressure; ${step.release.how === 'quick' ? 'vent at once' : step.release.how === 'timed' ? `let it stand ${step.release.minutes} min, then vent` : 'let the pressure drop by itself'}`
    : step.name;
}

function stepTimes(step: Step): string {
  const window = (w: { readonly earliest: number; readonly expected: number; readonly latest: number }) =>
    w.earliest === w.latest
      ? `${w.expected} min`
      : `look from ${w.earliest}, about ${w.expected}, ${w.latest} min at the latest`;
  switch (step.kind) {
    case 'ahead':
      return `${step.hours.least} to ${step.hours.most} h ahead`;
    case 'pressure':
      return `${step.hold.expected} min at pressure, by the table; longer up high`;
    case 'work': {
      const time =
        step.time.law === 'fixed'
          ? window(step.time.minutes)
          : `${step.time.minutes} min and ${step.time.perKg} a kilo`;
      const who =
        step.attention.needs === 'hands'
          ? 'hands'
          : step.attention.needs === 'look'
            ? `a look every ${step.attention.everyMinutes} min`
            : 'nobody';
      return `${time} · ${who}${step.cue ? ` · ${step.cue}` : ''}`;
    }
    default:
      return step satisfies never;
  }
}
