import { namedId, type Food } from '../../food/index.ts';
import {
  Fraction,
  MEASURES,
  inBase,
  type Amount,
  type MeasureName,
  type Quantity,
  type Written,
} from '../../quantity/index.ts';
import {
  isHeated,
  packetLine,
  usualLaw,
  type ByProduct,
  type Law,
  type Line,
  type Revision,
  type StationUse,
  type Step,
} from '../../recipe/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { cautionsIn } from './cautionsIn.ts';
import { USES_LIQUID } from './keptLiquid.ts';
import { kindOfDish } from './kindOfDish.ts';
import { idOfStep } from './stepIds.ts';
import { fries, isFriedInPanfuls, onceMorePerPan, oncePerPan } from './panfuls.ts';
import { BY_ITSELF_AHEAD, WITH_ALL_BEFORE, readMethod } from './readMethod.ts';
import type { MethodStep } from './readMethodStep.ts';
import { sharesIn } from './sharesIn.ts';
import { usualSalt } from './usualSalt.ts';
import { weighedLines, withOff } from './boilsOff.ts';

/** Kept raw, a day less than cooked. Common practice, no published source. */
const RAW_DAYS = { value: 2, source: 'common practice, no published source' };

export interface ReadRecipe {
  readonly name: string;
  readonly portions: number;
  readonly lines: readonly ReadLine[];
  /** One step each: see splitMethod. */
  readonly method: readonly string[];
}

/** A line of the list, or of the method alone: then it goes into the step that names it. */
export type ReadLine = IngredientLine & { readonly atStep?: number };

/** The exact amount that a read one stands for: the middle of a range, what packs hold; a pinch of salt for "to taste"; undefined when it is not known. */
export function writtenOf(amount: Amount, food: Food): Written | undefined {
  const exact = (n: Fraction, unit: MeasureName): Written => ({ n: n.toFraction(true), unit });
  switch (amount.kind) {
    case 'mass':
      return decimal(amount.g, 'g');
    case 'volume':
      // A whole number of spoons reads better than its millilitres.
      return plainest(amount.mL);
    case 'count':
      return exact(amount.each, 'each');
    case 'range': {
      const middle = inBase(amount.from).add(inBase(amount.to)).div(2);
      return amount.from.kind === 'mass'
        ? decimal(middle, 'g')
        : amount.from.kind === 'volume'
          ? plainest(middle)
          : exact(middle, 'each');
    }
    case 'pack':
      return packed(amount, food);
    case 'to taste':
      return food.facts.kind === 'seasoning' ? { n: '1/4', unit: 'tsp' } : { n: '1', unit: 'tbsp' };
    case 'unknown':
      return amount.usually && writtenOf(amount.usually, food);
    default:
      return amount satisfies never;
  }
}

/** What packs hold: as they say, else as the food's own pack; of what is sold in its liquid, the drained part. */
function packed({ packs, holds }: Extract<Amount, { kind: 'pack' }>, food: Food): Written | undefined {
  const known = food.facts.packs?.value[0];
  if (holds?.kind === 'volume') return decimal(holds.mL.mul(packs), 'mL');
  const grams = holds ? holds.g : known && new Fraction(known.grams);
  if (!grams) return undefined;
  const drained = known?.drainedG === undefined ? new Fraction(1) : new Fraction(known.drainedG, known.grams);
  return decimal(grams.mul(packs).mul(drained), 'g');
}

/** The ends of a range, in the unit of its middle. */
function ends(amount: Amount, { unit }: Written): Line['between'] {
  if (amount.kind !== 'range') return undefined;
  const end = (quantity: Quantity): Written => ({
    n: inBase(quantity).div(MEASURES[unit].factor).toFraction(true),
    unit,
  });
  return { from: end(amount.from), to: end(amount.to) };
}

/** Half of it first, then a taste. Common practice, no published source. */
const TO_TASTE: Law = { law: 'to taste', first: '1/2' };

/** Grams and millilitres are weighed to a tenth at best. */
const decimal = (n: Fraction, unit: 'g' | 'mL'): Written => ({ n: n.round(1).toString(), unit });

/** From the largest: how little of it is still said by it, and into how many parts it may be cut. A third of a spoon is a smaller spoon. */
const SPOONS = [
  ['cup', new Fraction(1, 4), 4n],
  ['tbsp', new Fraction(1), 2n],
  ['tsp', new Fraction(1, 8), 8n],
] as const;

function plainest(mL: Fraction): Written {
  for (const [unit, least, parts] of SPOONS) {
    const n = mL.div(MEASURES[unit].factor);
    if (n.d <= parts && n.compare(least) >= 0) return { n: n.toFraction(true), unit };
  }
  return decimal(mL, 'mL');
}

