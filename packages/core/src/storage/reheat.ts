import { FROZEN_KJ_PER_KG, SPECIFIC_HEAT } from '../heat/index.ts';
import { POT_FULL, fryingPan, largestPot, type Equipment } from '../kitchen/index.ts';
import type { Because } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';

/** A component that is to be hot on the plates. */
export interface ToReheat {
  readonly food: string;
  readonly name: string;
  readonly kind: Revision['component']['kind'];
  readonly grams: number;
  /** Out of the freezer, not thawed. */
  readonly frozen?: boolean;
  /** It was crisp, and is to be crisp again: roast pieces, fritters. What is soft is not put into an air fryer. */
  readonly crisp?: boolean;
}

export type ReheatPlace = 'microwave' | 'hob' | 'air fryer' | 'oven';

export interface ReheatStep extends ToReheat {
  readonly where: ReheatPlace;
  /** All of it, turn after turn. */
  readonly minutes: number;
  /** In so many turns: it is more than the appliance warms well at a time. */
  readonly turns: number;
  /** Minutes before everybody eats. */
  readonly before: number;
  readonly how: string;
  readonly because: Because;
}

/** Every part has to get to it. Source: FDA Food Code 2022, 3-403.11. */
const HOT_C = 74;
const FRIDGE_C = 4;
/** Then it stands. Source: FDA Food Code 2022, 3-403.11: turn or stir, cover, let stand 2 min. */
const STANDS = 2;
/** Of moist food, kJ/(kg K). From memory. */
const FOOD_KJ_PER_KG_K = 0.85 * SPECIFIC_HEAT.water;

/** A method: what it does beside heating, how much of its power arrives, and the most it warms well at a time, g. */
interface Way {
  readonly where: ReheatPlace;
  /** Minutes whatever the amount: getting hot itself, stirring, the middle waiting for the edge. */
  readonly base: number;
  readonly watts: number;
  readonly arrives: number;
  readonly mostG: number;
  readonly how: string;
}

/** Watts of a burner where the kitchen does not say. Common practice, no published source. */
const BURNER_W = 1800;
/** Half of a burner's heat reaches what is in the pot, and a thick dish may not take more without catching. Common practice, no published source. */
const BURNER_ARRIVES = 0.5;
/** An oven passes less: 25 to 35 min for a covered dish of 400 g at 180 °C. Common practice, no published source. */
const OVEN = { base: 10, crispBase: 8, watts: 2000, arrives: 0.12 };
const AIR_FRYER = { base: 3, watts: 1400, arrives: 0.35 };
/** A layer that gets crisp, g on a cm². Common practice, no published source. */
const LAYER_G_PER_CM2 = 0.65;
/** Half a microwave's dish, stirred: above that the middle stays cold. Common practice, no published source. */
const MICROWAVE_FILL = 0.5;

/** Heat that so much food needs to get hot, kJ. */
export const heatToReheat = (grams: number, frozen: boolean): number =>
  (grams / 1000) * (FOOD_KJ_PER_KG_K * (HOT_C - (frozen ? 0 : FRIDGE_C)) + (frozen ? FROZEN_KJ_PER_KG : 0));

type Place = Pick<Equipment, 'microwave' | 'airFryer' | 'ovens' | 'burners' | 'burnerWatts' | 'pots'>;

