import { ofBase, show, type Because } from '../quantity/index.ts';
import { promisedOf } from '../stock/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { promisesOf } from './promisesOf.ts';
import { rankedFirsts } from './rankedFirsts.ts';

export interface UsesUp {
  /** Things of the list of what should go first, of which this cooking takes at least half. */
  readonly used: readonly string[];
  /** Those it leaves. */
  readonly left: readonly string[];
  readonly because: Because;
}

/** Most of it: the rest is a handful for the pan. */
const HALF = 0.5;

/** What of the list of what should go first the planned dishes take, lot by lot. `view` is the kitchen as it stands, `tried` with the sizes that are being tried. */
export function usesUp(view: KitchenView, tried: KitchenView): UsesUp {
  const { promises } = promisesOf(tried);
  const lots = new Map(view.lots.map((lot) => [lot.state.id, lot]));
  const firsts = rankedFirsts(view).flatMap(({ lot: { id }, food }) => {
    const lot = lots.get(id);
    if (!lot || lot.onHand.compare(0) <= 0) return [];
    const takes = promisedOf(promises, id);
    return [{ name: food.name, lot, takes, most: takes.div(lot.onHand).valueOf() >= HALF }];
  });
  const names = (most: boolean) => [...new Set(firsts.filter((each) => each.most === most).map(({ name }) => name))];
  const said = (base: (typeof firsts)[number]['lot']['state']['base'], amount: (typeof firsts)[number]['takes']) =>
    show(ofBase(base, amount));
  return {
    used: names(true),
    left: names(false),
    because: {
      rule: 'of what should go first, by the lots these dishes count on',
      figure: `${firsts.filter(({ most }) => most).length} of ${firsts.length}`,
      parts: firsts.map(({ name, lot, takes }) => ({
        rule: name,
        figure: `${said(lot.state.base, takes)} of ${said(lot.state.base, lot.onHand)}`,
      })),
    },
  };
}
