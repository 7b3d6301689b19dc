import {
  CAUTIONS,
  inBaseOf,
  massOf,
  type Allergen,
  type BridgeMissing,
  type CautionId,
  type Food,
  type FoodId,
} from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import {
  Fraction,
  MEASURES,
  inBase,
  mass,
  ofBase,
  quantityOf,
  show,
  times,
  type Because,
  type Mass,
  type Quantity,
  type Reasoned,
} from '../quantity/index.ts';
import type { Line, Revision } from '../recipe/index.ts';
import { multiplier } from './law.ts';
import { TRAY_GRAMS_PER_CM2, loadsFor, type Bulk, type Loads } from './loads.ts';
import { waterForGrain, type WaterAnswer } from './waterForGrain.ts';

export interface ScaledLine {
  readonly line: Line;
  readonly food: Food;
  /** What goes in, for the whole batch, in the kind the recipe is written in. */
  readonly amount: Reasoned<Quantity>;
  /** Grams that go in; undefined when no bridge is known. */
  readonly grams?: Mass;
  /** What leaves the shelf, in the unit the food's lots are counted in: with peel and stalk. Undefined for water from the tap. */
  readonly fromShelf?: Reasoned<Quantity>;
}

/** A recipe at a size: everything that follows from it, for one kitchen. */
export interface ScaledBatch {
  readonly recipe: Revision;
  readonly portions: Fraction;
  readonly factor: Fraction;
  readonly lines: readonly ScaledLine[];
  readonly water?: WaterAnswer;
  readonly loads: Reasoned<Loads>;
  /** Cooked mass of the whole batch. */
  readonly yields: Reasoned<Mass>;
  readonly portionG: number;
  readonly allergens: readonly Allergen[];
  readonly cautions: readonly CautionId[];
  readonly missing: readonly BridgeMissing[];
}

/**
 * Scales a recipe to a number of portions.
 * Portions are exact, so scaling there and back gives what was there.
 */
export function scaleBatch(
  recipe: Revision,
  portions: Fraction,
  foods: ReadonlyMap<FoodId, Food>,
  equipment: Equipment,
): ScaledBatch {
  const factor = portions.div(new Fraction(recipe.portions));
  const missing: BridgeMissing[] = [];
  const known = recipe.lines.map((line) => ({ line, food: foodOf(line, foods) }));

  // Everything that grows with the batch comes first: it decides the loads, and the loads decide the rest.
  const grown = known.map(({ line, food }) => {
    const whole = times(quantityOf(line.amount), factor);
    const grams = massOf(food, whole);
    if (!grams.ok) missing.push(grams.problem);
    return { line, food, whole, grams: grams.ok ? grams.value : undefined };
  });
  const loads = loadsFor(bulkOf(recipe, grown), equipment);

  let water: WaterAnswer | undefined;
  const lines = grown.map(({ line, food, whole }): ScaledLine => {
    if (line.law.law === 'water for grain') {
      const law = line.law;
      const grain = grown.find((other) => other.line.id === law.grain);
      const perCup = grain?.food.facts.gramsPerCup;
      if (grain?.grams && perCup) {
        water = waterForGrain({
          grain: grain.grams,
          gramsPerCup: perCup,
          ...(grain.food.facts.uptake ? { uptake: grain.food.facts.uptake } : {}),
          packet: law.packet,
          pot:
            recipe.vessel === 'cooker'
              ? { kind: 'sealed cooker', loads: loads.value.loads }
              : { kind: 'hob', lossMl: 60, loads: loads.value.loads },
        });
        return { line, food, amount: water.chosen.water, grams: mass(water.chosen.water.value.mL) };
      }
      return {
        line,
        food,
        amount: {
          value: whole,
          because: { rule: 'grows with the batch: the grain’s cup is not known', figure: show(whole) },
        },
      };
    }
    const times_ = multiplier(line.law, factor, loads.value.loads);
    const written = quantityOf(line.amount);
    const value = times(written, times_.value);
    const because: Because = {
      rule: 'as written × how it grows',
      figure: show(value),
      parts: [{ rule: 'as written', figure: `${line.amount.n} ${line.amount.unit}` }, times_.because],
    };
    const grams = massOf(food, value);
    const shelf = fromShelf(line, food, value);
    return {
      line,
      food,
      amount: { value, because },
      ...(grams.ok ? { grams: grams.value } : {}),
      ...(shelf ? { fromShelf: shelf } : {}),
    };
  });

  const yields = yieldOf(lines);
  return {
    recipe,
    portions,
    factor,
    lines,
    ...(water ? { water } : {}),
    loads,
    yields,
    portionG: yields.value.g.div(portions).valueOf(),
    allergens: [...new Set(lines.flatMap(({ food }) => food.facts.allergens ?? []))].sort(),
    cautions: cautionsOf(
      recipe,
      lines.map(({ food }) => food),
    ),
    missing,
  };
}

