import { show, showInScoops } from '@kestrel-ridge/core/quantity';
import type { ScaledBatch, WaterAnswer } from '@kestrel-ridge/core/scaling';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { Why } from '../parts/Why.tsx';
import { CameOut } from './CameOut.tsx';
import { useWaterSchool } from './useWaterSchool.ts';
import { waterHead } from './scalingWords.ts';

/** Three schools of water for a grain, side by side, with the one that is used and why. */
export function WaterSchools({
  view,
  batch,
  scaled,
  water,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  scaled: ScaledBatch;
  water: WaterAnswer;
}) {
  const { choose, busy } = useWaterSchool(batch);
  const { equipment } = view.kitchen;
  const loads = scaled.loads.value.loads;
  const waterLine = scaled.lines.find(({ line }) => line.law.law === 'water for grain');
  const grainId = waterLine?.line.law.law === 'water for grain' ? waterLine.line.law.grain : undefined;
  const own = waterLine?.line.law.law === 'water for grain' ? waterLine.line.law.school : undefined;
  const grain = scaled.lines.find(({ line }) => line.id === grainId);
  const most = Math.max(...water.schools.map((school) => school.water.value.mL.valueOf()));
  return (
    <section className="schools">
      <h2>{waterHead(loads)}</h2>
      {water.schools.map((school) => {
        const chosen = school === water.chosen;
        const scooped = showInScoops(school.water.value, equipment.scoops, equipment.units);
        return (
          <div key={school.school} className={chosen ? 'school chosen' : 'school'}>
            <div className="school-line">
              <span>
                {chosen && '➔ '}
                {school.name}
              </span>
              <Why because={school.water.because}>
                <span className="number">{show(school.water.value)}</span>
              </Why>
            </div>
            <div className="school-bar">
              <i style={{ width: `${(school.water.value.mL.valueOf() / most) * 100}%` }} />
            </div>
            <small>
              {scooped?.text}
              {' · '}
              <Why because={school.moisture.because}>{Math.round(school.moisture.value * 100)} % water when done</Why>
              {chosen && water.usualMoisture !== undefined && ` (usual: ${Math.round(water.usualMoisture * 100)} %)`}
              {school.belowUptakeMl !== undefined && school.belowUptakeMl > 1 && (
                <b className="cannot">
                  {' '}
                  · {Math.round(school.belowUptakeMl)} mL less than the grain takes up: it stays hard
                </b>
              )}
            </small>
            {!chosen && (
              <Button
                size="small"
                type="text"
                aria-label={`Use ${school.name} for this dish`}
                disabled={busy}
                onClick={() => void choose(school.school)}
              >
                Use it for this dish
              </Button>
            )}
          </div>
        );
      })}
      <p className="soft">{water.why}</p>
      {own !== undefined && (
        <Button size="small" disabled={busy} onClick={() => void choose(undefined)}>
          Let it be found by itself again
        </Button>
      )}
      {grain && (
        <CameOut
          view={view}
          grain={grain}
          waterMl={water.chosen.water.value.mL.valueOf()}
          loads={loads}
          pot={water.pot}
          bookLossMl={water.bookLossMl}
        />
      )}
    </section>
  );
}
