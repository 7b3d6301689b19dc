import { fixed } from '@kestrel-ridge/core/quantity';
import { fryingPan, largestPot, type Equipment } from '@kestrel-ridge/core/kitchen';
import { Why } from '../parts/Why.tsx';
import { VESSEL_NAMES } from './vesselNames.ts';
import type { ScaledBatch } from '@kestrel-ridge/core/scaling';
import { equalLoads, fullestWords, oneAfterTheOther, racksWords, traysWords } from './scalingWords.ts';

/** How full the vessel is, one load, against its fill line. */
export function FillGauge({ scaled, equipment }: { scaled: ScaledBatch; equipment: Equipment }) {
  const { loads, trays } = scaled.loads.value;
  const vessel = scaled.recipe.vessel;
  const racks = equipment.ovens[0]?.racks ?? 0;
  if (scaled.loads.value.limit <= 0) return null;
  if (vessel === 'air fryer')
    return (
      <section className="gauge">
        <h2>{oneAfterTheOther(loads, 'basket')}</h2>
        <p className="soft">{equipment.airFryer?.basketCm2} cm², one layer</p>
      </section>
    );
  if (vessel === 'pan')
    return (
      <section className="gauge">
        <h2>{oneAfterTheOther(loads, 'panful')}</h2>
        <p className="soft">
          {fryingPan(equipment).name}, {fryingPan(equipment).acrossCm} cm across, side by side
        </p>
      </section>
    );
  if (vessel === 'tray')
    return (
      <section className="gauge">
        <h2>{traysWords(trays)}</h2>
        <svg viewBox="0 0 240 74" width="240" height="74" role="img" aria-label={racksWords(trays, racks, 1)}>
          {Array.from({ length: racks }, (_, n) => (
            <g key={n} transform={`translate(0 ${8 + n * 22})`}>
              <rect x="4" y="8" width="232" height="4" fill="var(--slate-soft)" />
              {n < trays && <path d="M16 8h208l-6-8H22z" fill="var(--roots)" />}
            </g>
          ))}
        </svg>
        <p className="soft">{racksWords(trays, racks, loads)}</p>
      </section>
    );
  const full =
    vessel === 'cooker'
      ? (equipment.cookers[0]?.litres ?? 6) * 1000
      : vessel === 'jug'
        ? equipment.jug.mostMl
        : vessel === 'rice cooker'
          ? (equipment.riceCooker?.litres ?? 1) * 1000
          : vessel === 'microwave'
            ? (equipment.microwave?.dishLitres ?? 2) * 1000
            : largestPot(equipment).litres * 1000;
  const fullest = scaled.loads.value.fullest / loads;
  const line = scaled.loads.value.limit;
  const share = (mL: number) => Math.min(1, mL / full);
  const top = 12;
  const height = 96;
  return (
    <section className="gauge">
      <h2>{equalLoads(loads)}</h2>
      <svg
        viewBox="0 0 250 122"
        width="250"
        height="122"
        role="img"
        aria-label={fullestWords(fixed(fullest / 1000, 1), fixed(line / 1000, 1))}
      >
        <rect
          x="14"
          y={top + height * (1 - share(fullest))}
          width="120"
          height={height * share(fullest)}
          fill={`var(--${scaled.recipe.component.kind})`}
        />
        <path d={`M14 ${top}v${height}h120V${top}`} fill="none" stroke="var(--slate)" strokeWidth="4" />
        <line
          x1="6"
          x2="142"
          y1={top + height * (1 - share(line))}
          y2={top + height * (1 - share(line))}
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray="6 4"
        />
        <text x="148" y={top + height * (1 - share(line)) + 5} fill="var(--ink)" fontSize="14">
          line {fixed(line / 1000, 1)} L
        </text>
        <text
          x="148"
          y={Math.min(
            top + height - 2,
            Math.max(top + height * (1 - share(line)) + 26, top + height * (1 - share(fullest)) + 5),
          )}
          fill="var(--slate)"
          fontSize="14"
        >
          fullest {fixed(fullest / 1000, 1)} L
        </text>
      </svg>
      <p className="soft">
        the {VESSEL_NAMES[vessel]}, {fixed(full / 1000, 1)} L
        <br />
        <Why because={scaled.loads.because}>how full, line by line</Why>
      </p>
    </section>
  );
}