/** Lines that cannot go into a recipe yet, by their number: no food, or no amount that could be scaled. */
export const unreadyLines = (lines: readonly IngredientLine[]): readonly number[] =>
  lines.flatMap((line, n) => (line.food && writtenOf(line.amount, line.food) && line.doubts.length === 0 ? [] : [n]));

/** How it goes in, and what for. */
const formOf = ({ form, group }: IngredientLine): string =>
  [form, group ? `for the ${group}` : ''].filter(Boolean).join(', ');

/** A read line as a line of a recipe that goes into one step; undefined when its food or its amount is not known. */
export function asLine(line: IngredientLine, id: string, step: string): Line | undefined {
  const { food } = line;
  const amount = food && writtenOf(line.amount, food);
  if (!food || !amount) return undefined;
  const between = ends(line.amount, amount);
  return {
    id,
    food: food.id,
    amount,
    law: line.amount.kind === 'to taste' ? TO_TASTE : usualLaw(food),
    ...(between ? { between } : {}),
    ...(formOf(line) ? { form: formOf(line) } : {}),
    ...(amount.unit === 'each' ? { prepared: true } : {}),
    ...(food.facts.uptake
      ? { becomes: { value: Number((1 + food.facts.uptake.value).toFixed(2)), source: food.facts.uptake.source } }
      : {}),
    ...(line.optional ? { optional: true } : {}),
    into: [{ step, share: '1' }],
  };
}

/** The lines that are ready, each going into the steps that name it. */
const readyLines = (lines: readonly ReadLine[], said: readonly string[]): readonly Line[] =>
  lines.flatMap((line, n): Line[] => {
    const { food } = line;
    if (!food) return [];
    const made = asLine(line, `${n + 1}-${food.name.replace(/ /g, '-')}`, idOfStep((line.atStep ?? 0) + 1));
    if (!made) return [];
    return [line.atStep === undefined ? { ...made, into: sharesIn(said, food, made.amount) } : made];
  });

/**
 * Steps that are said to boil down so far, by their number, where nothing is known to be in the pot that could: how long they take has to be asked.
 * @example nothingToBoilOff(readMethod(['Fry the onion', 'Reduce by half']), lines) // [1]
 */
export function nothingToBoilOff(steps: readonly MethodStep[], lines: readonly ReadLine[]): readonly number[] {
  if (steps.every(({ shareOff, thick }) => shareOff === undefined && thick === undefined)) return [];
  const ready = readyLines(
    lines,
    steps.map(({ text }) => text),
  );
  return steps.flatMap((step, n) => ((step.shareOff ?? step.thick) && !withOff(step, n, ready, lines).off ? [n] : []));
}

/** Minutes of hands to wash the sealed cooker before something else goes in. Common practice, no published source. */
const COOKER_WASH = 5;
/** Where nobody says how long: what soaks overnight. Common practice, no published source. */
const OVERNIGHT = { least: 8, most: 20 };

/** Cooking liquid in the fridge. Common practice, no published source. */
const LIQUID_DAYS = { value: 3, source: 'common practice, no published source' };

/** Liquid that a step keeps goes into the next that speaks of it, else on the shelf. */
function givesOf({ kept }: MethodStep, n: number, said: readonly string[]): { readonly gives?: readonly ByProduct[] } {
  if (!kept?.amount) return {};
  const into = said.findIndex((text, at) => at > n && USES_LIQUID.test(text));
  return {
    gives: [
      {
        name: 'cooking liquid',
        amount: kept.amount,
        goes: into < 0 ? { to: 'shelf', keepsDays: LIQUID_DAYS } : { to: 'step', step: idOfStep(into + 1) },
      },
    ],
  };
}

/** Without what was only said on being asked. */
const withoutAnswer = (text: string): string =>
  text.replace(new RegExp(`, (?:${WITH_ALL_BEFORE}|${BY_ITSELF_AHEAD})`), '');

/** A read step as a step of a plan: of hands, at pressure, or begun before the session. */
function asStep(step: MethodStep, n: number, dish: string, said: readonly string[]): Step {
  const base = {
    id: idOfStep(n + 1),
    name: withoutAnswer(step.text).replace(/[.\s]+$/, ''),
    after: n === 0 ? [] : [{ step: idOfStep(n), min: 0, max: null }],
    ...givesOf(step, n, said),
  };
  const cautions = cautionsIn(step, said.slice(0, n + 1).join(' '), n === said.length - 1);
  switch (step.kind) {
    case 'pressure':
      return {
        ...base,
        ...cautions,
        kind: 'pressure',
        name: dish.toLowerCase(),
        cue: base.name,
        per: 'load',
        hold: step.minutes,
        release: step.release ?? { how: 'natural' },
        water: step.water ?? 'tap',
      };
    case 'ahead':
      return { ...base, ...cautions, kind: 'ahead', per: 'batch', hours: step.hours ?? OVERNIGHT };
    case 'work':
      return {
        ...base,
        ...cautions,
        kind: 'work',
        time: step.off
          ? { law: 'boils down', off: step.off, boil: 'strong simmer' }
          : { law: 'fixed', minutes: step.minutes },
        attention: step.attention,
        per: 'batch',
      };
    default:
      return step.kind satisfies never;
  }
}

