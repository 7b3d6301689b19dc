import { resized } from '@kestrel-ridge/core/scaling';
import { allergenWords } from '@kestrel-ridge/core/food';
import { Button } from 'antd';
import { useState } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import { WithKitchen } from '../app/WithKitchen.tsx';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Cautions } from '../app/Cautions.tsx';
import { PortionFacts } from '../recipe/PortionFacts.tsx';
import { Empty } from '../parts/Empty.tsx';
import { OwnFigure } from '../app/OwnFigure.tsx';
import { Stepper } from '../parts/Stepper.tsx';
import { Why } from '../parts/Why.tsx';
import { portionsText, show } from '@kestrel-ridge/core/quantity';
import { mildPartFor } from '@kestrel-ridge/core/view';
import { withDrafts } from '@kestrel-ridge/core/view';
import { FillGauge } from './FillGauge.tsx';
import { LastTimesOf } from '../lookback/LastTimesOf.tsx';
import { SeasonedHere } from '../lookback/SeasonedHere.tsx';
import { HowCooked } from './HowCooked.tsx';
import { IngredientTable } from './IngredientTable.tsx';
import './scale.css';
import { portionsCovered, shortages } from '@kestrel-ridge/core/view';
import { SizeIt } from './SizeIt.tsx';
import { useChoose } from './useChoose.ts';
import { WaterSchools } from './WaterSchools.tsx';
import { gramsText } from '../parts/gramsText.ts';
import { batchWords } from '../week/weekWords.ts';

export default function ScalePage() {
  return <WithKitchen>{(view) => <Scale view={view} />}</WithKitchen>;
}

function Scale({ view }: { view: KitchenView }) {
  const { batch: id } = useParams();
  const batches = view.batches.filter((batch) => batch.state.status === 'planned');
  const batch = batches.find((each) => each.state.id === id) ?? batches[0];
  if (!batch)
    return (
      <main className="page">
        <Empty title="Nothing to scale">
          <p>Choose a dish for the week, and its amounts stand here.</p>
          <NavLink to="/week">To the week</NavLink>
        </Empty>
      </main>
    );
  return (
    <main className="page">
      <nav className="dish-tabs" aria-label="Dishes of this session">
        {batches.map((each) => (
          <NavLink key={each.state.id} to={`/scale/${each.state.id}`} className={each === batch ? 'here' : ''}>
            {each.recipe.document.component.name}
            {shortages(view, each).length > 0 && <i aria-label="something is missing"> !</i>}
          </NavLink>
        ))}
      </nav>
      <Dish key={`${batch.state.id} ${batch.state.version}`} view={view} batch={batch} />
    </main>
  );
}

function Dish({ view, batch }: { view: KitchenView; batch: ScaledBatchView }) {
  const kept = Number(batch.state.portions);
  const [portions, setPortions] = useState(kept);
  const send = useCommand();
  const navigate = useNavigate();
  const choose = useChoose(batch);
  const [frozen, setFrozen] = useState(Number(batch.state.freezePortions));
  const freezePortions = Math.min(frozen, portions);
  const keptSize = { portions: kept, freezePortions: Number(batch.state.freezePortions) };
  const resize = (n: number) => {
    setPortions(n);
    setFrozen(resized(keptSize, { portions, freezePortions: frozen }, n).freezePortions);
  };
  const tried = withDrafts(view, { [batch.state.id]: { portions, freezePortions } });
  const shown = tried.batches.find((each) => each.state.id === batch.state.id) ?? batch;
  const { scaled } = shown;
  const missing = shortages(view, shown);
  const covered = portionsCovered(view, shown);
  const editable = batch.session.status === 'planned';

  const keep = (n: number) =>
    send({
      path: `batches/${batch.state.id}`,
      method: 'PUT',
      body: {
        portions: `${n}`,
        freezePortions: `${resized(keptSize, { portions, freezePortions }, n).freezePortions}`,
        version: batch.state.version,
      },
      touches: ['week'],
    });

  return (
    <>
      <div className="page-head head-row">
        <div>
          <h1>
            {batch.recipe.name}, {portionsText(portions)}
          </h1>
          <p>
            Makes <Why because={scaled.yields.because}>{show(scaled.yields.value)}</Why> cooked,{' '}
            {gramsText(scaled.portionG)} a portion, in{' '}
            <Why because={scaled.loads.because}>{scaled.loads.because.figure}</Why>. {allergenWords(scaled.allergens)}
          </p>
        </div>
        {editable && (
          <div className="scale-size">
            <Stepper label="Portions" value={portions} least={1} most={200} onChange={resize} />
            <SizeIt
              view={view}
              batch={batch}
              portions={portions}
              choose={(size) => {
                setPortions(size.portions);
                setFrozen(size.freezePortions);
              }}
            />
            {(portions !== kept || frozen !== Number(batch.state.freezePortions)) && (
              <Button onClick={() => void keep(portions)} type="primary">
                Keep {batchWords(portions, freezePortions)}
              </Button>
            )}
          </div>
        )}
      </div>

      {editable && <SeasonedHere view={view} scaled={scaled} />}
      {editable && <LastTimesOf view={view} recipe={batch.recipe.id} portions={portions} make={resize} />}
      {editable && (
        <HowCooked
          view={view}
          written={batch.written}
          choice={batch.state.choice}
          choose={(change) => void choose(change)}
          mild={mildPartFor(view, batch.recipe, batch.scaled.portionG)}
        />
      )}
      {missing.length > 0 && (
        <div className="dashed missing" role="alert">
          <span>
            <strong>Not on the shelf:</strong> {missing.map((m) => `${m.missingText} ${m.food.name}`).join(', ')}.
          </span>
          {editable && covered >= 1 && covered < portions && (
            <Button onClick={() => void keep(covered)}>Make {portionsText(covered)} from what is there</Button>
          )}
        </div>
      )}
      {scaled.loads.value.warnings.map((warning) => (
        <div key={warning} className="dashed missing" role="alert">
          {warning}
        </div>
      ))}
      {scaled.missing.map((bridge) => (
        <div key={bridge.food} className="dashed missing" role="alert">
          <OwnFigure
            food={{ id: bridge.foodId, name: bridge.food }}
            figure={bridge.figure}
            label={`${bridge.food}: ${bridge.remedy}`}
          />
        </div>
      ))}

      <div className="scale-grid">
        <div>
          <IngredientTable view={view} scaled={scaled} {...(editable ? { swappable: batch } : {})} />
          <div style={{ marginTop: 24 }}>
            <Cautions ids={scaled.cautions} fridgeDays={scaled.recipe.component.fridgeDays.value} />
          </div>
          {missing.length === 0 && portions === kept && (
            <Button
              type="primary"
              size="large"
              style={{ marginTop: 20, minWidth: 220 }}
              onClick={() => void navigate('/cook')}
            >
              Plan the cooking
            </Button>
          )}
        </div>
        <div className="scale-side">
          <FillGauge scaled={scaled} equipment={view.kitchen.equipment} />
          {scaled.water && <WaterSchools view={view} batch={batch} scaled={scaled} water={scaled.water} />}
          <PortionFacts scaled={scaled} view={view} />
        </div>
      </div>
    </>
  );
}
