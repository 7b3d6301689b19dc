import type { Equipment } from '@kestrel-ridge/core/kitchen';
import { show, showInScoops } from '@kestrel-ridge/core/quantity';
import type { WaterAnswer } from '@kestrel-ridge/core/scaling';
import { Why } from '../parts/Why.tsx';

/** Three schools of water for a grain, side by side, with the one that is used and why. */
export function WaterSchools({ water, loads, equipment }: { water: WaterAnswer; loads: number; equipment: Equipment }) {
  const most = Math.max(...water.schools.map((school) => school.water.value.mL.valueOf()));
  return (
    <section className="schools">
      <h2>Water{loads > 1 ? `, for ${loads} loads` : ''}</h2>
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
              {school.belowUptakeMl !== undefined && school.belowUptakeMl > 1 && (
                <b className="cannot">
                  {' '}
                  · {Math.round(school.belowUptakeMl)} mL less than the grain takes up: it stays hard
                </b>
              )}
            </small>
          </div>
        );
      })}
      <p className="soft">{water.why}</p>
    </section>
  );
}
