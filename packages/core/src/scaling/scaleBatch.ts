import {
  inBaseOf,
  isTapWater,
  massOf,
  statementOf,
  uniteStatements,
  type AllergenStatement,
  type BridgeMissing,
  type CautionId,
  type Food,
  type FoodId,
} from '../food/index.ts';
import { openPotLoss } from '../heat/index.ts';
import { potThatHolds, type Equipment, type GrainPot } from '../kitchen/index.ts';
import {
  Fraction,
  inBase,
  mass,
  ofBase,
  quantityOf,
  sameData,
  show,
  times,
  type Because,
  type Mass,
  type Quantity,
  type Reasoned,
  type Written,
} from '../quantity/index.ts';
import { expectedMinutes, growthOf, type Law, type Line, type Revision, type Vessel } from '../recipe/index.ts';
import { boiledOff } from './boiledOff.ts';
import { cautionsOf } from './cautionsOf.ts';
import { bulkOf } from './bulkOf.ts';
import { GRAIN_MINUTES } from './massBalance.ts';
import { multiplier } from './law.ts';
import { textAtSize } from './textAtSize.ts';
import { loadsFor, type Loads } from './loads.ts';
import { waterForGrain, type WaterAnswer } from './waterForGrain.ts';
import { asWeighedHere, yieldOf } from './yieldOf.ts';

export interface ScaledLine {
  readonly line: Line;
  readonly food: Food;
  /** What goes in, for the whole batch, in the kind the recipe is written in. */
  readonly amount: Reasoned<Quantity>;
  /** To taste: what goes in before the first tasting. */
  readonly first?: Quantity;
  /** Held back in a larger batch: what it would be if it grew with it. */
  readonly inProportion?: Quantity;
  /** Where the recipe says from so much to so much: both ends at this size. */
  readonly between?: { readonly from: Quantity; readonly to: Quantity };
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
  /** The same by the book alone, g: what is weighed is held against it. */
  readonly reckonedG: number;
  readonly portionG: number;
  readonly allergens: AllergenStatement;
  readonly cautions: readonly CautionId[];
  readonly missing: readonly BridgeMissing[];
}

/** What really went into a batch, where it was not what was planned. */
export interface Final {
  readonly line: string;
  readonly amount: Written;
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
  finals: readonly Final[] = [],
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
  const loads = loadsFor(bulkOf(recipe, grown, factor.valueOf()), equipment);

  const planned = grown.map(({ line, food, whole }): ScaledLine & { readonly water?: WaterAnswer } => {
    const { law } = line;
    if (law.law === 'water for grain')
      return waterLine(line, food, whole, law, grown, recipe.vessel, loads.value.loads, equipment);
    if (law.law === 'pot and minute') {
      const amount = boiledOff(
        atItsStep(law, line, recipe),
        equipment,
        loads.value.loads,
        loads.value.fullest / loads.value.loads / 1000,
      );
      return { line, food, amount, grams: mass(amount.value.mL) };
    }
    const usual = growthOf(food);
    const grows = multiplier(law, factor, loads.value.loads);
    const value = times(quantityOf(line.amount), grows.value);
    const parts: readonly Because[] = [
      { rule: 'as written', figure: `${line.amount.n} ${line.amount.unit}` },
      ...(line.between
        ? [
            {
              rule: 'the middle of what the recipe says',
              figure: `${line.between.from.n} to ${line.between.to.n} ${line.between.to.unit}`,
            },
          ]
        : []),
      grows.because,
      ...(sameData(law, usual.law) ? [{ rule: usual.why, figure: food.facts.roles?.[0] ?? '' }] : []),
    ];
    const first = law.law === 'to taste' ? { first: times(value, new Fraction(law.first)) } : {};
    const heldBack = (law.law === 'to taste' || law.law === 'slower') && factor.compare(grows.value) > 0;
    return {
      ...withGrams(line, food, {
        value,
        because: { rule: 'as written × how it grows', figure: show(value), parts },
      }),
      ...first,
      ...(heldBack ? { inProportion: whole } : {}),
      ...(line.between
        ? {
            between: {
              from: times(quantityOf(line.between.from), grows.value),
              to: times(quantityOf(line.between.to), grows.value),
            },
          }
        : {}),
    };
  });
  const water = planned.find((line) => line.water)?.water;
  const lines = planned.map(({ water: _answer, ...line }) => withFinal(line, finals));

  // What was left out wholly is not in it: neither what it carries, nor what it would ask for.
  const inIt = lines.filter(({ amount }) => inBase(amount.value).compare(0) > 0);
  const reckoned = yieldOf(recipe, lines, { factor: factor.valueOf(), loads: loads.value.loads }, equipment);
  const yields = asWeighedHere(reckoned, recipe, equipment);
  return {
    recipe: factor.equals(1)
      ? recipe
      : { ...recipe, steps: recipe.steps.map((step) => ({ ...step, name: textAtSize(step.name, factor, lines) })) },
    portions,
    factor,
    lines,
    ...(water ? { water } : {}),
    loads,
    yields,
    reckonedG: reckoned.value.g.valueOf(),
    portionG: yields.value.g.div(portions).valueOf(),
    allergens: uniteStatements(inIt.map(({ food }) => statementOf(food))),
    cautions: cautionsOf(
      recipe,
      inIt.map(({ line, food, grams }) => ({ line, food, g: grams?.g.valueOf() })),
    ),
    missing,
  };
}

