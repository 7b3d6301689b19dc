import type { Food } from '../food/index.ts';
import { MEASURES, inBase, type Mass, type Quantity } from '../quantity/index.ts';
import type { Line, Revision } from '../recipe/index.ts';
import { layerCm2, shapedCm2 } from './layOut.ts';
import type { Bulk } from './loads.ts';
import { SOAKED_UP } from './massBalance.ts';
import { panArea } from './pans.ts';

/** Leaf pressed into a pot takes about this share of its loose bulk. Common practice, no published source. */
const PRESSED = 0.5;
const CUP_ML = MEASURES.cup.factor.valueOf();

interface BulkLine {
  readonly line: Line;
  readonly food: Food;
  readonly whole: Quantity;
  readonly grams: Mass | undefined;
}

/** How much room a whole batch takes at its fullest: mL in a vessel, cm² on trays, in baskets and in pans. */
export function bulkOf(recipe: Revision, lines: readonly BulkLine[], factor: number): Bulk {
  switch (recipe.vessel) {
    case 'tray':
      // Written for a tin: more is more tins. Otherwise by what lies on it.
      return flat(recipe, lines, recipe.pan ? panArea(recipe.pan) * factor : layer(lines));
    case 'air fryer':
      return flat(recipe, lines, layer(lines));
    case 'pan':
      return flat(
        recipe,
        lines,
        shapedCm2(
          lines.filter(({ line, food }) => !goesIntoPan(line, food)).reduce((sum, each) => sum + edibleG(each), 0),
        ),
      );
    case 'cooker':
    case 'jug':
    case 'pot':
    case 'rice cooker':
    case 'microwave':
      return deep(recipe, lines);
    default:
      return recipe.vessel satisfies never;
  }
}

const edibleG = ({ line, food, grams }: BulkLine): number =>
  (grams?.g.valueOf() ?? 0) * (line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1));
const layer = (lines: readonly BulkLine[]): number =>
  lines.reduce((sum, each) => sum + layerCm2(each.food, edibleG(each)), 0);
/** Fat for the pan is in the pan, not in what is fried. */
const goesIntoPan = (line: Line, food: Food): boolean => food.facts.kind === 'fat' && line.law.law === 'per load';
const pouredMl = (lines: readonly BulkLine[]): number =>
  lines.filter(({ food }) => food.facts.kind === 'water').reduce((sum, { whole }) => sum + inBase(whole).valueOf(), 0);

const flat = ({ vessel }: Revision, lines: readonly BulkLine[], cm2: number): Bulk => ({
  vessel,
  fullest: cm2,
  swells: false,
  liquidMl: pouredMl(lines),
});

/**
 * At its fullest: what swells, swollen; beside it, whichever is more of the loose heap of cut vegetables and pressed leaf, and what they are without the air between
 * them with the liquid that fills it.
 */
function deep(recipe: Revision, lines: readonly BulkLine[]): Bulk {
  let swollen = 0;
  let heap = 0;
  let solid = 0;
  let liquid = 0;
  let swells = false;
  const soaks = recipe.steps.filter(({ kind }) => kind === 'ahead').map(({ id }) => id);
  for (const each of lines) {
    const { facts } = each.food;
    const g = edibleG(each);
    if (facts.kind === 'water') {
      // What the recipe is written with stands for the water here: the chosen school's figure depends on the loads.
      liquid += inBase(each.whole).valueOf();
      continue;
    }
    if (facts.swells) swells = true;
    if (facts.uptake && facts.cookedGramsPerCup) {
      swollen += ((g * (1 + facts.uptake.value)) / facts.cookedGramsPerCup.value) * CUP_ML;
      // What a soak has given already is not taken from the pot.
      const soaked = each.line.into.some(({ step }) => soaks.includes(step)) ? SOAKED_UP : 0;
      liquid -= g * Math.max(0, facts.uptake.value - soaked);
      continue;
    }
    const loose =
      facts.gramsPerCup && (facts.kind === 'vegetable' || facts.kind === 'leaf')
        ? (g / facts.gramsPerCup.value) * CUP_ML
        : g;
    heap += facts.kind === 'leaf' ? Math.max(g, loose * PRESSED) : Math.max(g, loose);
    solid += g;
  }
  return {
    vessel: recipe.vessel,
    fullest: swollen + Math.max(heap, solid + Math.max(0, liquid)),
    swells,
    liquidMl: pouredMl(lines),
  };
}
