import { Fraction, inBase, MEASURES, quantityOf, type MeasureName, type Written } from '../quantity/index.ts';
import type { Food, FoodId } from '../food/index.ts';
import {
  applySwaps,
  cookedAs,
  shareLeft,
  type Choice,
  type Law,
  type LineChange,
  type Revision,
  type Step,
} from '../recipe/index.ts';
import { multiplier, type FactorLaw } from './law.ts';
import type { Final } from './scaleBatch.ts';

export interface Corrected {
  readonly portions: Fraction;
  readonly loads: number;
  readonly choice: Choice;
  readonly finals: readonly Final[];
  /** What was noted at its steps. */
  readonly notes?: readonly { readonly step: string; readonly text: string }[];
}

/** Lines whose amount follows from the pot: a correction of them belongs to the kitchen's figures, not to the recipe. */
const followsFromPot = (law: Law): law is Exclude<Law, FactorLaw> =>
  law.law === 'water for grain' || law.law === 'pot and minute';

/**
 * What a batch taught, as the recipe's next revision: its swaps, and what really went in, taken back to the written size by each line's own law; where the batch's
 * version or method has an amount of its own, it is learned there. A promoted recipe at the batch's size asks for what was logged, to the precision of a spoon.
 */
export function promote(recipe: Revision, batch: Corrected, foods: ReadonlyMap<FoodId, Food>): Revision {
  const { choice, finals, notes = [] } = batch;
  const factor = batch.portions.div(new Fraction(recipe.portions));
  const swapped = applySwaps(recipe, choice.swaps ?? [], foods);
  const learned = new Map(
    cookedAs(recipe, choice, foods).lines.flatMap((line): [string, Written][] => {
      const final = finals.find((each) => each.line === line.id);
      if (!final || followsFromPot(line.law)) return [];
      const grows = multiplier(line.law, factor, batch.loads).value.mul(shareLeft(line, choice.mild, foods, swapped));
      return [[line.id, roundedTo(final.amount.unit, quantityOf(final.amount), grows)]];
    }),
  );
  const inChanges = (changes: readonly LineChange[]) =>
    changes.map((change) => {
      const amount = change.amount && learned.get(change.line);
      return amount ? { ...change, amount } : change;
    });
  const version = recipe.versions?.find((each) => each.id === choice.version);
  const method = recipe.methods?.find((each) => each.id === choice.method);
  const elsewhere = new Set(
    [...(version?.lines ?? []), ...(method?.lines ?? [])].filter(({ amount }) => amount).map(({ line }) => line),
  );
  return {
    ...swapped,
    steps: swapped.steps.map((step) => noted(step, notes)),
    lines: swapped.lines.map((line) => {
      const amount = learned.get(line.id);
      if (!amount || elsewhere.has(line.id)) return line;
      const { between: _between, ...rest } = line;
      return { ...rest, amount };
    }),
    ...(version && swapped.versions
      ? {
          versions: swapped.versions.map((each) =>
            each.id === version.id ? { ...each, lines: inChanges(each.lines) } : each,
          ),
        }
      : {}),
    ...(method && swapped.methods
      ? {
          methods: swapped.methods.map((each) =>
            each.id === method.id ? { ...each, lines: inChanges(each.lines) } : each,
          ),
        }
      : {}),
  };
}

/** What was noted stands with the step, once. */
function noted(step: Step, notes: NonNullable<Corrected['notes']>): Step {
  const said = [
    ...new Set([
      ...(step.note ? step.note.split('; ') : []),
      ...notes.filter((note) => note.step === step.id).map(({ text }) => text),
    ]),
  ];
  return said.length > 0 ? { ...step, note: said.join('; ') } : step;
}

/** Is there anything in this batch that the recipe could learn? */
export const hasCorrections = (
  recipe: Revision,
  { choice, finals, notes = [] }: Pick<Corrected, 'choice' | 'finals' | 'notes'>,
): boolean =>
  notes.some(({ step, text }) => {
    const known = recipe.steps.find(({ id }) => id === step);
    return known !== undefined && !known.note?.includes(text);
  }) ||
  (choice.swaps ?? []).length > 0 ||
  finals.some((final) => recipe.lines.some((line) => line.id === final.line && !followsFromPot(line.law)));

/** A weight to a tenth of a gram below 10 and to a gram above; spoons and cups to an eighth; pieces to a quarter. */
function roundedTo(unit: MeasureName, quantity: ReturnType<typeof quantityOf>, grows: Fraction): Written {
  const n = inBase(quantity).div(MEASURES[unit].factor).div(grows);
  if (unit === 'g' || unit === 'mL') return { n: n.round(n.compare(10) < 0 ? 1 : 0).toString(), unit };
  if (unit === 'kg' || unit === 'L') return { n: n.round(3).toString(), unit };
  const parts = unit === 'each' ? 4 : 8;
  const whole = n.mul(parts).round();
  return { n: (whole.compare(0) > 0 ? whole : new Fraction(1)).div(parts).toFraction(true), unit };
}
