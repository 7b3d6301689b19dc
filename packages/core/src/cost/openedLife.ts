import { Fraction, addDays, type Day } from '../quantity/index.ts';

/** So much of a food on a day. */
export interface UseOnDay {
  readonly on: Day;
  readonly amount: Fraction;
}

export interface PacksOverDays {
  readonly count: number;
  /** What an opened pack was not reached for in time: on which day it was opened, and how much of it is past. */
  readonly past: readonly { readonly opened: Day; readonly amount: Fraction }[];
  /** A use that is served from a pack opened on an earlier day. */
  readonly shared: readonly { readonly opened: Day; readonly on: Day }[];
}

/**
 * Packs for uses on several days, when an opened pack keeps only so many days (the day it is opened is day 1): two halves on two days are one pack when its opened life
 * reaches, else two. What is over at the end is not past yet.
 */
export function packsOverDays(uses: readonly UseOnDay[], pack: Fraction, openedDays: number): PacksOverDays {
  let count = 0;
  let open: { readonly opened: Day; readonly left: Fraction }[] = [];
  const past: { opened: Day; amount: Fraction }[] = [];
  const shared: { opened: Day; on: Day }[] = [];
  for (const { on, amount } of [...uses].sort((a, b) => a.on.localeCompare(b.on))) {
    const still = open.filter(({ opened }) => addDays(opened, openedDays - 1) >= on);
    past.push(...open.filter((each) => !still.includes(each)).map(({ opened, left }) => ({ opened, amount: left })));
    let wanted = amount;
    const after: typeof open = [];
    for (const each of still) {
      const taken = each.left.compare(wanted) < 0 ? each.left : wanted;
      if (taken.compare(0) > 0 && each.opened !== on) shared.push({ opened: each.opened, on });
      wanted = wanted.sub(taken);
      const left = each.left.sub(taken);
      if (left.compare(0) > 0) after.push({ opened: each.opened, left });
    }
    while (wanted.compare(0) > 0) {
      count++;
      const taken = pack.compare(wanted) < 0 ? pack : wanted;
      wanted = wanted.sub(taken);
      const left = pack.sub(taken);
      if (left.compare(0) > 0) after.push({ opened: on, left });
    }
    open = after;
  }
  return { count, past, shared };
}
