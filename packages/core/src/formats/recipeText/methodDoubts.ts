import { plainSigns } from '../../quantity/index.ts';
import { firstOf, type Asked, type StepBefore } from './doubts/asked.ts';
import { bareDoubts } from './doubts/bareDoubts.ts';
import { keptDoubt } from './doubts/keptDoubt.ts';
import { daysDoubts, leadsUnread, midwayDoubt, soakDoubt } from './doubts/leadDoubts.ts';
import { laterDay, otherWays } from './doubts/otherWays.ts';
import { heatDoubt, isStepDoubt, placeDoubts } from './doubts/placeDoubts.ts';
import { pressureDoubt } from './doubts/pressureDoubt.ts';
import { againDoubt, applianceDoubt, timeDoubts } from './doubts/timeDoubts.ts';
import { wholeDoubts } from './doubts/wholeDoubts.ts';
import { goesDoubt } from './doubts/goesDoubt.ts';
import { withoutNames } from './kitchenVerbs.ts';
import type { MethodStep } from './readMethodStep.ts';
import type { StepDoubt } from './stepDoubt.ts';

/** Whether it is done, and on which day. */
const WHETHER = firstOf([midwayDoubt, otherWays, daysDoubts]);
/** What its numbers mean, and how hot it is. */
const NUMBERS = firstOf([keptDoubt, bareDoubts, againDoubt, heatDoubt]);
/** When, how often, where, and how long. */
const WHERE_AND_LONG = firstOf([
  laterDay,
  ({ step, plain, pieces = 0 }) => goesDoubt(step, plain, pieces),
  placeDoubts,
  isStepDoubt,
  applianceDoubt,
  leadsUnread,
  timeDoubts,
]);

/**
 * What has to be asked of a step; undefined: it says all that a plan needs, or a guess does no harm. The rules are asked in their order: what decides whether a step is one
 * at all comes before where it is.
 */
export function doubtOfStep(step: MethodStep, known: StepBefore = {}): StepDoubt | undefined {
  const plain = withoutNames(plainSigns(step.text));
  const asked: Asked = { ...known, step, plain, settled: /\bby hand\b|\bin all\b/i.test(plain) };
  const whole = wholeDoubts(asked);
  if (whole) return whole;
  if (step.kind === 'pressure') return pressureDoubt(asked);
  const whether = WHETHER(asked);
  if (whether) return whether;
  if (step.kind === 'ahead') return soakDoubt(asked);
  const numbers = NUMBERS(asked);
  if (numbers) return numbers;
  // How far it boils down says how long it takes.
  return (step.off ?? step.shareOff ?? step.thick) ? undefined : WHERE_AND_LONG(asked);
}
