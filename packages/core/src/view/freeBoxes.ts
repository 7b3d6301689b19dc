import type { FreeBoxes } from '../storage/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** The kitchen's boxes, with how many of each stand empty: what is on the shelf in one is not free. */
export const freeBoxes = ({ kitchen, lots }: Pick<KitchenView, 'kitchen' | 'lots'>): readonly FreeBoxes[] =>
  kitchen.equipment.boxes.map((box) => ({
    ...box,
    free:
      box.count === undefined
        ? undefined
        : Math.max(0, box.count - lots.filter(({ state }) => state.box === box.name).length),
  }));
