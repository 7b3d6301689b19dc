import type { CautionId, FoodId, FoodRole } from '../food/index.ts';
import type { Boil, Medium } from '../heat/index.ts';
import type { Sourced, Written } from '../quantity/index.ts';

/** How a figure changes with the size of the batch. A closed set: each law explains itself (scaling/law.ts). */
export type Law =
  | { readonly law: 'in proportion' }
  | { readonly law: 'slower'; readonly exponent: number }
  | { readonly law: 'per load' }
  /** The written amount is the whole; the share goes in first, then the cook tastes. It grows as slowly as spices do. */
  | { readonly law: 'to taste'; readonly first: string }
  /** Boiled off by an open pot: once for each pot and minute, whatever is in it. */
  | { readonly law: 'pot and minute'; readonly boil: Boil; readonly minutes: number }
  | {
      readonly law: 'water for grain';
      readonly grain: string;
      readonly packet: { readonly grainCups: string; readonly waterCups: string };
      /** Which school's figure is used, where the cook chose one: A the packet's ratio, B own volume and once a pot, C a balance. */
      readonly school?: 'A' | 'B' | 'C';
      /** How an open pot of it boils, and for how long: what it loses. */
      readonly boil?: Boil;
      readonly minutes?: number;
    };

/** One ingredient of a recipe. */
export interface Line {
  readonly id: string;
  readonly food: FoodId;
  readonly amount: Written;
  readonly law: Law;
  /** How it goes in: "rinsed", "in 2 cm pieces". */
  readonly form?: string;
  /** The amount counts the edible part, not what is bought. */
  readonly prepared?: boolean;
  /** Grams in the finished dish from a gram that goes in. Left out: as much as goes in. */
  readonly becomes?: Sourced<number>;
  readonly optional?: boolean;
  /** Goes in whole and must come out again. */
  readonly comesOut?: boolean;
  /** The recipe says "1 to 2": the amount is the middle of it. */
  readonly between?: { readonly from: Written; readonly to: Written };
  /** Any of these foods may fill the line; the food it names stands for them until a batch says which. */
  readonly slot?: { readonly role: FoodRole; readonly allowed: readonly FoodId[] };
  /** Which steps take it, and what share; the shares add up to one. */
  readonly into: readonly Share[];
}

export interface Share {
  readonly step: string;
  /** A fraction: "2/3". */
  readonly share: string;
}

/** A time is a window: the earliest look, what is expected, the latest. In minutes. */
export interface Window {
  readonly earliest: number;
  readonly expected: number;
  readonly latest: number;
}

export type TimeLaw =
  | { readonly law: 'fixed'; readonly minutes: Window }
  | { readonly law: 'by amount'; readonly minutes: number; readonly perKg: number }
  /** The window holds for pieces of `atCm`; they are cut to `cm` here, and heat has another way to go. */
  | {
      readonly law: 'by piece size';
      readonly minutes: Window;
      readonly atCm: number;
      readonly cm: number;
      readonly medium: Medium;
    }
  /** Once, and again for each load. */
  | { readonly law: 'by load'; readonly minutes: number; readonly perLoad: number }
  /** Until so much water has boiled off, at the written size: twice of it takes twice as long in the same pot. */
  | { readonly law: 'boils down'; readonly off: Written; readonly boil: Boil };

/** Hands for all of it, a look every n minutes, or nobody. */
export type Attention =
  | { readonly needs: 'hands' }
  | { readonly needs: 'look'; readonly everyMinutes: number }
  | { readonly needs: 'nobody' };

export interface After {
  readonly step: string;
  readonly min: number;
  /** null: it may wait as long as it likes */
  readonly max: number | null;
}

interface StepBase {
  readonly id: string;
  /** What is done, as an order: "Cut the roots". */
  readonly name: string;
  readonly after: readonly After[];
  /** Once for the batch, or again for each load. */
  readonly per: 'batch' | 'load';
  readonly cue?: string;
  /** What was noted when it was cooked: "a little sour". */
  readonly note?: string;
  readonly cautions?: readonly CautionId[];
  /** What else comes out of it, and where that goes. */
  readonly gives?: readonly ByProduct[];
}

/** An output beside the dish: cooking water, zest, peel. It always has a destination. */
export interface ByProduct {
  readonly name: string;
  /** At the recipe's written size; it grows with the batch. */
  readonly amount: Written;
  readonly goes:
    | { readonly to: 'step'; readonly step: string }
    | { readonly to: 'shelf'; readonly keepsDays: Sourced<number> }
    | { readonly to: 'away' };
}

