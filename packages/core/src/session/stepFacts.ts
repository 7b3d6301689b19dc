import { CAUTION_IDS, type CautionId } from '../food/index.ts';
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

/** The cautions of a step: its own as far as they are true of this dish, and those of what goes in and where it is done, whoever wrote the recipe. */
export function cautionsAt(scaled: ScaledBatch, step: Step): readonly CautionId[] {
  const { recipe, lines, cautions } = scaled;
  const at = (station: string) =>
    recipe.uses.some((use) => use.station === station && holds(recipe.steps, use.from, use.to, step.id));
  const last = !recipe.steps.some(({ after }) => after.some((each) => each.step === step.id));
  const found = new Set<CautionId>((step.cautions ?? []).filter((id) => cautions.includes(id)));
  if (cautions.includes('hot oven') && at('oven')) found.add('hot oven');
  if (cautions.includes('hot blend') && at('jug')) found.add('hot blend');
  if (cautions.includes('cooling') && last) found.add('cooling');
  for (const { line, food } of lines)
    if (line.into.some((into) => into.step === step.id)) {
      if (food.facts.hazard === 'boil beans hard') found.add('beans');
      if (food.facts.hazard === 'never raw') found.add('never raw');
      if (food.facts.hazard === 'green potatoes') found.add('green potatoes');
      if (food.facts.hazard === 'debitter') found.add('debitter');
    }
  return CAUTION_IDS.filter((id) => found.has(id));
}
