import type { Food } from '../food/index.ts';
import { dryShareOf, isTapWater } from '../food/index.ts';
import { openPotLoss } from '../heat/index.ts';
import { potThatHolds, type Equipment } from '../kitchen/index.ts';
import { inBase, quantityOf, type Sourced } from '../quantity/index.ts';
import { boiledOffG, leadsTo, type Line, type Revision } from '../recipe/index.ts';
import { openPotMinutes } from './openPotMinutes.ts';
import type { ScaledLine } from './scaleBatch.ts';

/** What is in the dish of one line, g, and what of it is not its own: water that it took up. */
export interface LinePart {
  readonly line: Line;
  readonly food: Food;
  /** What goes in, with peel and stalk where it is bought so. */
  readonly in: number;
  /** What of that, and of what it took up, is in the finished dish. */
  readonly out: number;
  readonly source?: string;
}

/** Something that goes in or leaves beside the lines, g. */
export interface Flow {
  readonly what: string;
  readonly g: number;
  readonly source?: string;
}

/** Where every gram of a batch comes from and where it goes: what goes in, and beside it, is what the dish weighs and what leaves. */
export interface MassBalance {
  readonly parts: readonly LinePart[];
  /** Taken up before the pot: the water of a soak. */
  readonly beside: readonly Flow[];
  readonly leaves: readonly Flow[];
  readonly outG: number;
}

/** So many times the written size, in so many pots. */
export interface BatchSize {
  readonly factor: number;
  readonly loads: number;
}

/** Dry legumes take up about their own weight in a soak: 2.0 to 2.2 times as heavy. Common practice, no published source. */
export const SOAKED_UP = 1.1;
/** What leaves a pot that is shut, g each. From memory: 20 to 60 g from a sealed cooker; a rice cooker as much. */
const SHUT_POT_G: Readonly<Partial<Record<Revision['vessel'], Sourced<number>>>> = {
  cooker: { value: 40, source: 'from memory: 20 to 60 g from a sealed cooker' },
  'rice cooker': { value: 40, source: 'from memory' },
};

/** What vegetables keep of their weight over dry heat, the middle of the usual range. Common practice, no published source. */
const BOOK_KEEPS = {
  roast: { mushrooms: 0.6, other: 0.72 },
  fry: { mushrooms: 0.62, onion: 0.6, leaf: 0.8, other: 0.85 },
} as const;
const FRIES = /\b(?:fry|frying|brown|sear|saut)/i;
const COMMON = 'common practice, no published source';

/** Does a step drain what was cooked: through a strainer, or by its words? */
const drains = (recipe: Revision): readonly string[] =>
  recipe.steps
    .filter(
      ({ id, name, kind }) =>
        kind === 'work' &&
        (recipe.uses.some(
          (use) =>
            use.station === 'strainer' && leadsTo(recipe.steps, use.from, id) && leadsTo(recipe.steps, id, use.to),
        ) ||
          /\bdrain\b/i.test(name)),
    )
    .map(({ id }) => id);

/**
 * The balance of a batch, g. What swells takes its water from the soak and the pot, never more than is there; the rest stays in the dish, less the steam and what is
 * poured away; what was kept of that and goes in again is there again. Peel and what comes out whole leave. What boils down more than was poured in takes it of what
 * else is wet in the pot.
 */
