import type { Equipment } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { ImpossibleProblem, workIn } from '../schedule/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import { expandSession, resourceOf } from '../session/index.ts';
import { cookedAs, type Revision } from '../recipe/index.ts';
import { WORK, type Linear, type Work } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** Which kinds of resources each share of a session's work is held by. */
const HELD_BY: Readonly<Record<Exclude<(typeof WORK)[number], 'hands'>, string>> = {
  cooker: 'cooker',
  oven: 'oven',
  burners: 'burner',
};

const known = new WeakMap<
  Revision,
  { readonly equipment: Equipment; readonly foods: KitchenView['foods']; readonly work: Work | undefined }
>();

/**
 * What a dish takes of hands and places, once and for each portion: read off its own tasks in two sizes, loads and panfuls and all, as the timeline has them.
 * Undefined: this kitchen cannot cook it, whatever the order.
 */
export function dishWork(written: Revision, foods: KitchenView['foods'], equipment: Equipment): Work | undefined {
  const before = known.get(written);
  if (before?.equipment === equipment && before.foods === foods) return before.work;
  const document = cookedAs(written, {}, foods);
  const { portions } = document;
  const [usual, double] = [portions, portions * 2].map((size) => workAt(document, size, foods, equipment));
  const work =
    usual && double
      ? (Object.fromEntries(
          WORK.map((what): [string, Linear] => {
            const each = Math.max(0, (double[what] - usual[what]) / portions);
            return [what, { once: Math.max(0, usual[what] - each * portions), each }];
          }),
        ) as unknown as Work)
      : undefined;
  known.set(written, { equipment, foods, work });
  return work;
}

function workAt(
  document: Revision,
  portions: number,
  foods: KitchenView['foods'],
  equipment: Equipment,
): Readonly<Record<(typeof WORK)[number], number>> | undefined {
  try {
    const scaled = scaleBatch(document, new Fraction(portions), foods, equipment);
    const { problem, faults } = expandSession('tried', [{ id: 'tried', scaled }], equipment, 1);
    if (faults.length > 0) return undefined;
    const { hands, held } = workIn(problem);
    const heldIn = (kind: string): number =>
      [...held].reduce((sum, [id, minutes]) => {
        const what = resourceOf(id);
        return sum + (what.is === 'thing' && what.kind === kind ? minutes : 0);
      }, 0);
    return {
      hands,
      cooker: heldIn(HELD_BY.cooker),
      oven: heldIn(HELD_BY.oven),
      burners: heldIn(HELD_BY.burners),
    };
  } catch (thrown) {
    if (thrown instanceof ImpossibleProblem) return undefined;
    throw thrown;
  }
}
