import type { MinuteCount } from '../quantity/index.ts';
/** An oven that goes from one heat to another within a plan. */
export interface DialTurn {
  readonly id: string;
  readonly oven: string;
  /** °C */
  readonly from: number;
  readonly to: number;
  /** Minute in which the dial is turned, and minutes until the oven is there. */
  readonly start: number;
  readonly minutes: MinuteCount;
  /** Tasks that end at the old heat, and those that begin at the new one. */
  readonly after: readonly string[];
  readonly before: readonly string[];
}