export function massBalance(
  recipe: Revision,
  lines: readonly ScaledLine[],
  size: BatchSize,
  equipment: Equipment,
): MassBalance {
  const counted = lines.flatMap(({ line, food, grams }) =>
    grams && !line.optional ? [{ line, food, g: grams.g.valueOf() }] : [],
  );
  const wet = counted.filter(({ line, food }) => food.facts.kind === 'water' && line.law.law !== 'pot and minute');
  const leaves: Flow[] = [];
  const beside: Flow[] = [];
  const leave = (what: string, g: number, source?: string) => {
    if (g > 1e-9) leaves.push({ what, g, ...(source ? { source } : {}) });
  };

  // What swells, and how much it would like to take up.
  const thirsty = counted
    .filter((each) => !wet.includes(each))
    .map((each) => ({
      ...each,
      edible: each.g * edibleOf(each.line, each.food),
      ...keepsOf(each.line, each.food, recipe),
    }));
  const soakSteps = recipe.steps.filter(({ kind }) => kind === 'ahead').map(({ id }) => id);
  const wants = thirsty.map(({ line, edible, keeps, food }) => {
    const want = Math.max(0, keeps - 1) * edible;
    const soaks = food.facts.uptake !== undefined && line.into.some(({ step }) => soakSteps.includes(step));
    const fromSoak = soaks ? Math.min(want, SOAKED_UP * edible) : 0;
    return { fromSoak, fromPot: want - fromSoak };
  });
  const poured = wet.reduce((sum, { g }) => sum + g, 0);
  const wanted = wants.reduce((sum, { fromPot }) => sum + fromPot, 0);
  const taken = Math.min(poured, wanted);
  const share = wanted > 0 ? taken / wanted : 0;
  const soaked = wants.reduce((sum, { fromSoak }) => sum + fromSoak, 0);
  if (soaked > 0) beside.push({ what: 'taken up in the soak', g: soaked, source: COMMON });

  const parts: LinePart[] = thirsty.map(({ line, food, g, edible, keeps, source }, n) => {
    if (line.comesOut === true) {
      leave(`${food.name}, comes out again`, g);
      return { line, food, in: g, out: 0 };
    }
    leave(`${food.name}: peel, stalk, stone`, g - edible);
    const own = line.law.law === 'pot and minute' ? 0 : Math.min(1, keeps) * edible;
    if (line.law.law !== 'pot and minute') leave(`${food.name}: lost over the heat`, edible - own, source);
    const { fromSoak = 0, fromPot = 0 } = wants[n] ?? {};
    return { line, food, in: g, out: own + fromSoak + fromPot * share, ...(source ? { source } : {}) };
  });

  const free = poured - taken;
  const boiled = counted.filter(({ line }) => line.law.law === 'pot and minute').reduce((sum, { g }) => sum + g, 0);
  const { stays, stillToGo } = afterTheHeat(recipe, wet, free, boiled, size, equipment, leave);
  leave('boiled off', boiled);
  wet.forEach(({ line, food, g }) => parts.push({ line, food, in: g, out: poured > 0 ? (stays * g) / poured : 0 }));
  const down = boiledDown(parts, recipe, stillToGo);
  leave('boiled down', sumOut(parts) - sumOut(down), 'as the recipe says how far');
  return { parts: down, beside, leaves, outG: sumOut(down) };
}

const sumOut = (parts: readonly LinePart[]): number => parts.reduce((sum, { out }) => sum + out, 0);

/** Grams that boil down by step, so many times the written size; what no readable amount is written of is left out. */
const wantedOff = (recipe: Revision, factor: number) =>
  recipe.steps.flatMap((step) => {
    const g = step.kind === 'work' && step.time.law === 'boils down' ? boiledOffG(step.time) * factor : 0;
    return g > 0 ? [{ step: step.id, g }] : [];
  });

/** Tomatoes, stock and wine give water off too: each by what of it is water, and never more than that. Of foods whose dry part nobody knows, only liquids do. */
function boiledDown(
  parts: readonly LinePart[],
  recipe: Revision,
  toGo: readonly { readonly step: string; readonly g: number }[],
): LinePart[] {
  let now = [...parts];
  for (const { step, g } of toGo) {
    const waterOf = ({ line, food, in: goes, out }: LinePart): number => {
      if (!line.into.some((into) => leadsTo(recipe.steps, into.step, step))) return 0;
      const dry = dryShareOf(food) ?? (food.facts.base === 'mL' && food.facts.kind !== 'fat' ? 0 : 1);
      return Math.max(0, out - dry * Math.min(goes, out));
    };
    const water = now.reduce((sum, part) => sum + waterOf(part), 0);
    const gone = water > 0 ? Math.min(1, g / water) : 0;
    now = now.map((part) => ({ ...part, out: part.out - gone * waterOf(part) }));
  }
  return now;
}