export interface WorkStep extends StepBase {
  readonly kind: 'work';
  readonly time: TimeLaw;
  readonly attention: Attention;
  /** Not to be interrupted by a look at something else: folding, sealing, caramel. */
  readonly delicate?: boolean;
  /** What is heated again is cooked short on purpose: this share of the time. */
  readonly stopAt?: number;
}

/** The whole cycle of a sealed cooker; the session takes it apart into its stages. */
export interface PressureStep extends StepBase {
  readonly kind: 'pressure';
  readonly hold: Window;
  readonly release:
    { readonly how: 'natural' } | { readonly how: 'timed'; readonly minutes: number } | { readonly how: 'quick' };
  readonly water: 'kettle' | 'tap';
}

/** The evening before, and other long leads. */
export interface AheadStep extends StepBase {
  readonly kind: 'ahead';
  readonly hours: { readonly least: number; readonly most: number };
}

export type Step = WorkStep | PressureStep | AheadStep;

/** A step's name is no longer, letters. */
export const STEP_NAME_MOST = 400;

export const STATIONS = [
  'cooker',
  'oven',
  'burner',
  'jug',
  'rice cooker',
  'microwave',
  'air fryer',
  'kettle',
  'strainer',
] as const;
export type Station = (typeof STATIONS)[number];
export const VESSELS = ['cooker', 'tray', 'jug', 'pot', 'pan', 'rice cooker', 'microwave', 'air fryer'] as const;
export type Vessel = (typeof VESSELS)[number];

/** A station held from the start of one step to the end of another. */
export interface StationUse {
  readonly station: Station;
  readonly from: string;
  readonly to: string;
  /** Minutes of hands to wash it before something else goes in. */
  readonly wash?: number;
  /** Uses that share this word need no wash between them. */
  readonly group?: string;
  readonly celsius?: number;
  /** How many degrees up or down the dish bears. */
  readonly toleranceC?: number;
  /** Under the grill: it has the oven to itself. */
  readonly grill?: boolean;
}

/** What a method or a version says otherwise about a line. What is left out stays. */
export type LineChange = { readonly line: string } & Partial<
  Pick<Line, 'food' | 'amount' | 'law' | 'form' | 'becomes' | 'into'>
>;

/** Another way to cook it: its own vessel, steps and liquid. */
export interface Method {
  readonly id: string;
  /** "on the hob" */
  readonly name: string;
  readonly vessel: Vessel;
  readonly steps: readonly Step[];
  readonly uses: readonly StationUse[];
  readonly lines: readonly LineChange[];
}

/** A named choice of amounts: "stew, not soup", "from tins". */
export interface Version {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly LineChange[];
  /** Lines that this version leaves out. */
  readonly without: readonly string[];
  /** Steps that it does not need. */
  readonly skips: readonly string[];
}

/** A tin or an oven dish, inside, in centimetres. */
export type Pan =
  | { readonly shape: 'rectangle'; readonly lengthCm: number; readonly widthCm: number }
  | { readonly shape: 'round'; readonly acrossCm: number };

export interface Revision {
  readonly name: string;
  readonly portions: number;
  /** What it yields: a food of its own, that lies on the shelf in boxes. */
  readonly component: {
    readonly id: FoodId;
    readonly name: string;
    readonly kind: 'grain' | 'legume' | 'roots' | 'sauce' | 'greens' | 'dish';
    /** Days it keeps, the day it is made being day 1. */
    readonly fridgeDays: Sourced<number>;
    readonly freezerDays: Sourced<number>;
    /** Days in the cupboard, for what is dry enough; left out: cooked food stays in the cold. */
    readonly cupboardDays?: Sourced<number>;
    /** Eaten as it comes out of the fridge: a salad, a cracker. Left out: what was heated is warmed. */
    readonly eatenCold?: boolean;
    readonly beforeEating: string;
  };
  /** The vessel that decides how many loads a batch needs. */
  readonly vessel: Vessel;
  /** What the first way is called, where there are others: "in the sealed cooker". */
  readonly methodName?: string;
  readonly methods?: readonly Method[];
  readonly versionName?: string;
  readonly versions?: readonly Version[];
  /** Made to be put together by the piece: a portion is one of them. */
  readonly unit?: {
    readonly name: 'wrap' | 'bowl' | 'box' | 'plate';
    readonly perDish?: number;
    readonly perPan?: number;
  };
  /** The tin or dish that the written amounts fill. */
  readonly pan?: Pan;
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly uses: readonly StationUse[];
}
