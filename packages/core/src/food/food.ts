import type { BaseUnit, Sourced } from '../quantity/index.ts';

export type FoodId = string;

/** The EU list is the longer one for what grows; the words are those of Regulation (EU) 1169/2011, Annex II. */
export type Allergen =
  'gluten' | 'peanuts' | 'soybeans' | 'nuts' | 'celery' | 'mustard' | 'sesame' | 'sulphites' | 'lupin';

export type PlaceKind = 'cupboard' | 'cool room' | 'fridge' | 'freezer';

export type FoodKind =
  'grain' | 'legume' | 'vegetable' | 'leaf' | 'nut or seed' | 'seasoning' | 'fat' | 'acid' | 'water' | 'component';

/** What is known of a food. What is not known is left out: it is asked for, never taken as zero. */
export interface FoodFacts {
  readonly kind: FoodKind;
  /** The unit its lots are counted in. */
  readonly base: BaseUnit;
  readonly names?: readonly string[];
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
  readonly allergens?: readonly Allergen[];
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
