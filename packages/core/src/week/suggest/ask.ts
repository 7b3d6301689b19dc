import type { ComponentKind } from '../eaters.ts';
import type { DayBand } from '../intakes.ts';

/** What one portion brings; undefined: nobody knows, and it counts as nothing. */
export interface PortionFacts {
  readonly kJ: number | undefined;
  readonly proteinG: number | undefined;
  readonly fibreG: number | undefined;
  readonly ironMg: number | undefined;
  readonly vitaminCMg: number | undefined;
  readonly saltG: number | undefined;
}

/** How a dish is put together and eaten: what makes two of them the same again. */
export type Form = 'soup' | 'bake' | 'fritters' | 'salad' | 'mash' | 'roast' | 'assembled' | 'pot';

/** A component that may be eaten in the week: from boxes that are there, from a batch that may be cooked, or both. */
export interface Candidate {
  readonly food: string;
  readonly recipe: string;
  readonly name: string;
  readonly kind: ComponentKind;
  readonly form: Form;
  /** What it tastes and looks of: the food that there is most of, the spice that is strongest. Two mains that share one are alike. */
  readonly traits?: readonly string[];
  /** Its colour and its texture: two mains that share one at meals behind each other are a little alike. */
  readonly looks?: readonly string[];
  /** How much of each part of a plate one portion is, 0 to 1: see PLATE_PARTS. */
  readonly covers: readonly number[];
  readonly facts: PortionFacts;
  /** In a box in the freezer, L a portion. */
  readonly litresEach: number;
  /** Portions in boxes that keep through the week, frozen. */
  readonly frozen: number;
  /** Cold portions, and the last meal at which they may be eaten, counted from 0; the first one where they are not there yet. */
  readonly cold: readonly { readonly portions: number; readonly fromMeal?: number; readonly lastMeal: number }[];
  /** How it may be cooked; undefined: only what is there. */
  readonly cooks?: Cooking;
  /** Portions that all at each meal would take of it together; who does not eat it takes none. */
  readonly want: readonly number[];
  /** The usual portions that one eater of each group takes; 0: they do not eat it. */
  readonly eats: readonly number[];
  /** How many of those at the table like it, less how many had it often of late, less what of it was thrown away. */
  readonly liked: number;
  /** It was on the table in the weeks behind. */
  readonly had?: true;
  /** The share of it that was thrown away in the weeks behind; left out: nothing. */
  readonly lost?: number;
}

/** Minutes once, and for each portion. */
export interface Linear {
  readonly once: number;
  readonly each: number;
}

/** What a session has only so much of. */
export const WORK = ['hands', 'cooker', 'oven', 'burners'] as const;
export type Work = Readonly<Record<(typeof WORK)[number], Linear>>;

export interface Cooking {
  readonly recipe: string;
  /** Sessions in which it can be cooked, by their number: what soaks is too late for some. */
  readonly into: readonly number[];
  /** Portions that it may be made in, the least first. */
  readonly sizes: readonly number[];
  /** Minutes of hands, and of what is held by it. */
  readonly work: Work;
  /** What of it is cut by itself: done in one go with the same of another dish. Left out: nothing. */
  readonly cuts?: readonly string[];
  /** How much of each good one portion uses, in the measure of `goods`. */
  readonly buys: readonly { readonly good: number; readonly each: number }[];
  /** What comes out beside one portion and is kept, in the measure of `goods`: another dish needs so much less of it. Left out: nothing. */
  readonly gives?: readonly { readonly good: number; readonly each: number }[];
  /** Something in it has no price: it is taken at what foods cost here on the whole. */
  readonly costGuessed: boolean;
  /** Components that it is made of: so many portions of each for one of it. */
  readonly needs: readonly { readonly candidate: number; readonly each: number }[];
  /** How much of each thing that presses one portion uses, in the measure of `presses`. */
  readonly clears: readonly number[];
  /** Meals for which the fridge keeps it, from the first that it feeds. */
  readonly keepsMeals: number;
  readonly freezes: boolean;
  /** Its fresh food is at its best now. */
  readonly inSeason: boolean;
  /** It is cooked in any case, in that size. */
  readonly locked?: number;
}

/** Something that is bought: what is there, and what a pack of it holds and costs. */
export interface Good {
  readonly name: string;
  readonly there: number;
  /** What a pack holds; undefined: bought loose, or nobody knows. */
  readonly pack: number | undefined;
  /** Minor units of a pack, or of one unit where there is none. */
  readonly minor: number;
}

/** Eaters who are there at the same meals, eat the same and should get the same. */
export interface EaterGroup {
  readonly names: readonly string[];
  /** At which meals they are there. */
  readonly at: readonly boolean[];
  readonly band: DayBand;
  /** So many days in a row they eat the same thing, and no more. */
  readonly repeats?: number;
}

/** When dishes may be cooked, and how much there is of what they need. */
export interface SessionAsk {
  /** Undefined: the next one, which is not planned yet. */
  readonly id: string | undefined;
  /** It is not planned, and would be made for what is cooked in it: getting everything out once more takes hands. */
  readonly extra?: boolean;
  /** It begins before anything can be bought: what is cooked in it has to be there. */
  readonly beforeTrip?: boolean;
  /** The first meal that what is cooked in it can feed. */
  readonly from: number;
  /** The first meal that what is frozen of it can feed: frozen through, and thawed. */
  readonly frozenFrom: number;
  /** Minutes at most. */
  readonly most: Readonly<Record<(typeof WORK)[number], number>>;
}

/** How much each part of the score counts. */
export interface Weights {
  readonly short: number;
  readonly feeds: number;
  readonly waste: number;
  readonly hands: number;
  readonly cost: number;
  readonly repeats: number;
  readonly liking: number;
}

export interface WeekAsk {
  /** How many eat at each meal, in usual portions: lunch and dinner in turn. */
  readonly people: readonly number[];
  readonly groups: readonly EaterGroup[];
  /** The first is the one at hand. */
  readonly sessions: readonly SessionAsk[];
  readonly candidates: readonly Candidate[];
  readonly goods: readonly Good[];
  /** What presses on the shelf: how much of it there is, in usual portions. */
  readonly presses: readonly { readonly name: string; readonly portions: number }[];
  /** Meals that are settled: the foods at each, by the number of the meal. */
  readonly settled: Readonly<Record<number, readonly string[]>>;
  /** Minutes of hands that are saved where the same food is cut in one go for one dish more; left out: none. */
  readonly boardMinutes?: number;
  /** Dishes cooked at most in a session. */
  readonly mostBatches: number;
  /** Litres that the freezer has left; undefined: nobody has measured it. */
  readonly freezerLitres?: number;
  /** Minutes of hands that there are; undefined: as many as it takes. */
  readonly handsAtMost?: number;
  /** Minor units that there are. */
  readonly costAtMost?: number;
  readonly weights: Weights;
}

/** Places on a plate, each for one component: what fills, what feeds (or a whole dish), what is green, what goes over it. */
export const PLACES = ['filling', 'main', 'vegetable', 'sauce'] as const;
/** What a whole plate has. */
export const PLATE_PARTS = ['filling', 'protein', 'vegetable'] as const;
const PLACE_OF: Readonly<Record<ComponentKind, number>> = {
  grain: 0,
  roots: 0,
  legume: 1,
  dish: 1,
  greens: 2,
  sauce: 3,
};
export const MAIN = 1;
export const placeOf = (kind: ComponentKind): number => PLACE_OF[kind];
