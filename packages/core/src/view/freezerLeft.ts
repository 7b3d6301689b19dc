import { fixed } from '../quantity/index.ts';
import type { Reasoned } from '../quantity/index.ts';
import { freeBoxes } from './freeBoxes.ts';
import type { KitchenView } from './kitchenView.ts';

/** In boxes and bags, a gram of food takes so many litres of a freezer. Common practice, no published source. */
export const FREEZER_LITRES_A_GRAM = 1 / 800;
/** Of a freezer, so much can be filled: between boxes there is air. Common practice, no published source. */
const FILLED = 0.85;

/**
 * Litres that can still be frozen: what the freezer has left of what it holds, and no more than there are boxes to freeze it in.
 * Undefined: nobody has said how large it is, nor counted boxes.
 */
export function freezerLeft(view: Pick<KitchenView, 'kitchen' | 'lots'>): Reasoned<number> | undefined {
  const { freezerLitres } = view.kitchen.equipment;
  const grams = view.lots
    .filter(({ place, food }) => place.kind === 'freezer' && food.facts.base !== 'each')
    .reduce((sum, { onHand }) => sum + onHand.valueOf(), 0);
  const taken = grams * FREEZER_LITRES_A_GRAM;
  const room = freezerLitres === undefined ? undefined : Math.max(0, freezerLitres * FILLED - taken);
  const boxes = freeBoxes(view);
  const inBoxes = boxes.every(({ free }) => free !== undefined)
    ? boxes.reduce((sum, { free = 0, mL }) => sum + (free * mL) / 1000, 0)
    : undefined;
  if (room === undefined && inBoxes === undefined) return undefined;
  const value = Math.min(room ?? Infinity, inBoxes ?? Infinity);
  return {
    value,
    because: {
      rule: 'what the freezer holds, not quite full, less what stands in it; and no more than the boxes that are free',
      figure: `${fixed(value, 1)} L`,
      parts: [
        ...(freezerLitres === undefined
          ? []
          : [
              { rule: 'it holds', figure: `${freezerLitres} L` },
              { rule: 'stands in it', figure: `${fixed(taken, 1)} L` },
            ]),
        ...(inBoxes === undefined ? [] : [{ rule: 'boxes that are free', figure: `${fixed(inBoxes, 1)} L` }]),
      ],
    },
  };
}
