import type { Food } from '../food/index.ts';
import { MEASURES, inBase, type Because, type Mass, type Quantity } from '../quantity/index.ts';
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

const mL = (value: number): string => `${Math.round(value)} mL`;

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
  const parts: Because[] = [];
  const say = (food: Food, rule: string, value: number) =>
    parts.push({ rule: `${food.name}: ${rule}`, figure: mL(value) });
  const soaks = recipe.steps.filter(({ kind }) => kind === 'ahead').map(({ id }) => id);
  for (const each of lines) {
    const { facts } = each.food;
    const g = edibleG(each);
    if (facts.kind === 'water') {
      // What the recipe is written with stands for the water here: the chosen school's figure depends on the loads.
      const poured = inBase(each.whole).valueOf();
      liquid += poured;
      say(each.food, 'liquid', poured);
      continue;
    }
    if (facts.swells) swells = true;
    if (facts.uptake && facts.cookedGramsPerCup) {
      const large = ((g * (1 + facts.uptake.value)) / facts.cookedGramsPerCup.value) * CUP_ML;
      swollen += large;
      say(each.food, `${Math.round(g)} g dry, ${Math.round(g * (1 + facts.uptake.value))} g swollen`, large);
      // What a soak has given already is not taken from the pot.
      const soaked = each.line.into.some(({ step }) => soaks.includes(step)) ? SOAKED_UP : 0;
      const drunk = g * Math.max(0, facts.uptake.value - soaked);
      liquid -= drunk;
      if (drunk > 0) say(each.food, soaked > 0 ? 'drinks of it after its soak' : 'drinks of it', -drunk);
      continue;
    }
    const loose =
      facts.gramsPerCup && (facts.kind === 'vegetable' || facts.kind === 'leaf')
        ? (g / facts.gramsPerCup.value) * CUP_ML
        : g;
    const room = facts.kind === 'leaf' ? Math.max(g, loose * PRESSED) : Math.max(g, loose);
    heap += room;
    solid += g;
    if (room >= 1)
      say(
        each.food,
        facts.kind === 'leaf'
          ? `${Math.round(g)} g, pressed down`
          : loose > g
            ? `${Math.round(g)} g, cut and loose`
            : `${Math.round(g)} g`,
        room,
      );
  }
  const wet = solid + Math.max(0, liquid);
  return {
    vessel: recipe.vessel,
    fullest: swollen + Math.max(heap, wet),
    swells,
    liquidMl: pouredMl(lines),
    parts: [
      ...parts,
      { rule: 'swollen, all together', figure: mL(swollen) },
      {
        rule:
          heap > wet
            ? 'beside it the loose heap, which is more than'
            : 'beside it what is left of the liquid with what is in it, which is more than',
        figure: heap > wet ? `${mL(heap)} > ${mL(wet)}` : `${mL(wet)} > ${mL(heap)}`,
      },
    ],
  };
}
