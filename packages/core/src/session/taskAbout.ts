import type { CautionId } from '../food/index.ts';
import type { Because } from '../quantity/index.ts';
import type { Skill } from '../kitchen/index.ts';
import type { Attention, Station, Window } from '../recipe/index.ts';

/** Of the sealed cooker's cycle; the kettle boils before it. */
export type Stage = 'kettle' | 'load' | 'come up' | 'hold' | 'natural' | 'vent' | 'empty';

/** What can be done about a line that was forgotten: stirred in at the end, cooked apart and stirred in, or not at all. */
export type Follows = 'stir in' | 'cook apart' | 'not later';

/** What a task's line says goes in now. */
export interface GoesIn {
  readonly line: string;
  readonly food: string;
  readonly form?: string;
  readonly amount: string;
  readonly second?: string;
  /** Part of a line that goes into several steps: "2/3". */
  readonly share?: string;
  /** To taste: what goes in before the first tasting. */
  readonly first?: string;
  /** With the last of several measurings: by what share all of them miss the whole, where it is worth a word. */
  readonly off?: number;
  readonly comesOut: boolean;
  /** In which form it can still follow when it was forgotten. */
  readonly follows: Follows;
}

/** What else comes out of a task, and where it goes. */
export interface ComesOut {
  readonly name: string;
  readonly amount: string;
  readonly goes: string;
}

/** So many trays go into an oven of so many racks. */
export interface TraysIn {
  readonly count: number;
  readonly racks: number;
  /** Of each rack, from the top, how long things take there against what is planned; left out: all alike. */
  readonly times?: readonly number[];
}

/** A task in the kitchen's words; the neutral problem knows only its minutes. */
export interface TaskAbout {
  readonly id: string;
  readonly batch: string | null;
  readonly dish: string;
  readonly load: number;
  readonly loads: number;
  readonly step: string;
  readonly name: string;
  readonly station: 'hands' | Station;
  /** Which of several like things it is: "oven 2", "stock pot". */
  readonly unit?: string;
  /** Whose hands do it, once the session is being cooked. */
  readonly who?: string;
  /** What somebody has to be able to do for it. */
  readonly skills: readonly Skill[];
  /** Knife work; `keeps`: what is cut may be cut the evening before. */
  readonly cutting?: 'keeps' | 'now';
  /** Not to be interrupted by a look at something else. */
  readonly delicate?: boolean;
  readonly stage?: Stage;
  /** The step of something that was put off at a gate. */
  readonly putOff?: true;
  readonly window: Window;
  readonly attention: Attention;
  /** What it would take without this kitchen's own figure: by heat alone, or by the recipe. What is seen is held against it. */
  readonly bookMinutes?: number;
  readonly celsius?: number;
  /** An oven goes from one heat to another, °C. */
  readonly turn?: { readonly oven: string; readonly from: number; readonly to: number };
  /** Trays in an oven of several racks. */
  readonly trays?: TraysIn;
  /** What the oven's own dial is set to, where that is another figure. */
  readonly dial?: string;
  readonly cue?: string;
  /** What was noted about it when the recipe was cooked before. */
  readonly note?: string;
  /** What is in the pot when it is done, g: then the scale can tell. */
  readonly stopsAtG?: number;
  readonly cautions: readonly CautionId[];
  readonly goesIn: readonly GoesIn[];
  readonly gives?: readonly ComesOut[];
  /** Why it takes so long. */
  readonly because?: Because;
}
