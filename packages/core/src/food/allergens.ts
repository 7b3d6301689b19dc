import type { Food, FoodFacts } from './food.ts';

/** What has to be named where food is given to others. Source: published: Regulation (EU) 1169/2011, Annex II. */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'eggs',
  'fish',
  'peanuts',
  'soybeans',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** What is known of the fourteen in a food or a dish. What nobody has said anything of is unknown, never "none". */
export interface AllergenStatement {
  readonly contains: readonly Allergen[];
  /** Often comes along: milled, packed or filtered with it. What is contained is not named again. */
  readonly may: readonly Allergen[];
  /** Foods of which nobody knows: mixed, nameless, or of the kitchen's own and not yet described. */
  readonly unknown: readonly string[];
}

export const NO_ALLERGENS: AllergenStatement = { contains: [], may: [], unknown: [] };

/**
 * What a food says of the fourteen.
 * @example statementOf({ name: 'nameless box', facts: { kind: 'component', base: 'g' } }).unknown // => ['nameless box']
 */
export const statementOf = ({ name, facts }: Pick<Food, 'name' | 'facts'>): AllergenStatement => ({
  contains: inOrder(facts.allergens ?? []),
  may: inOrder(facts.mayContain ?? []),
  unknown: facts.allergens === undefined ? [name] : (facts.unknownIn ?? []),
});

/** What all of them say together: a dish holds what any of its foods holds. Nothing is ever lost by adding a food. */
export function uniteStatements(statements: readonly AllergenStatement[]): AllergenStatement {
  const contains = inOrder(statements.flatMap((each) => each.contains));
  return {
    contains,
    may: inOrder(statements.flatMap((each) => each.may)).filter((allergen) => !contains.includes(allergen)),
    unknown: [...new Set(statements.flatMap((each) => each.unknown))].sort(),
  };
}

/** A statement as facts of a food that is made. */
export const factsOfStatement = ({
  contains,
  may,
  unknown,
}: AllergenStatement): Pick<FoodFacts, 'allergens' | 'mayContain' | 'unknownIn'> => ({
  allergens: contains,
  ...(may.length > 0 ? { mayContain: may } : {}),
  ...(unknown.length > 0 ? { unknownIn: unknown } : {}),
});

/**
 * A statement in one sentence for a screen or a label, from the worst to the least known.
 * @example allergenWords({ contains: ['gluten'], may: ['nuts'], unknown: [] }) // => 'Contains gluten. May contain nuts.'
 * @example allergenWords({ contains: [], may: [], unknown: ['stock'] }) // => 'Allergens unknown: stock. Read the packet.'
 */
export function allergenWords({ contains, may, unknown }: AllergenStatement): string {
  const said = [
    ...(contains.length > 0 ? [`Contains ${contains.join(', ')}.`] : []),
    ...(may.length > 0 ? [`May contain ${may.join(', ')}.`] : []),
    ...(unknown.length > 0 ? [`Allergens unknown: ${unknown.join(', ')}. Read the packet.`] : []),
  ];
  return said.length > 0 ? said.join(' ') : 'None of the 14 allergens that must be named.';
}

/** What one statement names that another does not: contained, or possible where before it was not even that. */
export const addedBy = (to: AllergenStatement, from: AllergenStatement): AllergenStatement => ({
  contains: to.contains.filter((each) => !from.contains.includes(each)),
  may: to.may.filter((each) => !from.may.includes(each) && !from.contains.includes(each)),
  unknown: to.unknown.filter((each) => !from.unknown.includes(each)),
});

const inOrder = (allergens: readonly Allergen[]): readonly Allergen[] =>
  ALLERGENS.filter((allergen) => allergens.includes(allergen));
