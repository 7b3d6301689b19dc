import type { CautionId, FoodId } from '../food/index.ts';
import type { Sourced, Written } from '../quantity/index.ts';

/** How a figure changes with the size of the batch. A closed set: each law explains itself (scaling/law.ts). */
export type Law =
  | { readonly law: 'in proportion' }
  | { readonly law: 'slower'; readonly exponent: number }
  | { readonly law: 'per load' }
  | {
      readonly law: 'water for grain';
      readonly grain: string;
      readonly packet: { readonly grainCups: string; readonly waterCups: string };
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
  /** Which steps take it, and what share; the shares add up to one. */
  readonly into: readonly { readonly step: string; readonly share: string }[];
}

/** A time is a window: the earliest look, what is expected, the latest. In minutes. */
export interface Window {
  readonly earliest: number;
  readonly expected: number;
  readonly latest: number;
}

export type TimeLaw =
  | { readonly law: 'fixed'; readonly minutes: Window }
  | { readonly law: 'by amount'; readonly minutes: number; readonly perKg: number };

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
  readonly cautions?: readonly CautionId[];
}

export interface WorkStep extends StepBase {
  readonly kind: 'work';
  readonly time: TimeLaw;
  readonly attention: Attention;
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

/** A station held from the start of one step to the end of another. */
export interface StationUse {
  readonly station: 'cooker' | 'oven' | 'burner' | 'jug';
  readonly from: string;
  readonly to: string;
  /** Minutes of hands to wash it before something else goes in. */
  readonly wash?: number;
  /** Uses that share this word need no wash between them. */
  readonly group?: string;
  readonly celsius?: number;
}

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
    readonly beforeEating: string;
  };
  /** The vessel that decides how many loads a batch needs. */
  readonly vessel: 'cooker' | 'tray' | 'jug' | 'pot';
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly uses: readonly StationUse[];
}