function foodOf(line: Line, foods: ReadonlyMap<FoodId, Food>): Food {
  const food = foods.get(line.food);
  if (!food) throw new Error(`The recipe line "${line.id}" names a food that this kitchen does not have.`);
  return food;
}

/** With peel and stalk: what is bought for an edible amount. 500 g of leek are 1136 g bought. */
function fromShelf(line: Line, food: Food, value: Quantity): Reasoned<Quantity> | undefined {
  if (food.facts.kind === 'water') return undefined;
  const counted = inBaseOf(food, value);
  if (!counted.ok) return undefined;
  const edible = line.prepared ? food.facts.ediblePart : undefined;
  if (!edible) return { value: counted.value, because: { rule: 'as much as goes in', figure: show(counted.value) } };
  const bought = times(counted.value, new Fraction(1).div(new Fraction(edible.value)));
  return {
    value: bought,
    because: {
      rule: 'edible amount ÷ edible part',
      figure: show(bought),
      parts: [
        { rule: 'edible', figure: show(counted.value) },
        { rule: 'edible part of what is bought', figure: `${Math.round(edible.value * 100)} %`, source: edible.source },
      ],
    },
  };
}

function yieldOf(lines: readonly ScaledLine[]): Reasoned<Mass> {
  const parts = lines.flatMap(({ line, food, grams }) => {
    if (!grams) return [];
    const peeled = line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1);
    const kept = new Fraction(line.becomes?.value ?? 1).mul(new Fraction(peeled));
    if (line.optional || kept.equals(0)) return [];
    const cooked = mass(grams.g.mul(kept));
    const because: Because = {
      rule: `${food.name}: ${show(grams)} × ${Number(kept.valueOf().toFixed(2))}`,
      figure: show(cooked),
      ...(line.becomes ? { source: line.becomes.source } : {}),
    };
    return [{ cooked, because }];
  });
  const value = mass(parts.reduce((sum, { cooked }) => sum.add(cooked.g), new Fraction(0)));
  return {
    value,
    because: { rule: 'cooked mass, line by line', figure: show(value), parts: parts.map(({ because }) => because) },
  };
}

/** Leaf pressed into a pot takes about this share of its loose bulk. Common practice, no published source. */
const PRESSED = 0.5;

function bulkOf(
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
    if (recipe.vessel === 'tray') {
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

/** What the recipe's steps say, and what its foods ask for by themselves: also in a pasted recipe, and after a swap. */
function cautionsOf(recipe: Revision, foods: readonly Food[]): readonly CautionId[] {
  const found = new Set<CautionId>(
    recipe.steps.flatMap((step) => [
      ...(step.cautions ?? []),
      ...(step.kind === 'pressure' ? (['pressure', 'vent'] as const) : []),
    ]),
  );
  if (foods.some((food) => food.facts.hazard === 'boil beans hard')) found.add('beans');
  if (foods.some((food) => food.facts.kind === 'grain' && food.facts.uptake)) found.add('grain');
  return (Object.keys(CAUTIONS) as CautionId[]).filter((id) => found.has(id));
}

/** The same lines for one load: what the hands put in. Amounts that go in per load are already multiplied, so every line is divided. */
export const perLoad = (line: ScaledLine, loads: number): Quantity =>
  ofBase(
    line.amount.value.kind === 'mass' ? 'g' : line.amount.value.kind === 'volume' ? 'mL' : 'each',
    inBase(line.amount.value).div(loads),
  );
