import { toWholeJsonLd, toWholeMarkdown, type RecipeFacts, type RecipeState } from '@kestrel-ridge/core/formats';
import { Fraction, portionsText, show, counted } from '@kestrel-ridge/core/quantity';
import { cookedAs, type Choice } from '@kestrel-ridge/core/recipe';
import { perPortion, scaleBatch } from '@kestrel-ridge/core/scaling';
import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useLearnedQuery } from '../api/api.ts';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { stepsHere } from '../lookback/teaches.ts';
import { Cautions } from '../app/Cautions.tsx';
import { giveFile } from '../parts/giveFile.ts';
import { Empty } from '../parts/Empty.tsx';
import { Stepper } from '../parts/Stepper.tsx';
import { Why } from '../parts/Why.tsx';
import { HowCooked } from '../scaling/HowCooked.tsx';
import { IngredientTable } from '../scaling/IngredientTable.tsx';
import '../scaling/scale.css';
import { useAddBatch } from '../week/useAddBatch.ts';
import { Assembly } from './Assembly.tsx';
import { recipeMinutes } from './recipeMinutes.ts';
import { MethodSteps } from './MethodSteps.tsx';
import { PortionFacts } from './PortionFacts.tsx';
import './recipes.css';
import { taughtBy } from './taughtBy.ts';
import { gramsText } from '../parts/gramsText.ts';
import { LinkButton } from '../parts/LinkButton.tsx';

export default function RecipePage() {
  return <WithKitchen>{(view) => <Known view={view} />}</WithKitchen>;
}

function Known({ view }: { view: KitchenView }) {
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
  const { document: written } = recipe;
  const [portions, setPortions] = useState(written.portions);
  const [choice, setChoice] = useState<Choice>({});
  const [busy, setBusy] = useState(false);
  const addBatch = useAddBatch(view);
  const send = useCommand();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const { foods, kitchen } = view;
  const document = useMemo(() => cookedAs(written, choice, foods), [written, choice, foods]);
  const scaled = useMemo(
    () => scaleBatch(document, new Fraction(portions), foods, kitchen.equipment),
    [document, portions, foods, kitchen.equipment],
  );
  const planned =
    view.session?.status === 'planned'
      ? view.batches.find(({ recipe: { id }, state }) => id === recipe.id && state.status === 'planned')
      : undefined;
  const running = view.session?.status === 'running';
  const taught = taughtBy(view, recipe);
  const { data: learned } = useLearnedQuery(kitchen.id);

  const make = async () => {
    setBusy(true);
    const added = await addBatch(recipe, portions);
    if (added && Object.values(choice).some((chosen) => chosen !== undefined))
      await send({
        path: `batches/${added}/choice`,
        method: 'PUT',
        body: { choice, version: 1 },
        touches: ['week'],
      });
    setBusy(false);
    if (added) void navigate(`/scale/${added}`);
  };
  const give = (ending: string, kind: string, text: string) => {
    const file = `${document.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${ending}`;
    giveFile(file, kind, text);
    void message.success(`${file} is in your downloads.`);
  };
  const facts = (): RecipeFacts => {
    const { nutrients, covered } = perPortion(scaled);
    const of = (key: (typeof nutrients)[number]['key']) => nutrients.find((each) => each.key === key)?.perPortion;
    const [kJ, proteinG] = covered < 1 ? [] : [of('energy'), of('protein')];
    return {
      minutes: recipeMinutes(document),
      category: document.component.kind,
      ...(kJ === undefined ? {} : { kJ }),
      ...(proteinG === undefined ? {} : { proteinG }),
    };
  };

  return (
    <main className="page">
      <div className="page-head head-row">
        <div>
          <h1>{document.name}</h1>
          <p>
            {portionsText(portions)}, <Why because={scaled.yields.because}>{show(scaled.yields.value)}</Why> cooked,{' '}
            {gramsText(scaled.portionG)} each, in{' '}
            <Why because={scaled.loads.because}>{scaled.loads.because.figure}</Why>. Keeps{' '}
            {counted(document.component.fridgeDays.value, 'day')} in the fridge.
          </p>
        </div>
        <Stepper label="Portions" value={portions} least={1} most={200} onChange={setPortions} />
      </div>
      <HowCooked
        view={view}
        written={written}
        choice={choice}
        choose={(change) => setChoice(defined({ ...choice, ...change }))}
      />
      {taught.map(({ batch, when }) => (
        <div key={batch.id} className="taught">
          <span>
            <strong>The batch of {when}</strong> was cooked otherwise than it is written.
          </span>
          <LinkButton to={`/recipes/${recipe.id}/learn/${batch.id}`}>See what it could teach the recipe</LinkButton>
        </div>
      ))}
      {scaled.loads.value.warnings.map((warning) => (
        <div key={warning} className="dashed missing" role="alert">
          {warning}
        </div>
      ))}
      <div className="split">
        <div>
          {document.unit && <Assembly view={view} recipe={document} />}
          <IngredientTable view={view} scaled={scaled} />
          <h2 className="method-head">Method</h2>
          <MethodSteps view={view} recipe={document} here={stepsHere(view, learned, recipe.id)} />
          <Cautions ids={scaled.cautions} fridgeDays={document.component.fridgeDays.value} />
        </div>
        <aside className="aside">
          <PortionFacts scaled={scaled} view={view} />
          {planned ? (
            <LinkButton to={`/scale/${planned.state.id}`} type="primary" size="large" className="one-action">
              In this week: {portionsText(Number(planned.state.portions))}
            </LinkButton>
          ) : (
            <Button
              type="primary"
              size="large"
              className="one-action"
              loading={busy}
              disabled={running}
              onClick={() => void make()}
            >
              Make {portionsText(portions)} this week
            </Button>
          )}
          {running && <p className="soft">A session is being cooked: plan the next when it is put away.</p>}
          <div className="give-row">
            <LinkButton to={`/recipes/${recipe.id}/edit`}>Edit</LinkButton>
            <LinkButton to={`/recipes/${recipe.id}/revisions`}>Revision {recipe.number}</LinkButton>
          </div>
          <div className="give-row">
            <Button onClick={() => give('md', 'text/markdown', toWholeMarkdown(document, foods))}>Markdown</Button>
            <Button onClick={() => give('json', 'application/ld+json', toWholeJsonLd(document, foods, facts()))}>
              Recipe data
            </Button>
            <Button onClick={() => window.print()}>Print</Button>
          </div>
        </aside>
      </div>
    </main>
  );
}

/** Without what was taken back. */
const defined = (choice: { readonly [K in keyof Choice]: Choice[K] | undefined }): Choice =>
  Object.fromEntries(Object.entries(choice).filter(([, value]) => value !== undefined));
