import type { CautionId } from '../food/index.ts';
import type { Because } from '../quantity/index.ts';
import type { Attention, Station, Window } from '../recipe/index.ts';

export type Stage = 'load' | 'come up' | 'hold' | 'natural' | 'vent' | 'empty';

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
  readonly comesOut: boolean;
}

/** What else comes out of a task, and where it goes. */
export interface ComesOut {
  readonly name: string;
  readonly amount: string;
  readonly goes: string;
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
  readonly stage?: Stage;
  readonly window: Window;
  readonly attention: Attention;
  readonly celsius?: number;
  readonly cue?: string;
  readonly cautions: readonly CautionId[];
  readonly goesIn: readonly GoesIn[];
  readonly gives?: readonly ComesOut[];
  /** Why it takes so long. */
  readonly because?: Because;
}
