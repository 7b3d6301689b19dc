import type { BaseUnit, Sourced } from '../quantity/index.ts';

export type FoodId = string;

/** The EU list is the longer one for what grows; the words are those of Regulation (EU) 1169/2011, Annex II. */
export const ALLERGENS = [
  'gluten',
  'peanuts',
  'soybeans',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

export type PlaceKind = 'cupboard' | 'cool room' | 'fridge' | 'freezer';

export type FoodKind =
  | 'grain'
  | 'legume'
  | 'vegetable'
  | 'leaf'
  | 'fruit'
  | 'nut or seed'
  | 'seasoning'
  | 'fat'
  | 'acid'
  | 'water'
  | 'component';

/** What a food does in a dish: a swap keeps the role. */
export type FoodRole =
  | 'acid'
  | 'sweet'
  | 'salt'
  | 'thickener'
  | 'protein'
  | 'binder'
  | 'colour'
  | 'fat'
  | 'aromatic'
  | 'heat'
  | 'umami'
  | 'bulk'
  | 'crisp';

/** In 100 g, edible part, raw. What is left out is not known. Carbohydrate is without fibre. */
export interface Composition {
  readonly kJ?: number;
  readonly proteinG?: number;
  readonly fatG?: number;
  readonly carbohydrateG?: number;
  readonly fibreG?: number;
  readonly ironMg?: number;
  readonly vitaminCMg?: number;
  readonly sodiumMg?: number;
  readonly alcoholG?: number;
}

/** A pack as it is sold: what it holds, and what is left of it when the liquid is poured off. */
export interface FoodPack {
  readonly name: string;
  readonly grams: number;
  readonly drainedG?: number;
}

/** What is known of a food. What is not known is left out: it is asked for, never taken as zero. */
export interface FoodFacts {
  readonly kind: FoodKind;
  /** The unit its lots are counted in. */
  readonly base: BaseUnit;
  /** Other names of this food. */
  readonly names?: readonly string[];
  /** Names that are taken for it and mean another food. */
  readonly nearNames?: readonly string[];
  /** Grams in a level US cup (236.59 mL), as it is bought or as it is measured. */
  readonly gramsPerCup?: Sourced<number>;
  /** Grams in a US cup, cooked. */
  readonly cookedGramsPerCup?: Sourced<number>;
  /** Grams of one piece, edible part. */
  readonly gramsEach?: Sourced<number>;
  /** Edible grams in a gram bought. */
  readonly ediblePart?: Sourced<number>;
  /** Grams of water taken up by a gram of dry food, done. */
  readonly uptake?: Sourced<number>;
  /** Days it keeps by place; the day it is made, bought or opened is day 1. */
  readonly keeps?: Readonly<Partial<Record<PlaceKind, Sourced<number>>>>;
  readonly packs?: Sourced<readonly FoodPack[]>;
  readonly allergens?: readonly Allergen[];
  readonly roles?: readonly FoodRole[];
  readonly composition?: Sourced<Composition>;
  /** Which parts of the composition are this kitchen's own. */
  readonly ownComposition?: readonly string[];
  /** Swells or foams under pressure: the half line is its limit. */
  readonly swells?: boolean;
  readonly hazard?: 'boil beans hard';
}

/** Anything that can lie on a shelf, bought or made: a recipe's component is a food too. */
export interface Food {
  readonly id: FoodId;
  readonly name: string;
  readonly facts: FoodFacts;
}
