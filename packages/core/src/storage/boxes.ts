import type { BoxKind } from '../kitchen/index.ts';

/** Boxes are not filled to the brim: a frozen one grows by 9 %. */
export const FILL = 0.85;

/** Whole portions that a box takes; at least one. Cooked food is taken as 1 g/mL, which errs on the full side for grain. */
export const portionsInBox = (box: BoxKind, portionG: number): number =>
  Math.max(1, Math.floor((box.mL * FILL) / portionG));

/**
 * Portions over boxes, full ones first.
 * @example splitIntoBoxes(10, 4) // => [4, 4, 2]
 */
export function splitIntoBoxes(portions: number, perBox: number): readonly number[] {
  if (!Number.isInteger(portions) || portions < 0 || !Number.isInteger(perBox) || perBox < 1)
    throw new RangeError('Whole portions, and at least one a box.');
  const full = Math.floor(portions / perBox);
  const rest = portions % perBox;
  return [...Array<number>(full).fill(perBox), ...(rest ? [rest] : [])];
}
