import { bookFoodId, namedId } from '../../food/index.ts';
import type { Medium } from '../../heat/index.ts';
import { commonPractice, type MeasureName, type Sourced } from '../../quantity/index.ts';
import type { After, Attention, Law, Line, TimeLaw, Window, WorkStep } from '../revision.ts';

/** Short forms, so that a recipe in code reads like one. */
export const inProportion: Law = { law: 'in proportion' };
/** Source: common practice, no published source: 1.5 times for each doubling, the rest after tasting. */
export const slower: Law = { law: 'slower', exponent: 0.585 };
export const perLoad: Law = { law: 'per load' };

export const toTaste: Law = { law: 'to taste', first: '1/2' };

export const look = (everyMinutes: number): Attention => ({ needs: 'look', everyMinutes });
export const hands: Attention = { needs: 'hands' };
export const nobody: Attention = { needs: 'nobody' };

export const window = (earliest: number, expected: number, latest: number): Window => ({ earliest, expected, latest });
export const fixed = (expected: number, earliest = expected, latest = expected): TimeLaw => ({
  law: 'fixed',
  minutes: window(earliest, expected, latest),
});
export const byAmount = (minutes: number, perKg: number): TimeLaw => ({ law: 'by amount', minutes, perKg });

export const byLoad = (minutes: number, perLoad: number): TimeLaw => ({ law: 'by load', minutes, perLoad });
export const byPieceSize = (minutes: Window, atCm: number, cm: number, medium: Medium): TimeLaw => ({
  law: 'by piece size',
  minutes,
  atCm,
  cm,
  medium,
});

export const after = (step: string, min = 0, max: number | null = null): After => ({ step, min, max });

type LineMore = Partial<Omit<Line, 'id' | 'food' | 'amount' | 'law' | 'into'>>;
export const line = (
  food: string,
  n: string,
  unit: MeasureName,
  law: Law,
  into: string,
  more: LineMore = {},
): Line => ({
  id: food,
  food: bookFoodId(food),
  amount: { n, unit },
  law,
  into: [{ step: into, share: '1' }],
  ...more,
});

export const work = (
  id: string,
  name: string,
  time: TimeLaw,
  attention: Attention,
  waits: readonly After[] = [],
  more: Partial<WorkStep> = {},
): WorkStep => ({
  kind: 'work',
  id,
  name,
  time,
  attention,
  after: waits,
  per: 'batch',
  ...more,
});

export const componentId = (name: string) => namedId(`component:${name}`);

/** Cooked food in the fridge: 3 to 4 days; the short end. Source: USDA FSIS leftovers guidance (from memory). */
export const leftoverDays: Sourced<number> = {
  value: 3,
  source: 'USDA FSIS leftovers guidance (from memory), the short end',
};
/** Two months in the freezer, for quality. Source: FoodSafety.gov charts (from memory), the short end. */
export const twoMonths: Sourced<number> = {
  value: 60,
  source: 'FoodSafety.gov cold storage chart (from memory), the short end',
};
export const becomes = (value: number): Sourced<number> => commonPractice(value);
