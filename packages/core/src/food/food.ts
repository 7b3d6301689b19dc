import type { BaseUnit, Sourced } from '../quantity/index.ts';
import type { Allergen } from './allergens.ts';

export type FoodId = string;

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
export const FOOD_ROLES = [
  'acid',
  'sweet',
  'salt',
  'thickener',
  'protein',
  'binder',
  'colour',
  'fat',
  'aromatic',
  'heat',
  'umami',
  'bulk',
  'crisp',
  'leaven',
] as const;
export type FoodRole = (typeof FOOD_ROLES)[number];

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
  /** Organic acids. */
  readonly acidG?: number;
}

/** A pack as it is sold: what it holds, and what is left of it when the liquid is poured off. */
export interface FoodPack {
  readonly name: string;
  readonly grams: number;
  readonly drainedG?: number;
}

/** What makes a caution stand beside a food. */
export type FoodHazard = 'boil beans hard' | 'never raw' | 'debitter' | 'sprouts' | 'green potatoes' | 'iodine';

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
  /** Days an opened pack keeps by place, from the day it was opened; what is not named keeps as if it were shut. */
  readonly opened?: Readonly<Partial<Record<PlaceKind, Sourced<number>>>>;
  readonly packs?: Sourced<readonly FoodPack[]>;
  /** Of the fourteen: those in it. Left out: nobody has said, so it is unknown. */
  readonly allergens?: readonly Allergen[];
  /** Of the fourteen: those that often come along. */
  readonly mayContain?: readonly Allergen[];
  /** Of something made: the foods in it of which nobody knows. */
  readonly unknownIn?: readonly string[];
  readonly roles?: readonly FoodRole[];
  readonly composition?: Sourced<Composition>;
  /** Which parts of the composition are this kitchen's own. */
  readonly ownComposition?: readonly string[];
  /** Swells or foams under pressure: the half line is its limit. */
  readonly swells?: boolean;
  readonly hazard?: FoodHazard;
}

/** Anything that can lie on a shelf, bought or made: a recipe's component is a food too. */
export interface Food {
  readonly id: FoodId;
  readonly name: string;
  readonly facts: FoodFacts;
}
