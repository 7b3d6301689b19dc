import { resourceId } from './ids.ts';

/** One of several like things, with the id that a plan gives it. */
export interface Named<T> {
  readonly id: string;
  /** Which of them, from 1. */
  readonly n: number;
  readonly thing: T;
}

/** Ids for like things: the first bears the plain word, so that a kitchen with one of them reads plainly. */
export const named = <T>(kind: string, things: readonly T[]): readonly Named<T>[] =>
  things.map((thing, n) => ({ id: resourceId({ is: 'thing', kind, n: n + 1 }), n: n + 1, thing }));

/**
 * Shares work out among like things: each piece goes to the one that fits and has least to do so far, the earlier one where they are alike.
 * @example const ovens = new ShareOut(named('oven', equipment.ovens)); ovens.take(() => true, 40)?.id // "oven"
 */
export class ShareOut<T> {
  private readonly busy: number[];

  constructor(private readonly things: readonly Named<T>[]) {
    this.busy = things.map(() => 0);
  }

  take(fits: (thing: T) => boolean, minutes: number): Named<T> | undefined {
    let found = -1;
    this.things.forEach(({ thing }, n) => {
      if (fits(thing) && (found < 0 || (this.busy[n] ?? 0) < (this.busy[found] ?? 0))) found = n;
    });
    if (found < 0) return undefined;
    this.busy[found] = (this.busy[found] ?? 0) + minutes;
    return this.things[found];
  }
}
