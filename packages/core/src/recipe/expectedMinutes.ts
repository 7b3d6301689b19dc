import { openPotLoss } from '../heat/index.ts';
import { WRITTEN_NUMBER, inBase, quantityOf } from '../quantity/index.ts';
import type { Step, TimeLaw } from './revision.ts';

/** A pot of which nobody says how wide it is. Common practice, no published source. */
export const USUAL_POT_CM = 22;

/** Grams of water that a step boils off at the written size; nothing where no readable amount is written. */
export const boiledOffG = ({ off }: Extract<TimeLaw, { law: 'boils down' }>): number =>
  WRITTEN_NUMBER.test(off.n) ? inBase(quantityOf(off)).valueOf() : 0;

/** Minutes until a pot has lost what a step boils off, so many times the written size: by its surface and how it boils. */
export const minutesToBoilOff = (
  time: Extract<TimeLaw, { law: 'boils down' }>,
  times: number,
  acrossCm: number,
): number => Math.max(1, Math.round((boiledOffG(time) * times) / openPotLoss(time.boil, acrossCm, 1)));

/**
 * Minutes that a step is expected to take at about its written size, roughly: for choosing, not for planning. What is done hours ahead counts as nothing; of a sealed
 * cooker only the time at pressure.
 */
export function expectedMinutes(step: Step): number {
  switch (step.kind) {
    case 'ahead':
      return 0;
    case 'pressure':
      return step.hold.expected;
    case 'work': {
      const { time } = step;
      switch (time.law) {
        case 'fixed':
        case 'by piece size':
          return time.minutes.expected;
        case 'by amount':
          return time.minutes + time.perKg;
        case 'boils down':
          return minutesToBoilOff(time, 1, USUAL_POT_CM);
        case 'by load':
          return time.minutes + time.perLoad;
        default:
          return time satisfies never;
      }
    }
    default:
      return step satisfies never;
  }
}
