import type { PastState } from '../formats/index.ts';
import { inBase, quantityOf, show } from '../quantity/index.ts';
import { cookedThen } from './cookedThen.ts';
import type { KitchenView } from './kitchenView.ts';

/** What went into a dish otherwise than it is written. */
export interface CookedOtherwise {
  readonly batch: string;
  readonly dish: string;
  /** Names of what did not go in at all. */
  readonly leftOut: readonly string[];
  readonly swapped: readonly { readonly from: string; readonly to: string }[];
  /** Of what went in more or less: as it was planned, and as it was. */
  readonly amounts: readonly { readonly food: string; readonly planned: string; readonly was: string }[];
}

/** Less than this of a line more or less is how somebody measures. Common practice, no published source. */
const SAID = 0.02;

/**
 * Dishes of these days into which something else went than their recipe says. A batch whose revision is not at hand any more is told of by none of them.
 * @example cookedOtherwise(view, past)[0] // { dish: 'Kale and leek', leftOut: ['hazelnuts'], … }
 */
export function cookedOtherwise(view: KitchenView, past: Pick<PastState, 'batches'>): readonly CookedOtherwise[] {
  const nameOf = (food: string): string => view.foods.get(food)?.name ?? 'something';
  return past.batches.flatMap((batch): CookedOtherwise[] => {
    const cooked = cookedThen(view, batch);
    if (!cooked) return [];
    const { written, planned } = cooked;
    const { id, choice, finals } = batch;
    const lineFood = new Map(written.lines.map((line) => [line.id, line.food]));
    const swapped = (choice.swaps ?? []).flatMap(({ line, food }) => {
      const from = lineFood.get(line);
      return from === undefined ? [] : [{ from: nameOf(from), to: nameOf(food) }];
    });
    const changed = finals.flatMap(({ line, amount }) => {
      const mine = planned.lines.find((each) => each.line.id === line);
      if (!mine) return [];
      const [was, is] = [mine.amount.value, quantityOf(amount)];
      if (was.kind !== is.kind) return [];
      const share = inBase(is).sub(inBase(was)).abs();
      return share.compare(inBase(was).mul(SAID)) <= 0 ? [] : [{ food: mine.food.name, was, is }];
    });
    const leftOut = changed.filter(({ is }) => inBase(is).compare(0) <= 0).map(({ food }) => food);
    const amounts = changed
      .filter(({ is }) => inBase(is).compare(0) > 0)
      .map(({ food, was, is }) => ({ food, planned: show(was), was: show(is) }));
    return leftOut.length + swapped.length + amounts.length === 0
      ? []
      : [{ batch: id, dish: written.component.name, leftOut, swapped, amounts }];
  });
}