function withGrams(line: Line, food: Food, amount: Reasoned<Quantity>): ScaledLine {
  const grams = massOf(food, amount.value);
  const shelf = fromShelf(line, food, amount.value);
  return {
    line,
    food,
    amount,
    ...(grams.ok ? { grams: grams.value } : {}),
    ...(shelf ? { fromShelf: shelf } : {}),
  };
}

/** The amount that the cook logged stands before the planned one. */
function withFinal(line: ScaledLine, finals: readonly Final[]): ScaledLine {
  const final = finals.find((each) => each.line === line.line.id);
  if (!final) return line;
  const value = quantityOf(final.amount);
  return withGrams(line.line, line.food, {
    value,
    because: {
      rule: 'as it really went in',
      figure: show(value),
      parts: [{ rule: 'planned', figure: show(line.amount.value), parts: [line.amount.because] }],
      source: 'this kitchen',
    },
  });
}

/** It boils as long as the step does that it goes into, where that waits on a burner; otherwise as long as the law says. */
function atItsStep(law: Extract<Law, { law: 'pot and minute' }>, line: Line, recipe: Revision): typeof law {
  const step = recipe.steps.find(({ id }) => line.into.some((share) => share.step === id));
  const boils =
    step?.kind === 'work' &&
    step.attention.needs !== 'hands' &&
    recipe.uses.some(({ station, from, to }) => station === 'burner' && (from === step.id || to === step.id));
  return boils ? { ...law, minutes: expectedMinutes(step) } : law;
}

const GRAIN_POT: Readonly<Partial<Record<Vessel, GrainPot>>> = {
  cooker: 'sealed cooker',
  'rice cooker': 'rice cooker',
};

function waterLine(
  line: Line,
  food: Food,
  whole: Quantity,
  law: Extract<Law, { law: 'water for grain' }>,
  grown: readonly { readonly line: Line; readonly food: Food; readonly grams: Mass | undefined }[],
  vessel: Vessel,
  loads: number,
  equipment: Equipment,
): ScaledLine & { readonly water?: WaterAnswer } {
  const grain = grown.find((other) => other.line.id === law.grain);
  const perCup = grain?.food.facts.gramsPerCup;
  if (!grain?.grams || !perCup)
    return {
      line,
      food,
      amount: {
        value: whole,
        because: { rule: 'grows with the batch: the grain’s cup is not known', figure: show(whole) },
      },
    };
  const kind = GRAIN_POT[vessel] ?? 'hob';
  const boil = law.boil ?? 'lid on';
  const minutes = law.minutes ?? GRAIN_MINUTES;
  const across = potThatHolds(equipment, inBase(whole).valueOf() / loads / 1000).acrossCm;
  const surface = {
    value: Math.round(openPotLoss(boil, across, minutes)),
    source: `computed: ${across} cm across, ${minutes} min, ${boil}; loss a square metre from memory`,
  };
  const loss = equipment.own?.grainLossMl?.[kind] ?? (kind === 'hob' ? surface : undefined);
  const answer = waterForGrain({
    grain: grain.grams,
    gramsPerCup: perCup,
    ...(grain.food.facts.uptake ? { uptake: grain.food.facts.uptake } : {}),
    packet: law.packet,
    ...(law.school ? { school: law.school } : {}),
    pot: { kind, loads, ...(loss ? { loss } : {}), ...(kind === 'hob' ? { bookLoss: surface } : {}) },
  });
  return { line, food, amount: answer.chosen.water, grams: mass(answer.chosen.water.value.mL), water: answer };
}

function foodOf(line: Line, foods: ReadonlyMap<FoodId, Food>): Food {
  const food = foods.get(line.food);
  if (!food) throw new Error(`The recipe line "${line.id}" names a food that this kitchen does not have.`);
  return food;
}

/** With peel and stalk: what is bought for an edible amount. 500 g of leek are 1136 g bought. */
function fromShelf(line: Line, food: Food, value: Quantity): Reasoned<Quantity> | undefined {
  if (isTapWater(food.id)) return undefined;
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

/** The same lines for one load: what the hands put in. Amounts that go in per load are already multiplied, so every line is divided. */
export const perLoad = (line: ScaledLine, loads: number): Quantity =>
  ofBase(
    line.amount.value.kind === 'mass' ? 'g' : line.amount.value.kind === 'volume' ? 'mL' : 'each',
    inBase(line.amount.value).div(loads),
  );
