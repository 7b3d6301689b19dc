import { fixed, listed } from '@kestrel-ridge/core/quantity';
import { NO_ALLERGENS, addedBy, allergenWords } from '@kestrel-ridge/core/food';
import {
  alcoholPerPortion,
  allergensOfSlots,
  perPortion,
  rangeOverSlots,
  scaleBatch,
  withComposition,
  type Nutrient,
  type ScaledBatch,
} from '@kestrel-ridge/core/scaling';
import { moneyText } from '@kestrel-ridge/core/cost';
import { useMemo } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { bringsVitaminC, costOfOne } from '@kestrel-ridge/core/view';
import { portionNoteWords } from './recipeWords.ts';

const DIGITS = { energy: 0, protein: 0, fibre: 0, iron: 1, 'vitamin C': 0, salt: 1 } as const;
/** 1 kcal = 4.184 kJ, exact. */
const KJ_PER_KCAL = 4.184;

/** What a portion holds, each figure with its reason; a range while a line is open; and how much of the food is covered by data. */
export function PortionFacts({ scaled: plain, view }: { scaled: ScaledBatch; view: KitchenView }) {
  const scaled = useMemo(() => withMadeFoods(plain, view), [plain, view]);
  const facts = perPortion(scaled);
  const open = scaled.recipe.lines.some((line) => line.slot);
  const spans = useMemo(() => (open ? spansOf(scaled, view) : undefined), [open, scaled, view]);
  const bySlot = open ? allergensOfSlots(scaled.recipe, view.foods) : NO_ALLERGENS;
  const always = addedBy(scaled.allergens, bySlot);
  const perhaps = [...bySlot.contains, ...bySlot.may];
  const alcohol = alcoholPerPortion(scaled);
  return (
    <section aria-label="Per portion">
      <h2>Per portion</h2>
      {facts.nutrients.map((nutrient) => (
        <div key={nutrient.key} className="figure-row">
          <span>{nutrient.key}</span>
          <Why because={nutrient.because}>
            <span className="number">{spans?.get(nutrient.key) ?? shown(nutrient, nutrient.perPortion)}</span>
          </Why>
        </div>
      ))}
      {alcohol && (
        <div className="figure-row">
          <span>alcohol</span>
          <Why because={alcohol.because}>
            <span className="number">{alcohol.value < 0.1 ? 'traces' : `${fixed(alcohol.value, 1)} g`}</span>
          </Why>
        </div>
      )}
      <CostRow view={view} scaled={scaled} />
      <p className="soft portion-note">
        {portionNoteWords({
          kcal: Math.round((facts.nutrients[0]?.perPortion ?? 0) / KJ_PER_KCAL),
          percent: Math.round(facts.covered * 100),
          without: facts.without,
          toTaste: facts.toTaste,
          bringsC: facts.ironAlone ? bringsVitaminC(view) : undefined,
          alcohol: alcohol !== undefined,
        })}
      </p>
      <p>
        <strong>{allergenWords(always)}</strong>
        {perhaps.length > 0 && (
          <strong> With {listed(perhaps)} or without, depending on what fills the open line.</strong>
        )}
      </p>
    </section>
  );
}

/** What a portion's ingredients cost, from the lots that would be used; a range while a line is open. */
function CostRow({ view, scaled }: { view: KitchenView; scaled: ScaledBatch }) {
  const { equipment } = view.kitchen;
  const portions = scaled.portions.valueOf();
  const cost = costOfOne(view, scaled);
  const open = scaled.recipe.lines.some((line) => line.slot);
  const span = useMemo(
    () =>
      open
        ? rangeOverSlots(
            scaled.recipe,
            view.foods,
            (filled) => costOfOne(view, scaleBatch(filled, scaled.portions, view.foods, equipment))?.usedMinor ?? 0,
          )
        : undefined,
    [open, scaled, view, equipment],
  );
  if (!cost || cost.usedMinor === 0) return null;
  const money = (minor: number) => moneyText(Math.round(minor / portions), equipment.currency);
  return (
    <>
      <div className="figure-row">
        <span>cost</span>
        <Why because={cost.because}>
          <span className="number">
            {cost.unknown.length > 0 && <small>at least</small>}
            {span && money(span.low) !== money(span.high)
              ? `${money(span.low).split(' ')[0] ?? ''} to ${money(span.high)}`
              : money(cost.usedMinor)}
          </span>
        </Why>
      </div>
      {cost.likely && money(cost.likely.minor) !== money(cost.usedMinor) && (
        <div className="figure-row">
          <span>with what goes to waste</span>
          <Why because={cost.likely.because}>
            <span className="number">{money(cost.likely.minor)}</span>
          </Why>
        </div>
      )}
      {cost.optional && cost.optional.minor > 0 && (
        <div className="figure-row">
          <span>optional garnish</span>
          <Why because={cost.optional.because}>
            <span className="number">{money(cost.optional.minor)}</span>
          </Why>
        </div>
      )}
    </>
  );
}

const shown = ({ key, unit }: Nutrient, value: number): string => `${fixed(value, DIGITS[key])} ${unit}`;

/** A plate of what this kitchen makes itself is counted by the recipes of its parts. */
function withMadeFoods(scaled: ScaledBatch, view: KitchenView): ScaledBatch {
  const made = scaled.lines.filter(({ food }) => food.facts.kind === 'component').map(({ food }) => food.id);
  if (made.length === 0) return scaled;
  const { equipment } = view.kitchen;
  const foods = withComposition(
    view.foods,
    view.recipes.map(({ document }) => document),
    equipment,
    made,
  );
  return scaleBatch(scaled.recipe, scaled.portions, foods, equipment);
}

/** From the least to the most of each figure, until the open lines are filled. */
function spansOf({ recipe, portions }: ScaledBatch, view: KitchenView): ReadonlyMap<string, string> {
  const { foods, kitchen } = view;
  const of = new Map<unknown, readonly Nutrient[]>();
  const nutrients = (filled: typeof recipe) => {
    const known = of.get(filled) ?? perPortion(scaleBatch(filled, portions, foods, kitchen.equipment)).nutrients;
    of.set(filled, known);
    return known;
  };
  return new Map(
    nutrients(recipe).map((nutrient, n) => {
      const { low, high } = rangeOverSlots(recipe, foods, (filled) => nutrients(filled)[n]?.perPortion ?? 0);
      const [from, to] = [low, high].map((value) => fixed(value, DIGITS[nutrient.key]));
      return [nutrient.key, from === to ? shown(nutrient, low) : `${from} to ${to} ${nutrient.unit}`];
    }),
  );
}
