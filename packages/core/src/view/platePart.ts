import type { Food } from '../food/index.ts';
import { inBase } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { perPortion, type Nutrient, type ScaledBatch } from '../scaling/index.ts';
import { placeOf, type Form, type PortionFacts } from '../week/index.ts';

/** Grams of vegetables that make a plate green enough. Common practice, no published source. */
const VEGETABLES_G = 100;
/** Grams of protein that carry a plate. Common practice, no published source. */
const PROTEIN_G = 15;
/** A whole dish that brings so much fills by itself, kJ. Common practice, no published source. */
const FILLING_KJ = 2000;
/** Roots fill, and are half a vegetable. Common practice, no published source. */
const ROOTS_ARE_GREEN = 0.5;
/** Without the food of so much of it by mass, nobody knows what a portion brings. */
const KNOWN_FROM = 0.7;

/** What is in one portion of a dish made of dishes, by the component: so many of its portions. */
export interface MadeOf {
  readonly facts: PortionFacts;
  readonly vegetablesG: number;
  readonly each: number;
}

/** What one portion brings: what goes in as food, and what the components in it bring. */
export function portionFacts(scaled: ScaledBatch, of: readonly MadeOf[]): PortionFacts {
  const { nutrients, covered, toTaste } = perPortion(scaled);
  // Salt that goes in to taste is in no sum of a dish; of a day it is most of it.
  const tasted = toTaste.reduce((total, { food, usualG }) => total + (food === 'salt' ? usualG : 0), 0);
  const own = covered >= KNOWN_FROM || of.length > 0;
  const sum = (key: Nutrient['key'], part: keyof PortionFacts): number | undefined => {
    const parts = of.map(({ facts, each }) => (facts[part] === undefined ? undefined : facts[part] * each));
    if (!own || parts.some((value) => value === undefined)) return undefined;
    const mine = (nutrients.find((each) => each.key === key)?.perPortion ?? 0) + (part === 'saltG' ? tasted : 0);
    return parts.reduce<number>((total, value) => total + (value ?? 0), mine);
  };
  return {
    kJ: sum('energy', 'kJ'),
    proteinG: sum('protein', 'proteinG'),
    fibreG: sum('fibre', 'fibreG'),
    ironMg: sum('iron', 'ironMg'),
    vitaminCMg: sum('vitamin C', 'vitaminCMg'),
    saltG: sum('salt', 'saltG'),
  };
}

/** Grams of vegetables and leaves in a portion, raw, what is in its components included. */
export const vegetablesIn = ({ lines, portions }: ScaledBatch, of: readonly MadeOf[]): number =>
  lines.reduce(
    (sum, { food, grams, line }) =>
      sum +
      ((food.facts.kind === 'vegetable' || food.facts.kind === 'leaf') && grams && !line.optional
        ? inBase(grams).valueOf() / portions.valueOf()
        : 0),
    0,
  ) + of.reduce((sum, { vegetablesG, each }) => sum + vegetablesG * each, 0);

/** How much of each part of a plate a portion is: its own part wholly, and of the others what is in it. */
export function coversOf(
  kind: Revision['component']['kind'],
  facts: PortionFacts,
  vegetablesG: number,
): readonly number[] {
  const share = (value: number | undefined, whole: number) => Math.min(1, (value ?? 0) / whole);
  const green = share(vegetablesG, VEGETABLES_G);
  const protein = share(facts.proteinG, PROTEIN_G);
  if (kind === 'sauce') return [0, protein / 2, 0];
  if (kind === 'dish') return [share(facts.kJ, FILLING_KJ), protein, green];
  const beside = [0, protein, kind === 'roots' ? green * ROOTS_ARE_GREEN : green];
  return beside.map((covered, part) => (part === placeOf(kind) ? 1 : covered));
}

const FORMS: readonly (readonly [said: RegExp, form: Form])[] = [
  [/\bsoups?\b|\bbroth\b|\bchowder\b/i, 'soup'],
  [/\bfritters?\b|\bpatt(?:y|ies)\b|\bpancakes?\b|\bdumplings?\b/i, 'fritters'],
  [/\bsalads?\b|\bslaw\b/i, 'salad'],
  [/\bmash(?:ed)?\b|\bpur[eé]e\b/i, 'mash'],
  [/\bbake\b|\bgratin\b|\bcrumble\b|\bpie\b|\blasagne\b|\bpasty\b/i, 'bake'],
  [/\broast(?:ed)?\b|\btray\b/i, 'roast'],
  [/\bwraps?\b|\bplates?\b|\bbowls?\b|\bsandwich/i, 'assembled'],
];

/** What form a dish has, by its name, by where it is cooked, and by what it is made of. */
export function formOf({ component, uses }: Revision, madeOfDishes: boolean): Form {
  const named = FORMS.find(([said]) => said.test(component.name))?.[1];
  if (named) return named;
  if (madeOfDishes) return 'assembled';
  return uses.some(({ station }) => station === 'oven') ? 'bake' : 'pot';
}

/** A dish is of these. */
const LEADS = new Set<Food['facts']['kind']>(['grain', 'legume', 'vegetable', 'leaf']);
/** These are in nearly everything, and make no two dishes alike. */
const EVERYWHERE = /\b(?:onions?|garlic|salt|pepper|stock|water|bay|lemon|vinegar|soy sauce|sugar)\b/i;

/**
 * What a dish tastes and looks of: the grain, the legume or the vegetable that there is most of, and the spice that there is most of.
 * @example traitsOf(scaled) // ['borlotti beans', 'smoked paprika']
 */
export function traitsOf({ lines }: ScaledBatch): readonly string[] {
  const weighed = lines.flatMap(({ food, grams, line }) =>
    grams && !line.optional && !EVERYWHERE.test(food.name)
      ? [{ name: food.name, kind: food.facts.kind, grams: inBase(grams).valueOf() }]
      : [],
  );
  const most = (among: typeof weighed): readonly string[] => {
    const [first] = [...among].sort((a, b) => b.grams - a.grams);
    return first ? [first.name] : [];
  };
  return [
    ...most(weighed.filter(({ kind }) => LEADS.has(kind))),
    ...most(weighed.filter(({ kind }) => kind === 'seasoning')),
  ];
}
