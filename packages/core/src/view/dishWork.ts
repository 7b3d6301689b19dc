import type { RecipeState } from '../formats/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { ImpossibleProblem, workIn } from '../schedule/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import { cutsFreely, expandSession, isThing } from '../session/index.ts';
import { type WORK, type Linear, type Work } from '../week/index.ts';
import { dishHere, type DishHere } from './dishHere.ts';
import type { KitchenView } from './kitchenView.ts';

/** A dish's minutes, and what of its knife work may be done together with that of another. */
export interface DishWork {
  readonly work: Work;
  readonly cuts: readonly string[];
}
const known = new WeakMap<DishHere, { readonly work: DishWork | undefined }>();

/**
 * What a dish takes of hands and places, once and for each portion: read off its own tasks in two sizes, loads and panfuls and all, as the timeline has them.
 * Undefined: this kitchen cannot cook it, whatever the order.
 */
export function dishWork(view: Pick<KitchenView, 'kitchen' | 'foods'>, recipe: RecipeState): DishWork | undefined {
  const dish = dishHere(view, recipe);
  const before = known.get(dish);
  if (before) return before.work;
  const { document, scaled } = dish;
  const { portions } = document;
  const { equipment } = view.kitchen;
  const usual = workOf(scaled, equipment);
  const double = usual && workOf(scaleBatch(document, new Fraction(portions * 2), view.foods, equipment), equipment);
  const linear = (what: (typeof WORK)[number]): Linear => {
    const [one, two] = [usual?.[what] ?? 0, double?.[what] ?? 0];
    const each = Math.max(0, (two - one) / portions);
    return { once: Math.max(0, one - each * portions), each };
  };
  const work = double && {
    work: {
      hands: linear('hands'),
      cooker: linear('cooker'),
      oven: linear('oven'),
      burners: linear('burners'),
    },
    cuts: usual?.cuts ?? [],
  };
  known.set(dish, { work });
  return work;
}

/** Minutes of a batch by itself; undefined where this kitchen cannot do it. */
function workOf(
  scaled: ScaledBatch,
  equipment: Equipment,
): (Readonly<Record<(typeof WORK)[number], number>> & Pick<DishWork, 'cuts'>) | undefined {
  try {
    const tasks = expandSession('tried', [{ id: 'tried', scaled }], equipment, 1);
    if (tasks.faults.length > 0) return undefined;
    const { hands, held } = workIn(tasks.problem);
    const heldIn = (kind: string): number =>
      [...held].reduce((sum, [id, minutes]) => sum + (isThing(id, kind) ? minutes : 0), 0);
    return {
      hands,
      cooker: heldIn('cooker'),
      oven: heldIn('oven'),
      burners: heldIn('burner'),
      cuts: cutsFreely(tasks),
    };
  } catch (thrown) {
    if (thrown instanceof ImpossibleProblem) return undefined;
    throw thrown;
  }
}
