import type { BoxKind } from '../kitchen/index.ts';
import type { Sourced } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';

export type BoxPlace = 'fridge' | 'freezer';
type Component = Revision['component']['kind'];

/** Boxes are not filled to the brim: a frozen one grows by 9 %, and what is liquid needs most room. Source: FoodSafety.gov charts and US extension tables (from memory): 1.5 to 2.5 cm of headspace. */
export const FILL: Readonly<Record<BoxPlace, { readonly liquid: number; readonly loose: number }>> = {
  fridge: { liquid: 0.95, loose: 0.95 },
  freezer: { liquid: 0.85, loose: 0.92 },
};

const TABLE = 'USDA FoodData Central SR Legacy, cooked cups (from memory)';
/** Grams of a millilitre of cooked food as it lies in a box: between the grains there is air. */
const LIES: Readonly<Record<Component, Sourced<number>>> = {
  grain: { value: 0.74, source: TABLE },
  legume: { value: 0.75, source: TABLE },
  roots: { value: 0.65, source: TABLE },
  greens: { value: 0.7, source: TABLE },
  sauce: { value: 1, source: 'common practice, no published source' },
  dish: { value: 0.9, source: 'common practice, no published source' },
};
const LIQUID: readonly Component[] = ['sauce', 'dish'];

/** mL that so many grams of a component take in a box. */
export const volumeInBox = (grams: number, component: Component): number => grams / LIES[component].value;

/** How full a box is, 1 being as full as it may be where it goes. */
export function fillOf(box: BoxKind, grams: number, component: Component, place: BoxPlace): number {
  const fill = FILL[place][LIQUID.includes(component) ? 'liquid' : 'loose'];
  return volumeInBox(grams, component) / (box.mL * fill);
}

/**
 * Whole portions that a box takes where it goes; 0 when it is too small for one.
 * @example portionsInBox({ name: 'box', mL: 1000 }, 160, 'grain', 'fridge') // => 4
 */
export const portionsInBox = (box: BoxKind, portionG: number, component: Component, place: BoxPlace): number =>
  Math.floor(1 / fillOf(box, portionG, component, place) + 1e-9);