/** What is left of the free liquid: less the steam, less what is poured away, with what was kept of that. What should boil down and is not in it is still to go. */
function afterTheHeat(
  recipe: Revision,
  wet: readonly { readonly line: Line; readonly g: number }[],
  free: number,
  boiledOff: number,
  { factor, loads }: BatchSize,
  equipment: Equipment,
  leave: (what: string, g: number, source?: string) => void,
): { readonly stays: number; readonly stillToGo: ReturnType<typeof wantedOff> } {
  const wanted = wantedOff(recipe, factor);
  if (free <= 0) return { stays: 0, stillToGo: wanted };
  const poured = wet.reduce((sum, { g }) => sum + g, 0);
  // Said by the cook: so much of what was poured in is in the dish at the end.
  const said = wet.every(
    ({ line }) => line.becomes !== undefined && (line.becomes.value > 0 || recipe.vessel === 'tray'),
  )
    ? wet.reduce((sum, { line, g }) => sum + g * (line.becomes?.value ?? 1), 0)
    : undefined;
  const into = wet.flatMap(({ line }) => line.into.map(({ step }) => step));
  const gone = drains(recipe).filter((id) => into.some((step) => step !== id && leadsTo(recipe.steps, step, id)));
  if (said !== undefined && gone.length === 0) {
    const stays = Math.min(free, said);
    leave('boiled off or left behind', free - stays, COMMON);
    return { stays, stillToGo: [] };
  }
  const down = wanted.filter(({ step }) => into.some((id) => leadsTo(recipe.steps, id, step)));
  const wantedSteam = boiledOff > 0 ? 0 : steamOf(recipe, wet, loads, equipment) + sumG(down);
  const steam = Math.min(free, wantedSteam);
  const short = Math.min(sumG(down), wantedSteam - steam);
  const stillToGo = [
    ...wanted.filter((each) => !down.includes(each)),
    ...down.map(({ step, g }) => ({ step, g: (g * short) / sumG(down) })),
  ];
  leave('steam', steam, 'computed from the pot’s surface and the minutes; loss a square metre from memory');
  const left = free - steam;
  if (gone.length === 0) {
    const kept = Math.min(left, byProductGrams(recipe, poured, wet, 'shelf', undefined));
    leave('kept apart', kept);
    return { stays: left - kept, stillToGo };
  }
  const again = Math.min(left, byProductGrams(recipe, poured, wet, 'step', gone));
  const apart = Math.min(left - again, byProductGrams(recipe, poured, wet, 'shelf', gone));
  leave('kept apart', apart);
  leave('poured away', left - again - apart);
  return { stays: again, stillToGo };
}

const sumG = (flows: readonly { readonly g: number }[]): number => flows.reduce((sum, { g }) => sum + g, 0);

/** Grams of liquid that steps give, to a step or to the shelf: it grows with what was poured in. */
function byProductGrams(
  recipe: Revision,
  poured: number,
  wet: readonly { readonly line: Line }[],
  to: 'step' | 'shelf',
  of: readonly string[] | undefined,
): number {
  const written = wet.reduce((sum, { line }) => sum + inBase(quantityOf(line.amount)).valueOf(), 0);
  const grows = written > 0 ? poured / written : 0;
  return recipe.steps
    .filter(({ id }) => of === undefined || of.includes(id))
    .flatMap(({ gives = [] }) => gives)
    .filter(({ goes, amount }) => goes.to === to && quantityOf(amount).kind === 'volume')
    .reduce((sum, { amount }) => sum + inBase(quantityOf(amount)).valueOf() * grows, 0);
}

