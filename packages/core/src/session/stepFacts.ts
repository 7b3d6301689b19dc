import type { CautionId } from '../food/index.ts';
import { leadsTo, type Step } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';

/** What leaves a vessel fit for the next load of its kind without a wash: only where no allergen would be carried over. */
export const washedAs = (group: string, { allergens }: ScaledBatch): string =>
  allergens.contains.length + allergens.may.length + allergens.unknown.length === 0
    ? group
    : `${group} with ${[...allergens.contains, ...allergens.may, ...allergens.unknown].sort().join(', ')}`;

/** Is a step within a use: at its ends, or on the way between them? */
export const holds = (steps: readonly Step[], from: string, to: string, step: string): boolean =>
  leadsTo(steps, from, step) && leadsTo(steps, step, to);

/** What turns brown or limp once it is cut. Common practice, no published source. */
const NOT_OVERNIGHT = /potato|apple|pear|avocado|aubergine|parsnip|celeriac|artichoke|banana|tomato|cucumber/i;

/** May everything that a step cuts be cut the evening before, covered and cold? */
export const keepsCut = (scaled: ScaledBatch, step: string): boolean => {
  const cut = scaled.lines.filter(({ line }) => line.into.some((into) => into.step === step));
  return (
    cut.length > 0 &&
    cut.every(
      ({ food }) => (food.facts.kind === 'vegetable' || food.facts.kind === 'leaf') && !NOT_OVERNIGHT.test(food.name),
    )
  );
};

/** A step's own cautions, and that of beans that must be boiled hard where they go in, whoever wrote the recipe. */
export function cautionsAt(scaled: ScaledBatch, step: Step): readonly CautionId[] {
  const own = step.cautions ?? [];
  const beans = scaled.lines.some(
    ({ line, food }) => food.facts.hazard === 'boil beans hard' && line.into.some((into) => into.step === step.id),
  );
  return beans && !own.includes('beans') ? [...own, 'beans'] : own;
}