/**
 * A read text as a recipe that can be scaled and planned: each ingredient goes into the first step that names it, steps follow each other, and stations are held by
 * the steps that name them. Lines that are not ready are left out: see unreadyLines.
 */
export function asRevision({ name, portions, lines, method }: ReadRecipe): Revision {
  const said = method.length > 0 ? method : ['Put everything together'];
  const read = readMethod(said);
  const uses = read.flatMap((step, n): StationUse[] =>
    step.station
      ? [
          {
            station: step.station,
            from: idOfStep(n + 1),
            to: idOfStep(n + 1),
            ...(step.celsius ? { celsius: step.celsius } : {}),
            ...(step.grill ? { grill: true } : {}),
            ...(step.station === 'jug' ? { wash: 3 } : step.station === 'cooker' ? { wash: COOKER_WASH } : {}),
          },
        ]
      : [],
  );
  const stands = read.find((step) => step.afterwards)?.afterwards;
  const readyAfter = stands ? `Ready ${stands.least} h after it is made. ` : '';
  const ready = readyLines(lines, said);
  const steps = read.map((step, n) => asStep(withOff(step, n, ready, lines), n, name, said));
  const sealed = read.some((step) => step.kind === 'pressure');
  const tray = read.some((step) => step.station === 'oven') && !read.some((step) => step.station === 'burner');
  const watered = withPacketLine(ready, lines, said, sealed);
  const salted = watered.map((line) => (line.law.law === 'to taste' ? usualSalt(line, ready, lines, said) : line));
  const vessel = sealed ? 'cooker' : tray ? 'tray' : isFriedInPanfuls(name, said) ? 'pan' : 'pot';
  return {
    name,
    portions,
    component: {
      id: namedId(`component:${name}`),
      name,
      kind: kindOfDish(name, weighedLines(ready, lines)),
      ...(isHeated({ steps, uses })
        ? {
            fridgeDays: { value: 3, source: 'USDA FSIS leftovers guidance (from memory), the short end' },
            freezerDays: { value: 60, source: 'FoodSafety.gov cold storage chart (from memory), the short end' },
            beforeEating: `${readyAfter}Heat right through.`,
          }
        : {
            fridgeDays: RAW_DAYS,
            freezerDays: { value: 0, source: 'common practice, no published source: raw and crisp does not freeze' },
            beforeEating: `${readyAfter}Cold, as it is.`,
          }),
    },
    vessel,
    lines: vessel === 'pan' ? salted.map((line) => oncePerPan(line, lines, said)) : salted,
    steps:
      vessel === 'pan'
        ? steps.map((step, n) => (step.kind === 'work' && fries(said[n]) ? onceMorePerPan(step) : step))
        : steps,
    uses,
  };
}

/** A grain dish is a grain and its water: nine parts in ten of all that goes in. Above so much water a grain it is a soup. */
const GRAIN_SHARE = 0.9;
const MOST_WATER = 6;
const LEAST_OF_UPTAKE = 0.9;

/** "1 cup grain, 2½ cups water" is the packet's line of this grain: its water goes by what the grain takes up and the pot loses, not with the batch. */
function withPacketLine(
  ready: readonly Line[],
  lines: readonly IngredientLine[],
  said: readonly string[],
  sealed: boolean,
): readonly Line[] {
  const weighed = weighedLines(ready, lines);
  const [grain, otherGrain] = weighed.filter(
    ({ food: { facts } }) => facts.kind === 'grain' && facts.uptake && facts.gramsPerCup,
  );
  const [water, otherWater] = weighed.filter(({ food }) => food.name === 'water');
  const all = weighed.reduce((sum, { grams }) => sum + grams, 0);
  const perCup = grain?.food.facts.gramsPerCup?.value;
  if (!grain || !water || !perCup || otherGrain || otherWater) return ready;
  if ((grain.grams + water.grams) / all < GRAIN_SHARE || water.grams > MOST_WATER * grain.grams) return ready;
  // Poured off, or not enough to swell the grain: this is no packet's line.
  if (!sealed && said.some((text) => /\bdrain\b/i.test(text))) return ready;
  if (water.grams < LEAST_OF_UPTAKE * grain.grams * (grain.food.facts.uptake?.value ?? 0)) return ready;
  return ready.map((line) =>
    line === water.line
      ? {
          ...line,
          law: {
            law: 'water for grain',
            grain: grain.line.id,
            packet: packetLine(grain.grams / perCup, water.grams / MEASURES.cup.factor.valueOf()),
          },
        }
      : line,
  );
}
