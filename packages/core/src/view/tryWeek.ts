import type { Because, Reasoned, Moment } from '../quantity/index.ts';
import { costAhead, usedTogether } from './costAhead.ts';
import type { KitchenView } from './kitchenView.ts';
import { missingOf } from './missingOf.ts';
import { stripsOf } from './stripsOf.ts';
import { plannedTasks } from './tasksOf.ts';
import { untilItHolds, type TriedChange } from './untilItHolds.ts';
import type { WeekChange } from './weekChange.ts';
import { withChange } from './withChange.ts';

/** A week as it would stand there once it is taken: its figures are those that its own page will show. */
export interface TriedWeek extends TriedChange {
  /** The kitchen as it would be. */
  readonly after: KitchenView;
  /** Every dish that would be cooked, with its portions. */
  readonly dishes: readonly { readonly recipe: string; readonly name: string; readonly portions: number }[];
  /** Minor units of ingredients, from the shelf and at the newest price of what is missing. */
  readonly usedMinor: number;
  readonly because: readonly Because[];
  /** Names of what has no price: it costs at least so much. */
  readonly unknown: readonly string[];
  readonly missing: ReturnType<typeof missingOf>;
  /** Portions that meals of these days lack. */
  readonly short: number;
  /** Minutes of hands, all its sessions together, washing up between dishes left out: that follows from a plan. */
  readonly hands: Reasoned<number>;
  /** Planned dishes that it does without. */
  readonly dropped: readonly string[];
}

/** What a change of the week comes to: made larger until its meals hold, then read by the folds of the week's page. `now`: ms since 1970. */
export function tryWeek(view: KitchenView, offered: WeekChange, now: Moment): TriedWeek {
  const tried = untilItHolds(view, offered, now);
  const after = withChange(view, tried.change, now);
  const open = after.batches.filter(({ state }) => state.status === 'planned');
  const costs = costAhead(
    after,
    open.map(({ scaled }) => scaled),
  );
  const nameOf = (id: string) =>
    view.batches.find(({ state }) => state.id === id)?.recipe.document.component.name ?? '';
  return {
    ...tried,
    after,
    dishes: open.map(({ state, recipe }) => ({
      recipe: recipe.id,
      name: recipe.document.component.name,
      portions: Number(state.portions),
    })),
    usedMinor: usedTogether(costs),
    because: costs.map(({ because }, n) => ({ ...because, rule: open[n]?.recipe.document.component.name ?? '' })),
    unknown: [...new Set(costs.flatMap(({ unknown }) => unknown))],
    missing: missingOf(after),
    short: stripsOf(after, {}, now).reduce((sum, { strip, portionG }) => sum + strip.shortGrams / portionG, 0),
    hands: handsOf(after),
    dropped: (tried.change.drop ?? []).map(nameOf),
  };
}

function handsOf(view: KitchenView): Reasoned<number> {
  const dishes = new Map<string, number>();
  for (const { day } of plannedTasks(view))
    for (const { attention, dish, minutes } of day.tasks.problem.tasks)
      if (attention === 'full') dishes.set(dish, (dishes.get(dish) ?? 0) + minutes);
  const value = [...dishes.values()].reduce((sum, minutes) => sum + minutes, 0);
  return {
    value,
    because: {
      rule: 'steps that take hands; washing up between dishes follows from the plan',
      figure: `${value} min`,
      parts: [...dishes].map(([dish, minutes]) => ({ rule: dish, figure: `${minutes} min` })),
    },
  };
}
