import type { Moment } from '../quantity/index.ts';
import { FED_DAYS, daysFed, fedOf, type Suggested, type WeekAsk } from '../week/index.ts';
import { FREEZER_LITRES_A_GRAM, freezerLeft } from './freezerLeft.ts';
import type { KitchenView } from './kitchenView.ts';
import { missingBeforeTrip } from './nextTrip.ts';
import { suggestedChange } from './suggestedChange.ts';
import { tryWeek, type TriedWeek } from './tryWeek.ts';

/** A suggested week as it would stand there, and what it would break. */
export interface JudgedWeek {
  readonly tried: TriedWeek;
  readonly breaks: readonly (
    'a meal falls short' | 'an eater is not fed' | 'there is no room to freeze it' | 'it cannot be bought in time'
  )[];
}

/** All of a group are fed alike: one stands for them. */
const ONE = ['one'];

/** Is a suggested week one to show? Judged by the folds that the week's own pages go by. `more`: guests more by the number of the meal; `now`: ms since 1970. */
export function judgeWeek(
  view: KitchenView,
  ask: Omit<WeekAsk, 'weights'>,
  week: Pick<Suggested, 'draft' | 'eaten'>,
  more: Readonly<Record<number, number>>,
  now: Moment,
): JudgedWeek {
  const tried = tryWeek(view, suggestedChange(view, ask, week, more), now);
  const thin = daysFed(ask, week.eaten).some((group) => {
    const { within, of } = fedOf([{ ...group, names: ONE }]);
    return within < Math.floor(of * FED_DAYS);
  });
  const left = freezerLeft(view)?.value ?? Infinity;
  const filled = new Set(ask.sessions.flatMap(({ id }) => id ?? []));
  const litres = tried.after.batches
    .filter(({ state, session }) => state.status === 'planned' && (filled.has(session.id) || session.version === 0))
    .reduce(
      (sum, { state, scaled }) => sum + Number(state.freezePortions) * scaled.portionG * FREEZER_LITRES_A_GRAM,
      0,
    );
  return {
    tried,
    breaks: [
      ...(tried.broken.length > 0 ? ['a meal falls short' as const] : []),
      ...(thin ? ['an eater is not fed' as const] : []),
      ...(missingBeforeTrip(tried.after).length > missingBeforeTrip(view).length
        ? ['it cannot be bought in time' as const]
        : []),
      ...(litres > left ? ['there is no room to freeze it' as const] : []),
    ],
  };
}
