import type { Food } from '../food/index.ts';
import type { Boil } from '../heat/index.ts';
import { expectedMinutes, leadsTo, type Line, type Revision, type Step } from '../recipe/index.ts';

/** How a step boils, by its words; what says nothing has its lid on. Common practice, no published source. */
const BOILS: readonly (readonly [words: RegExp, boil: Boil])[] = [
  [/\b(?:lid|cover|covered|swell|swelling|brais|steam|stand|standing)/i, 'lid on'],
  [/\b(?:rolling|hard boil|boil hard)\b/i, 'rolling boil'],
  [/\b(?:reduc|boil|bubbl)/i, 'strong simmer'],
  [/\b(?:simmer|stew|soften|thick)/i, 'gentle simmer'],
];

export interface OpenMinutes {
  readonly step: Step;
  readonly boil: Boil;
  readonly minutes: number;
}

/** Steps in which something lies in boiling or simmering water in an open pot. */
export const wetSteps = (
  recipe: Revision,
  lines: readonly { readonly line: Line; readonly food: Food }[],
): readonly OpenMinutes[] =>
  openPotMinutes(
    recipe,
    lines.filter(({ food }) => food.facts.kind === 'water').flatMap(({ line }) => line.into.map(({ step }) => step)),
  );

/**
 * The minutes that a recipe's pot stands on a burner with something wet in it, step by step, with how it boils: work done by hands in it counts as well.
 * `from`: the steps that water goes into; before them nothing boils off.
 */
export function openPotMinutes(recipe: Revision, from: readonly string[]): readonly OpenMinutes[] {
  const { steps, uses } = recipe;
  return steps.flatMap((step): OpenMinutes[] => {
    if (step.kind !== 'work') return [];
    const onHeat = uses.some(
      (use) => use.station === 'burner' && leadsTo(steps, use.from, step.id) && leadsTo(steps, step.id, use.to),
    );
    const wet = from.some((id) => leadsTo(steps, id, step.id));
    if (!onHeat || !wet || step.attention.needs === 'hands') return [];
    if (step.time.law === 'boils down') return [{ step, boil: step.time.boil, minutes: expectedMinutes(step) }];
    const boil = BOILS.find(([words]) => words.test(`${step.name} ${step.cue ?? ''}`))?.[1] ?? 'lid on';
    return [{ step, boil, minutes: expectedMinutes(step) * (step.stopAt ?? 1) }];
  });
}
