import { perPortion, type ScaledBatch } from '@kestrel-ridge/core/scaling';
import { Why } from '../parts/Why.tsx';

const DIGITS = { energy: 0, protein: 0, fibre: 0, iron: 1, 'vitamin C': 0, salt: 1 } as const;
/** 1 kcal = 4.184 kJ, exact. */
const KJ_PER_KCAL = 4.184;

/** What a portion holds, each figure with its reason; and how much of the food is covered by data. */
export function PortionFacts({ scaled }: { scaled: ScaledBatch }) {
  const facts = perPortion(scaled);
  const percent = Math.round(facts.covered * 100);
  return (
    <section aria-label="A portion holds">
      <h2>A portion holds</h2>
      {facts.nutrients.map((nutrient) => (
        <div key={nutrient.key} className="figure-row">
          <span>{nutrient.key}</span>
          <Why because={nutrient.because}>
            <span className="number">
              {nutrient.perPortion.toFixed(DIGITS[nutrient.key])} {nutrient.unit}
            </span>
          </Why>
        </div>
      ))}
      <p className="soft portion-note">
        {Math.round((facts.nutrients[0]?.perPortion ?? 0) / KJ_PER_KCAL)} kcal. From data for {percent} % of what goes
        in, raw{facts.without.length > 0 ? `; nothing is known of ${facts.without.join(', ')}` : ''}. Losses in cooking
        are not taken off.
        {facts.ironAlone &&
          ' Iron from plants is taken up better beside a source of vitamin C; there is little in this dish.'}
      </p>
      <p>
        {scaled.allergens.length > 0 ? (
          <strong>Contains {scaled.allergens.join(', ')}.</strong>
        ) : (
          'None of the listed allergens in its recipe.'
        )}
      </p>
    </section>
  );
}
