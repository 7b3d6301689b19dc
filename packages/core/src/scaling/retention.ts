import type { Food } from '../food/index.ts';
import { leadsTo, type Line, type Revision } from '../recipe/index.ts';

/** Share of the vitamin C that is left, by what was done. Source: USDA Table of Nutrient Retention Factors (from memory), the middle of what it gives for vegetables. */
const LEFT_AFTER = { raw: 1, dry: 0.75, wet: 0.6, 'water poured away': 0.45 } as const;
/** Kept in the cold and warmed once more. From memory. */
const KEPT_AND_WARMED = 0.7;
export const RETENTION_SOURCE = 'USDA Table of Nutrient Retention Factors (from memory)';

export type Handling = keyof typeof LEFT_AFTER;

/** What is done with a line: left raw, heated dry, heated wet, or cooked in water that is poured away. */
export function handlingOf(line: Line, recipe: Revision): Handling {
  const reached = recipe.steps.filter(({ id }) => line.into.some(({ step }) => leadsTo(recipe.steps, step, id)));
  const at = (stations: readonly string[]) =>
    reached.some(({ id }) =>
      recipe.uses.some(
        (use) =>
          stations.includes(use.station) && leadsTo(recipe.steps, use.from, id) && leadsTo(recipe.steps, id, use.to),
      ),
    );
  const pressed = reached.some(({ kind }) => kind === 'pressure');
  const wet = pressed || at(['burner', 'cooker', 'rice cooker', 'microwave']);
  if (wet && (at(['strainer']) || reached.some(({ name }) => /\bdrain\b/i.test(name)))) return 'water poured away';
  return wet ? 'wet' : at(['oven', 'air fryer']) ? 'dry' : 'raw';
}

/** Share of a line's vitamin C that is on the plate: less by the heat, and less again where it is kept and warmed. */
export const vitaminCKept = (line: Line, food: Food, recipe: Revision): number => {
  if (food.facts.kind === 'component') return KEPT_AND_WARMED;
  const handling = handlingOf(line, recipe);
  return LEFT_AFTER[handling] * (handling === 'raw' || recipe.component.fridgeDays.value < 2 ? 1 : KEPT_AND_WARMED);
};
