import type { Step } from './revision.ts';

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
