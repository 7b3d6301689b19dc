import { addDays, type Day } from '../quantity/index.ts';
import type { Eater } from './eaters.ts';

/** What is eaten on a day. */
export interface DayEaten {
  readonly day: Day;
  readonly foods: readonly string[];
}

export interface Variety {
  /** How often something is eaten that was eaten the day before too. */
  readonly repeats: number;
  /** Of so many times that anything is eaten on a day. */
  readonly of: number;
  readonly different: number;
  /** The longest stretch of days of each thing. */
  readonly inARow: ReadonlyMap<string, number>;
}

/** How often the same thing comes on following days: measured, nothing more. */
export function varietyOf(eaten: readonly DayEaten[]): Variety {
  const on = new Map(eaten.map(({ day, foods }) => [day, new Set(foods)]));
  const inARow = new Map<string, number>();
  let repeats = 0;
  let of = 0;
  for (const { day, foods } of eaten)
    for (const food of new Set(foods)) {
      of += 1;
      if (on.get(addDays(day, -1))?.has(food)) repeats += 1;
      let days = 1;
      while (on.get(addDays(day, -days))?.has(food)) days += 1;
      inARow.set(food, Math.max(days, inARow.get(food) ?? 0));
    }
  return { repeats, of, different: inARow.size, inARow };
}

/** Who has the same thing more days in a row than they like. */
export const tooOften = (
  eaters: readonly Eater[],
  { inARow }: Variety,
): readonly { readonly eater: Eater; readonly food: string; readonly days: number }[] =>
  eaters.flatMap((eater) => {
    const most = eater.tastes?.repeats;
    return most === undefined
      ? []
      : [...inARow].filter(([, days]) => days > most).map(([food, days]) => ({ eater, food, days }));
  });
