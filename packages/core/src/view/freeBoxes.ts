import type { BoxKind } from '../kitchen/index.ts';
import type { FreeBoxes } from '../storage/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** Boxes that can be closed: a box without a lid keeps nothing. Undefined: nobody has counted them. */
const closing = ({ count, lids }: BoxKind): number | undefined =>
  count === undefined ? lids : Math.min(count, lids ?? count);

/** The kitchen's boxes, with how many of each stand empty and have a lid: what is on the shelf in one is not free, nor is its lid. */
export const freeBoxes = ({ kitchen, lots }: Pick<KitchenView, 'kitchen' | 'lots'>): readonly FreeBoxes[] =>
  kitchen.equipment.boxes.map((box) => {
    const all = closing(box);
    const used = lots.filter(({ state }) => state.box === box.name).length;
    return { ...box, free: all === undefined ? undefined : Math.max(0, all - used) };
  });
