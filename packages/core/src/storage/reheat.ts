import type { Equipment } from '../kitchen/index.ts';
import type { Revision } from '../recipe/index.ts';

/** A component that is to be hot on the plates. */
export interface ToReheat {
  readonly food: string;
  readonly name: string;
  readonly kind: Revision['component']['kind'];
  readonly grams: number;
}

export type ReheatPlace = 'microwave' | 'hob' | 'air fryer' | 'oven';

export interface ReheatStep extends ToReheat {
  readonly where: ReheatPlace;
  readonly minutes: number;
  /** Minutes before everybody eats. */
  readonly before: number;
  readonly how: string;
}

/** A box of so many grams takes 3 to 5 min in a microwave of 900 W, stirred once; it grows with the amount. Common practice, no published source. */
const MICROWAVE = { grams: 400, minutes: 4, watts: 900, least: 2 };
/** Then it stands. Source: FDA Food Code 2022, 3-403.11: turn or stir, cover, let stand 2 min. */
const STANDS = 2;
/** A pot from cold takes 6 to 10 min, more where it is full. Common practice, no published source. */
const POT = { minutes: 7, perKg: 2 };
const SAUCE_MINUTES = 4;
const PAN_MINUTES = 3;
/** Re-crisped in the air fryer 2 to 3 min a basket; in a hot oven longer. Common practice, no published source. */
const CRISP = { fryer: 3, oven: 10 };

/**
 * What is warmed where, and when it is begun, so that all is hot together: one microwave takes one box after the other, the burners take pots side by side, and what
 * needs hands to the last comes last. All parts reach 74 °C. Source: FDA Food Code 2022, 3-403.11.
 */
export function reheatOrder(
  items: readonly ToReheat[],
  { microwave, airFryer, ovens, burners }: Pick<Equipment, 'microwave' | 'airFryer' | 'ovens' | 'burners'>,
): readonly ReheatStep[] {
  const placed = items
    .filter(({ grams }) => grams > 0)
    .map((item) => {
      const pot = Math.round(POT.minutes + (POT.perKg * item.grams) / 1000);
      switch (item.kind) {
        case 'grain':
          return microwave
            ? {
                ...item,
                where: 'microwave' as const,
                minutes: Math.max(
                  MICROWAVE.least,
                  Math.round((MICROWAVE.minutes * item.grams * MICROWAVE.watts) / (MICROWAVE.grams * microwave.watts)),
                ),
                how: `a spoon of water a cup, covered; stir once, let it stand ${STANDS} min`,
              }
            : { ...item, where: 'hob' as const, minutes: pot, how: 'a spoon of water a cup, lid on, stir once' };
        case 'roots':
          return airFryer
            ? { ...item, where: 'air fryer' as const, minutes: CRISP.fryer, how: 'one layer, crisp again' }
            : ovens.length > 0
              ? { ...item, where: 'oven' as const, minutes: CRISP.oven, how: 'on a hot tray at 200 °C, crisp again' }
              : { ...item, where: 'hob' as const, minutes: pot, how: 'in a wide pan, turn now and then' };
        case 'sauce':
          return {
            ...item,
            where: 'hob' as const,
            minutes: SAUCE_MINUTES,
            how: 'loosen with water, whisk while it warms',
          };
        case 'greens':
          return {
            ...item,
            where: 'hob' as const,
            minutes: PAN_MINUTES,
            how: 'in a pan, a splash of water, hot right through',
          };
        case 'legume':
        case 'dish':
          return { ...item, where: 'hob' as const, minutes: pot, how: 'lid on, a little water, stir now and then' };
        default:
          return item.kind satisfies never;
      }
    });

  const sideBySide: Readonly<Record<ReheatPlace, number>> = {
    microwave: 1,
    'air fryer': 1,
    oven: 8,
    hob: Math.max(1, burners),
  };
  /** Minutes before the meal until which each place is taken. */
  const taken = new Map<ReheatPlace, number[]>();
  return (
    [...placed]
      // From the meal backwards: what is quick, and does not hold its heat, comes last.
      .sort((a, b) => a.minutes - b.minutes || a.name.localeCompare(b.name))
      .map((item): ReheatStep => {
        const lanes =
          taken.get(item.where) ?? Array<number>(sideBySide[item.where]).fill(item.where === 'microwave' ? STANDS : 0);
        taken.set(item.where, lanes);
        const lane = lanes.indexOf(Math.min(...lanes));
        const before = (lanes[lane] ?? 0) + item.minutes;
        lanes[lane] = before;
        return { ...item, before };
      })
      .sort((a, b) => b.before - a.before || a.name.localeCompare(b.name))
  );
}
