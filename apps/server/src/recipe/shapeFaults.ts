import type { Food } from '@kestrel-ridge/core/food';
import type { Fault } from '@kestrel-ridge/core/formats';
import { isMeasureName, type Written } from '@kestrel-ridge/core/quantity';
import { faultsOf, foodsOfRecipe, type Revision } from '@kestrel-ridge/core/recipe';

export const NO_RECIPE: Fault = {
  field: 'document',
  fault: 'This is no recipe.',
  remedy: 'It needs a name, a component, lines, steps and uses.',
};

/** What a document must have before it may be called a recipe. */
export function isShaped(document: unknown): document is Revision {
  const { name, component, lines, steps, uses } = document as Record<string, unknown>;
  const lineIs = (line: unknown) =>
    typeof line === 'object' &&
    line !== null &&
    'amount' in line &&
    'law' in line &&
    'into' in line &&
    Array.isArray(line.into);
  const stepIs = (step: unknown) =>
    typeof step === 'object' && step !== null && 'after' in step && Array.isArray(step.after);
  return (
    typeof name === 'string' &&
    typeof component === 'object' &&
    component !== null &&
    Array.isArray(lines) &&
    lines.every(lineIs) &&
    Array.isArray(steps) &&
    steps.every(stepIs) &&
    Array.isArray(uses)
  );
}

/** Foods, measures and amounts that this kitchen can read; then core says whether it can be cooked. */
export function shapeFaults(document: Revision, foods: ReadonlyMap<string, Food>): readonly Fault[] {
  const strange = [
    ...document.lines.flatMap((line) => amountFaults(`document.lines.${line.id}`, line.amount)),
    ...[...(document.methods ?? []), ...(document.versions ?? [])].flatMap(({ id, lines }) =>
      lines.flatMap(({ line, amount }) => (amount ? amountFaults(`document.${id}.${line}`, amount) : [])),
    ),
    ...(foodsOfRecipe(document).every((food) => foods.has(food))
      ? []
      : [
          {
            field: ['document.lines', ...document.lines.filter((line) => !foods.has(line.food)).map(({ id }) => id)]
              .slice(0, 2)
              .join('.'),
            fault: 'It names a food that this kitchen does not know.',
            remedy: 'Add the food first.',
          },
        ]),
  ];
  return strange.length > 0
    ? strange
    : faultsOf(document).map((fault) => ({ ...fault, field: `document.${fault.field}` }));
}

function amountFaults(field: string, amount: Written): readonly Fault[] {
  if (!isMeasureName(amount.unit))
    return [
      {
        field,
        fault: `"${String(amount.unit)}" is no measure.`,
        remedy: 'Use g, kg, mL, L, tsp, tbsp, cup or each.',
      },
    ];
  if (!/^\d+( \d+\/\d+|\/\d+|\.\d+)?$/.test(amount.n))
    return [{ field, fault: `"${amount.n}" is no amount.`, remedy: 'Write 2, 1/2, 1 1/2 or 0.5.' }];
  return [];
}
