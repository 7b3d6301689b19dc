import type { Food } from '../food/index.ts';
import { MEASURES, inBase, type Mass, type Quantity } from '../quantity/index.ts';
import type { Line, Revision } from '../recipe/index.ts';
import { TRAY_GRAMS_PER_CM2, type Bulk } from './loads.ts';

/** Leaf pressed into a pot takes about this share of its loose bulk. Common practice, no published source. */
const PRESSED = 0.5;

/** How much room a whole batch takes at its fullest. */
export function bulkOf(
  recipe: Revision,
  lines: readonly { line: Line; food: Food; whole: Quantity; grams: Mass | undefined }[],
): Bulk {
  const cup = MEASURES.cup.factor.valueOf();
  let fullest = 0;
  let liquid = 0;
  let swells = false;
  for (const { food, grams, whole, line } of lines) {
    const g = grams?.g.valueOf() ?? 0;
    const { facts } = food;
    if (facts.kind === 'water') {
      // What the recipe is written with stands for the water here: the chosen school's figure depends on the loads.
      liquid += inBase(whole).valueOf();
      continue;
    }
    if (recipe.vessel === 'tray' || recipe.vessel === 'air fryer') {
      const edible = line.prepared ? g : g * (facts.ediblePart?.value ?? 1);
      if (facts.kind === 'vegetable') fullest += edible / TRAY_GRAMS_PER_CM2;
      continue;
    }
    if (facts.swells) swells = true;
    if (facts.uptake && facts.cookedGramsPerCup) {
      fullest += ((g * (1 + facts.uptake.value)) / facts.cookedGramsPerCup.value) * cup;
      liquid -= g * facts.uptake.value;
    } else if (facts.kind === 'leaf' && facts.gramsPerCup) fullest += (g / facts.gramsPerCup.value) * cup * PRESSED;
    else fullest += g;
  }
  const poured = lines
    .filter(({ food }) => food.facts.kind === 'water')
    .reduce((sum, { whole }) => sum + inBase(whole).valueOf(), 0);
  return { vessel: recipe.vessel, fullest: fullest + Math.max(0, liquid), swells, liquidMl: poured };
}
