import { Fraction } from './fraction.ts';
import type { Volume } from './amount.ts';
import { measureIn, type UnitSystem } from './unitSystem.ts';

/** The scoops that a kitchen may own. */
export const SCOOPS = ['1 cup', '1/2 cup', '1/3 cup', '1/4 cup', '1 tbsp', '1 tsp', '1/2 tsp', '1/4 tsp'] as const;
export type Scoop = (typeof SCOOPS)[number];
export const isScoop = (name: string): name is Scoop => (SCOOPS as readonly string[]).includes(name);

export interface Scooped {
  readonly scoops: readonly { readonly scoop: Scoop; readonly times: number }[];
  readonly mL: Fraction;
  /** (scooped − wanted) / wanted; negative when a little is missing. */
  readonly error: number;
  /** `2 1/2 cups + 1 tbsp` */
  readonly text: string;
}

interface Picked {
  readonly scoop: Scoop;
  readonly times: number;
}
/** Scoops that were dipped, and how well they do. */
interface Draft {
  readonly picked: readonly Picked[];
  /** Dips, and scoops to take up. */
  readonly dips: number;
  /** By what share they miss, and by what more than may be seen. */
  readonly missed: number;
  readonly rough: number;
}
const isBetter = (a: Draft, b: Draft): boolean =>
  a.rough !== b.rough ? a.rough < b.rough : a.dips !== b.dips ? a.dips < b.dips : a.missed < b.missed;

const VISIBLE_ERROR = 0.02;

/** The volume of one scoop, by whose cups and spoons are meant. */
export function scoopVolume(scoop: Scoop, system: UnitSystem = 'US'): Fraction {
  const [part = '1', unit = 'cup'] = scoop.split(' ');
  return new Fraction(part).mul(measureIn(system, unit as 'cup' | 'tbsp' | 'tsp').factor);
}

/**
 * A volume in the scoops this kitchen owns: within 2 % where that can be had, then in as few dips as can be.
 * With no scoop at all the answer is undefined: show millilitres.
 * @example showInScoops(volume(MEASURES.cup.factor.mul('3/8')), ['1 cup', '1 tbsp'])?.text // => '6 tbsp'
 */
export function showInScoops(wanted: Volume, owned: readonly Scoop[], system: UnitSystem = 'US'): Scooped | undefined {
  const key = `${system} ${owned.join(',')} ${wanted.mL.toFraction()}`;
  if (known.has(key)) return known.get(key);
  if (known.size >= MOST_KNOWN) known.clear();
  const found = inScoops(wanted, owned, system);
  known.set(key, found);
  return found;
}

/** The same amounts are shown on every screen again and again, and the search is exact: what was found is remembered. */
const known = new Map<string, Scooped | undefined>();
const MOST_KNOWN = 4000;

/** Sums of scoops are told apart down to this share: what differs by less is the same amount. */
const SAME = 1e-9;

/** Tried in plain numbers, as there are many ways to dip; the amount of the one that is chosen is exact. */
function inScoops(wanted: Volume, owned: readonly Scoop[], system: UnitSystem): Scooped | undefined {
  const sizes = owned.map((scoop) => ({ scoop, mL: scoopVolume(scoop, system).valueOf() })).sort((a, b) => b.mL - a.mL);
  const whole = wanted.mL.valueOf();
  if (sizes.length === 0 || whole <= 0) return undefined;

  let best = undefined as Draft | undefined;
  const finish = (picked: readonly Picked[], dips: number, left: number): void => {
    if (picked.length === 0) return;
    const missed = Math.round(Math.abs(left / whole) / SAME) * SAME;
    const draft = { picked, dips, missed, rough: Math.max(0, missed - VISIBLE_ERROR) };
    if (!best || isBetter(draft, best)) best = draft;
  };
  const dip = (from: number, picked: readonly Picked[], dips: number, left: number): void => {
    // Nothing is put back: more dips than the best needs are no better, where that is as near as can be seen.
    if (best?.rough === 0 && dips > best.dips) return;
    const size = sizes[from];
    if (!size || picked.length > 3) return finish(picked, dips, left);
    const { scoop, mL } = size;
    const fits = left / mL;
    const most = Math.floor(fits + SAME);
    const isLast = from === sizes.length - 1;
    const take = (times: number): void =>
      times > 0
        ? dip(from + 1, [...picked, { scoop, times }], dips + times + 1, left - mL * times)
        : dip(from + 1, picked, dips, left);
    if (most > 0) take(most);
    // The last scoop may go over by part of itself; the others only leave something for the smaller ones.
    if (isLast) take(most + 1);
    else if (most > 1) take(most - 1);
    if (most === 0 || !isLast) take(0);
    if (fits > most + SAME) finish([...picked, { scoop, times: most + 1 }], dips + most + 2, left - mL * (most + 1));
  };
  dip(0, [], 0, whole);
  if (!best) return undefined;
  const { picked } = best;
  const mL = picked.reduce((sum, { scoop, times }) => sum.add(scoopVolume(scoop, system).mul(times)), new Fraction(0));
  return { scoops: picked, mL, error: mL.div(wanted.mL).sub(1).valueOf(), text: inWords(picked) };
}

/** Wholes and parts are said as one number where it is a plain one (2 3/4 cups); sixths and twelfths are named scoop by scoop. */
function inWords(picked: readonly Picked[]): string {
  const units = ['cup', 'tbsp', 'tsp'] as const;
  return units
    .flatMap((unit) => {
      const sizes = picked
        .filter(({ scoop }) => scoop.endsWith(unit))
        .map(({ scoop, times }) => new Fraction(scoop.split(' ')[0] ?? '1').mul(times));
      const parts = sizes.filter((size) => !size.mod(1).equals(0));
      const whole = sizes.reduce((sum, size) => sum.add(size), new Fraction(0));
      const said = parts.length <= 1 || whole.d <= 4n ? [whole] : sizes;
      return said
        .filter((size) => size.compare(0) > 0)
        .map((size) => `${size.toFraction(true)} ${unit}${unit === 'cup' && size.compare(1) > 0 ? 's' : ''}`);
    })
    .join(' + ');
}