/** How a component is warmed in this kitchen. */
function wayOf({ kind, crisp = false, frozen = false }: ToReheat, equipment: Place): Way {
  const { microwave, airFryer, ovens } = equipment;
  const hob = (base: number, how: string, pan = false): Way => ({
    where: 'hob',
    base,
    watts: equipment.burnerWatts ?? BURNER_W,
    arrives: BURNER_ARRIVES,
    mostG: (pan ? fryingPan(equipment).litres : largestPot(equipment).litres) * 1000 * POT_FULL,
    how,
  });
  if (crisp) {
    // Frozen pieces crisp at the edge long before they are hot inside: the oven gives them the time.
    if (airFryer && !frozen)
      return {
        where: 'air fryer',
        base: AIR_FRYER.base,
        watts: AIR_FRYER.watts,
        arrives: AIR_FRYER.arrives,
        mostG: airFryer.basketCm2 * LAYER_G_PER_CM2,
        how: 'one layer, crisp again',
      };
    const [oven] = ovens;
    if (oven)
      return {
        where: 'oven',
        base: OVEN.crispBase,
        watts: OVEN.watts,
        arrives: OVEN.arrives,
        mostG: oven.trayCm2 * oven.racks * LAYER_G_PER_CM2,
        how: 'on a hot tray at 200 °C, crisp again',
      };
    return hob(4, 'in a wide pan, turn now and then', true);
  }
  switch (kind) {
    case 'grain':
    case 'roots':
      return microwave
        ? {
            where: 'microwave',
            base: 1.5,
            watts: microwave.watts,
            arrives: 0.8,
            mostG: microwave.dishLitres * 1000 * MICROWAVE_FILL,
            how: `${kind === 'grain' ? 'a spoon of water a cup, ' : ''}covered; stir once, let it stand ${STANDS} min`,
          }
        : hob(
            6,
            kind === 'grain'
              ? 'a spoon of water a cup, lid on, stir once'
              : 'a splash of water, lid on, stir now and then',
          );
    case 'sauce':
      return hob(3, 'loosen with water, whisk while it warms');
    case 'greens':
      return hob(3, 'a splash of water, turn until it is hot right through');
    case 'legume':
    case 'dish':
      return hob(6, 'lid on, a little water, stir now and then');
    default:
      return kind satisfies never;
  }
}

/** Minutes for one component, in turns where it is more than the method warms well at a time. Heat balance: mass × 3.56 × degrees ÷ power that arrives. */
export function reheatOne(item: ToReheat, equipment: Place): Omit<ReheatStep, 'before'> {
  const way = wayOf(item, equipment);
  const { frozen = false, grams } = item;
  const turns = Math.max(1, Math.ceil(grams / Math.max(1, way.mostG) - 1e-9));
  const heat = heatToReheat(grams, frozen);
  const minutes = Math.ceil(way.base * turns + heat / ((way.watts / 1000) * way.arrives) / 60 - 1e-9);
  return {
    ...item,
    where: way.where,
    minutes,
    turns,
    how: [
      way.how,
      ...(turns > 1 ? [`in ${turns} turns of about ${Math.round(grams / turns / 50) * 50} g`] : []),
      ...(frozen ? ['from frozen: break it up as it thaws'] : []),
    ].join('; '),
    because: {
      rule: 'heat it needs ÷ power that arrives, and a while whatever the amount',
      figure: `${minutes} min`,
      parts: [
        {
          rule: `${Math.round(grams)} g from ${frozen ? 'frozen' : `${FRIDGE_C} °C`} to ${HOT_C} °C`,
          figure: `${Math.round(heat)} kJ`,
        },
        {
          rule: `${way.where}, ${Math.round(way.arrives * 100)} % of ${way.watts} W arrive`,
          figure: `${Math.round(way.watts * way.arrives)} W`,
        },
        { rule: turns > 1 ? `each of ${turns} turns` : 'whatever the amount', figure: `${way.base} min` },
      ],
      source: 'computed; what arrives is common practice, no published source',
    },
  };
}

/**
 * What is warmed where, and when it is begun, so that all is hot together: one microwave takes one box after the other, the burners take pots side by side, and what
 * needs hands to the last comes last. All parts reach 74 °C. Source: FDA Food Code 2022, 3-403.11.
 */
export function reheatOrder(items: readonly ToReheat[], equipment: Place): readonly ReheatStep[] {
  const placed = items.filter(({ grams }) => grams > 0).map((item) => reheatOne(item, equipment));
  const sideBySide: Readonly<Record<ReheatPlace, number>> = {
    microwave: 1,
    'air fryer': 1,
    oven: 8,
    hob: Math.max(1, equipment.burners),
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
