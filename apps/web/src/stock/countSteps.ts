import type { HowKnown } from '@kestrel-ridge/core/formats';
import { Fraction, HOUR_MS, WRITTEN_NUMBER, type Day, type Moment } from '@kestrel-ridge/core/quantity';
import { asRecord, isFigure, keep, readKept } from '../parts/kept.ts';
import type { ShelfLot } from '@kestrel-ridge/core/view';

/** What a tap says of a lot: as it stands in the book, a part of the full pack, or nothing. */
export interface CountStep {
  readonly name: string;
  readonly amount: Fraction;
  readonly known: HowKnown;
  /** The number key that says it. */
  readonly key: string;
}

const PARTS: readonly { readonly name: string; readonly share: Fraction }[] = [
  { name: 'three quarters', share: new Fraction(3, 4) },
  { name: 'half', share: new Fraction(1, 2) },
  { name: 'a quarter', share: new Fraction(1, 4) },
  { name: 'nearly empty', share: new Fraction(1, 16) },
];

/** The six things that may be said of a lot with one tap. Parts are of the full pack, where it is known and nothing was added to it; else of what is in the book. */
export function countSteps(lot: ShelfLot): readonly CountStep[] {
  const full = fullOf(lot);
  // A last bit of one onion is a bit of it, not none.
  const whole = (amount: Fraction) => (amount.compare(1) < 0 ? amount : amount.round(0));
  return [
    { name: 'unchanged', amount: lot.onHand, known: lot.state.known, key: '1' },
    ...PARTS.map(({ name, share }, n) => ({
      name,
      amount: whole(full.mul(share)),
      known: 'rough' as const,
      key: `${n + 2}`,
    })),
    { name: 'gone', amount: new Fraction(0), known: 'exact', key: '6' },
  ];
}

export function fullOf(lot: ShelfLot): Fraction {
  const bought = lot.state.priced && new Fraction(lot.state.priced.amount);
  return bought && bought.compare(lot.onHand) >= 0 ? bought : lot.onHand;
}

/** What was looked at in a stocktake, by lot. */
export type Looked = Readonly<Record<string, LookedAt>>;
export interface Waits {
  readonly key: string;
  readonly amount: string;
  readonly known: HowKnown;
  readonly version: number;
}
export interface LookedAt {
  readonly food: string;
  readonly was: string;
  readonly now: string;
  readonly base: ShelfLot['state']['base'];
  /** The command that changed it; left out where nothing changed. */
  readonly command?: string;
  /** What was said and is on its way: sent again, with the same key, when the page slept before the answer came. */
  readonly waits?: Waits;
}

/** A difference that a cook would not have thought: a quarter of what was in the book, or more. */
export const surprises = (looked: Looked): readonly LookedAt[] =>
  Object.values(looked).filter(({ was, now }) => {
    const before = new Fraction(was);
    return before.compare(0) > 0 && new Fraction(now).sub(before).abs().div(before).compare(new Fraction(1, 4)) >= 0;
  });

const KEEP_HOURS = 12;

interface Kept {
  readonly day: Day;
  readonly at: number;
  readonly looked: Looked;
}

const place = (kitchen: string): string => `stocktake ${kitchen}`;

/** A stocktake that was begun on this device within half a day goes on where it was, also when the tablet slept. */
export const keptLooks = (kitchen: string, now: Moment, from: Pick<Storage, 'getItem'> = localStorage): Looked =>
  readKept(
    place(kitchen),
    (value) => {
      const { at, looked } = asRecord(value) ?? {};
      if (!isFigure(at) || now - at >= KEEP_HOURS * HOUR_MS) return undefined;
      return Object.fromEntries(
        Object.entries(asRecord(looked) ?? {}).filter(([, each]) => isLookedAt(each)),
      ) as Looked;
    },
    from,
  ) ?? {};

const isLookedAt = (value: unknown): value is LookedAt => {
  const { food, was, now, base, command, waits } = asRecord(value) ?? {};
  return (
    typeof food === 'string' &&
    typeof was === 'string' &&
    typeof now === 'string' &&
    [was, now].every((amount) => WRITTEN_NUMBER.test(amount)) &&
    typeof base === 'string' &&
    (command === undefined || typeof command === 'string') &&
    (waits === undefined || asRecord(waits) !== undefined)
  );
};

export const keepLooks = (kitchen: string, day: Day, now: Moment, looked: Looked): void =>
  void keep(place(kitchen), { day, at: now, looked } satisfies Kept);

export const forgetLooks = (kitchen: string): void => localStorage.removeItem(place(kitchen));
