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

interface Draft {
  readonly picked: readonly { readonly scoop: Scoop; readonly times: number }[];
  readonly left: Fraction;
}

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

function inScoops(wanted: Volume, owned: readonly Scoop[], system: UnitSystem): Scooped | undefined {
  const sizes = owned.map((scoop) => ({ scoop, mL: scoopVolume(scoop, system) })).sort((a, b) => b.mL.compare(a.mL));
  const smallest = sizes.at(-1);
  if (!smallest || wanted.mL.compare(0) <= 0) return undefined;

  const finished: Draft[] = [];
  const dip = (from: number, draft: Draft): void => {
    const size = sizes[from];
    if (!size || draft.picked.length > 3) {
      finished.push(draft);
      return;
    }
    const most = draft.left.div(size.mL).floor().valueOf();
    // The last scoop may go over by part of itself; the others only leave something for the smaller ones.
    const tries = from === sizes.length - 1 ? [most, most + 1] : [most, most - 1, 0];
    for (const times of new Set(tries.filter((n) => n >= 0))) {
      const left = draft.left.sub(size.mL.mul(times));
      dip(from + 1, { picked: times ? [...draft.picked, { scoop: size.scoop, times }] : draft.picked, left });
    }
    const over = draft.left.div(size.mL).ceil().valueOf();
    if (over > most)
      finished.push({
        picked: [...draft.picked, { scoop: size.scoop, times: over }],
        left: draft.left.sub(size.mL.mul(over)),
      });
  };
  dip(0, { picked: [], left: wanted.mL });

  const scored = finished
    .filter((draft) => draft.picked.length > 0)
    .map((draft) => {
      const error = wanted.mL.sub(draft.left).div(wanted.mL).sub(1).valueOf();
      const dips = draft.picked.reduce((sum, { times }) => sum + times, 0);
      return { draft, error, dips: dips + draft.picked.length, rough: Math.max(0, Math.abs(error) - VISIBLE_ERROR) };
    })
    .sort((a, b) => a.rough - b.rough || a.dips - b.dips || Math.abs(a.error) - Math.abs(b.error));
  const best = scored[0];
  if (!best) return undefined;
  return {
    scoops: best.draft.picked,
    mL: wanted.mL.sub(best.draft.left),
    error: best.error,
    text: inWords(best.draft.picked),
  };
}

/** Wholes and parts are said as one number where it is a plain one (2 3/4 cups); sixths and twelfths are named scoop by scoop. */
function inWords(picked: Draft['picked']): string {
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
