import { leadsTo, readShare, type Step } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';

/**
 * What is in the pot when a step on the heat is done, g, for one of so many parts of the batch: grain and sauces stop at a weight, not by eye. It is what the dish
 * yields less what goes in later. Undefined where it cannot be told: something still goes in beside, or is poured off or kept apart.
 */
export function stopWeight(step: Step, { recipe, lines, yields }: ScaledBatch, parts: number): number | undefined {
  if (step.kind !== 'work' || step.attention.needs === 'hands') return undefined;
  const use = recipe.uses.find(
    ({ station, to, from }) =>
      station === 'burner' && leadsTo(recipe.steps, from, step.id) && leadsTo(recipe.steps, step.id, to),
  );
  if (!use) return undefined;
  const later = recipe.steps.filter(({ id }) => id !== step.id && leadsTo(recipe.steps, step.id, id));
  const heatedAgain = later.some((each) => each.kind !== 'work' || each.attention.needs !== 'hands');
  const poured = recipe.uses.some(({ station }) => station === 'strainer') || later.some(({ gives }) => gives?.length);
  const before = new Set(recipe.steps.filter(({ id }) => leadsTo(recipe.steps, id, step.id)).map(({ id }) => id));
  const after = new Set(later.map(({ id }) => id));
  if (heatedAgain || poured) return undefined;
  let grams = yields.value.g.valueOf();
  for (const { line, grams: goes } of lines) {
    if (line.optional || !goes) continue;
    for (const { step: into, share } of line.into) {
      if (before.has(into)) continue;
      // What is made beside it and folded in somewhere else: nobody can say what the pot holds.
      if (!after.has(into)) return undefined;
      grams -= goes.g.valueOf() * readShare(share).valueOf() * (line.becomes?.value ?? 1);
    }
  }
  return grams > 0 ? Math.round(grams / parts) : undefined;
}