/** Grams of water that leave as steam without anybody wanting it: by the surface of the pot that holds a load, or what a shut one lets out. */
function steamOf(
  recipe: Revision,
  wet: readonly { readonly line: Line; readonly g: number }[],
  loads: number,
  equipment: Equipment,
): number {
  const grain = wet.find(({ line }) => line.law.law === 'water for grain')?.line;
  const shut = SHUT_POT_G[recipe.vessel];
  const own = equipment.own?.grainLossMl;
  if (recipe.vessel === 'cooker' || recipe.vessel === 'rice cooker') {
    const kind = recipe.vessel === 'cooker' ? 'sealed cooker' : 'rice cooker';
    return ((grain ? own?.[kind]?.value : undefined) ?? shut?.value ?? 0) * loads;
  }
  const { acrossCm } = potThatHolds(equipment, wet.reduce((sum, { g }) => sum + g, 0) / loads / 1000);
  if (grain?.law.law === 'water for grain')
    return (
      (own?.hob?.value ?? openPotLoss(grain.law.boil ?? 'lid on', acrossCm, grain.law.minutes ?? GRAIN_MINUTES)) * loads
    );
  const into = wet.flatMap(({ line }) => line.into.map(({ step }) => step));
  return openPotMinutes(recipe, into).reduce(
    // What boils down is not a matter of minutes: it goes on until so much is gone.
    (sum, { step, boil, minutes }) =>
      sum + (step.kind === 'work' && step.time.law === 'boils down' ? 0 : openPotLoss(boil, acrossCm, minutes) * loads),
    0,
  );
}

/** A grain on the hob, lid on, where the recipe says no more. Common practice, no published source. */
export const GRAIN_MINUTES = 20;

const edibleOf = (line: Line, food: Food): number => (line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1));

/** Grams in the dish from a gram that goes in: as the recipe says, else as the book cooks it. */
function keepsOf(line: Line, food: Food, recipe: Revision): { readonly keeps: number; readonly source?: string } {
  if (line.becomes) return { keeps: line.becomes.value, source: line.becomes.source };
  const { uptake, kind } = food.facts;
  const later = recipe.steps.filter(({ id }) => line.into.some(({ step }) => leadsTo(recipe.steps, step, id)));
  const heated = later.some(
    ({ id, kind: how }) =>
      how === 'pressure' ||
      recipe.uses.some(
        (use) =>
          use.station !== 'jug' &&
          use.station !== 'strainer' &&
          leadsTo(recipe.steps, use.from, id) &&
          leadsTo(recipe.steps, id, use.to),
      ),
  );
  if (uptake && heated) return { keeps: 1 + uptake.value, source: uptake.source };
  if (kind !== 'vegetable' && kind !== 'leaf') return { keeps: 1 };
  const wetPot = recipe.lines.some(
    (other) =>
      other.id !== line.id && isWet(other) && other.into.some(({ step }) => later.some(({ id }) => id === step)),
  );
  const roasts = later.some(({ id }) =>
    recipe.uses.some(
      ({ station, from, to }) =>
        (station === 'oven' || station === 'air fryer') &&
        leadsTo(recipe.steps, from, id) &&
        leadsTo(recipe.steps, id, to),
    ),
  );
  const fries = later.some(({ name }) => FRIES.test(name));
  const mushrooms = /mushroom/.test(food.name);
  if (roasts && !wetPot)
    return { keeps: mushrooms ? BOOK_KEEPS.roast.mushrooms : BOOK_KEEPS.roast.other, source: COMMON };
  if (fries) {
    const { fry } = BOOK_KEEPS;
    const keeps = mushrooms
      ? fry.mushrooms
      : /onion|shallot/.test(food.name)
        ? fry.onion
        : kind === 'leaf'
          ? fry.leaf
          : fry.other;
    return { keeps, source: COMMON };
  }
  return { keeps: 1 };
}

/** Water written into a recipe, as far as its line tells: it follows a grain, boils off, or is the tap's own. */
const isWet = ({ law, food }: Line): boolean =>
  law.law === 'water for grain' || law.law === 'pot and minute' || isTapWater(food);
