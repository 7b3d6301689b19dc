import { fixed, counted } from '../quantity/index.ts';
import type { Because, Reasoned } from '../quantity/index.ts';
import type { Vessel } from '../recipe/index.ts';
import { POT_FULL, fryingPan, largestPot, type Equipment } from '../kitchen/index.ts';

/** What a whole batch would fill, at its fullest. */
export interface Bulk {
  readonly vessel: Vessel;
  /** Millilitres at its fullest; on trays, in baskets and in pans, cm² in one layer. */
  readonly fullest: number;
  /** Dry or raw food that swells or foams: the half line counts. */
  readonly swells: boolean;
  readonly liquidMl: number;
  /** How that comes about, line by line, so that it can be checked by hand. */
  readonly parts?: readonly Because[];
}

export interface Loads {
  readonly loads: number;
  readonly trays: number;
  readonly warnings: readonly string[];
  /** The whole batch at its fullest, and how much one load may be: mL, or cm² on trays. */
  readonly fullest: number;
  readonly limit: number;
}

/**
 * How many equal loads a batch needs here. A sealed cooker is filled to two thirds, to half where the food swells or foams.
 * Source: US extension-service advice (from memory); the appliance's manual decides.
 */
export function loadsFor(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  switch (bulk.vessel) {
    case 'cooker':
      return inCooker(bulk, equipment);
    case 'tray':
      return onTrays(bulk, equipment);
    case 'jug':
      return inJug(bulk, equipment);
    case 'pot':
      return filled(
        bulk,
        largestPot(equipment).litres * 1000 * POT_FULL,
        'pot',
        `at its fullest ÷ ${Math.round(POT_FULL * 100)} % of the largest pot, above that it boils over`,
      );
    case 'pan':
      return inPan(bulk, equipment);
    case 'rice cooker': {
      const { riceCooker } = equipment;
      if (!riceCooker) return notHere('rice cooker');
      // Grain foams under its lid as it does under pressure: the manual's own top line is near two thirds. Common practice, no published source.
      return filled(
        bulk,
        (riceCooker.litres * 1000 * 2) / 3,
        'rice cooker',
        'cooked grain ÷ two thirds of the rice cooker',
      );
    }
    case 'microwave': {
      const { microwave } = equipment;
      if (!microwave) return notHere('microwave');
      return filled(bulk, microwave.dishLitres * 1000, 'dish', 'at its fullest ÷ the microwave’s dish');
    }
    case 'air fryer':
      return inAirFryer(bulk, equipment);
    default:
      return bulk.vessel satisfies never;
  }
}

function inCooker(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  const cooker = equipment.cookers[0];
  if (!cooker)
    return one('This kitchen has no sealed cooker.', [
      'There is no sealed cooker in this kitchen: add one, or cook this in a pot.',
    ]);
  const share = bulk.swells ? 1 / 2 : 2 / 3;
  const limit = cooker.litres * 1000 * share;
  const loads = Math.max(1, Math.ceil(bulk.fullest / limit));
  const thin = bulk.liquidMl / loads < cooker.leastLiquidMl;
  return {
    value: {
      loads,
      trays: 0,
      fullest: bulk.fullest,
      limit,
      warnings: thin
        ? [
            `Only ${Math.round(bulk.liquidMl / loads)} mL liquid in a load; the cooker asks for ${cooker.leastLiquidMl} mL. Make a larger batch.`,
          ]
        : [],
    },
    because: {
      rule: loads === 1 ? 'fits the cooker at its fullest' : 'fullest ÷ fill line, in equal loads',
      figure: loads === 1 ? 'one load' : `${loads} loads`,
      parts: [
        fullestOf(bulk, 'at its fullest, swollen, with its liquid'),
        {
          rule: bulk.swells ? 'half of the cooker: it swells or foams' : 'two thirds of the cooker',
          figure: litres(limit),
        },
      ],
      source: 'US extension-service advice (from memory); the manual decides',
    },
  };
}

function onTrays(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  const [oven] = equipment.ovens;
  if (!oven) return notHere('oven');
  const trays = Math.max(1, Math.ceil(bulk.fullest / oven.trayCm2));
  const loads = Math.ceil(trays / oven.racks);
  return {
    value: {
      loads,
      trays: Math.ceil(trays / loads),
      warnings: [],
      fullest: bulk.fullest,
      limit: oven.trayCm2,
    },
    because: {
      rule: 'one layer ÷ tray',
      figure: `${counted(trays, 'tray')}${loads > 1 ? `, ${loads} times into the oven` : ''}`,
      parts: [
        {
          rule: 'in one layer',
          figure: `${Math.round(bulk.fullest)} cm²`,
          source: 'common practice, no published source',
        },
        { rule: 'a tray', figure: `${oven.trayCm2} cm², ${oven.racks} racks` },
      ],
    },
  };
}

function inJug(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  const { hotMostMl, leastMl } = equipment.jug;
  const loads = Math.max(1, Math.ceil(bulk.fullest / hotMostMl));
  const low = bulk.fullest < leastMl;
  return {
    value: {
      loads,
      trays: 0,
      fullest: bulk.fullest,
      limit: hotMostMl,
      warnings: low
        ? [`Only ${Math.round(bulk.fullest)} mL: the blades need ${leastMl} mL. Make more and freeze some.`]
        : [],
    },
    because: {
      rule: 'hot liquid ÷ how full the jug may be when hot',
      figure: loads === 1 ? 'one jug' : `${loads} jugs`,
      parts: [fullestOf(bulk, 'to blend'), { rule: 'the jug, hot', figure: litres(hotMostMl) }],
    },
  };
}

function inPan(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  const pan = fryingPan(equipment);
  const limit = Math.PI * (pan.acrossCm / 2) ** 2;
  const loads = Math.max(1, Math.ceil(bulk.fullest / limit - 1e-9));
  return {
    value: { loads, trays: 0, warnings: [], fullest: bulk.fullest, limit },
    because: {
      rule: 'what lies side by side ÷ the pan',
      figure: loads === 1 ? 'one pan' : `${loads} pans, one after the other`,
      parts: [
        {
          rule: 'side by side, with room to turn',
          figure: `${Math.round(bulk.fullest)} cm²`,
          source: 'common practice, no published source',
        },
        { rule: `the ${pan.name}, ${pan.acrossCm} cm across`, figure: `${Math.round(limit)} cm²` },
      ],
    },
  };
}

function inAirFryer(bulk: Bulk, equipment: Equipment): Reasoned<Loads> {
  const { airFryer } = equipment;
  if (!airFryer) return notHere('air fryer');
  const loads = Math.max(1, Math.ceil(bulk.fullest / airFryer.basketCm2));
  return {
    value: { loads, trays: 0, warnings: [], fullest: bulk.fullest, limit: airFryer.basketCm2 },
    because: {
      rule: 'one layer ÷ basket',
      figure: loads === 1 ? 'one basket' : `${loads} baskets`,
      parts: [
        {
          rule: 'in one layer',
          figure: `${Math.round(bulk.fullest)} cm²`,
          source: 'common practice, no published source',
        },
        { rule: 'the basket', figure: `${airFryer.basketCm2} cm²` },
      ],
    },
  };
}

function filled(bulk: Bulk, limit: number, name: string, rule: string): Reasoned<Loads> {
  const loads = Math.max(1, Math.ceil(bulk.fullest / limit));
  return {
    value: { loads, trays: 0, warnings: [], fullest: bulk.fullest, limit },
    because: {
      rule,
      figure: loads === 1 ? `one ${name}` : `${loads} ${plural(name)}`,
      parts: [fullestOf(bulk, 'at its fullest'), { rule: `the ${name} takes`, figure: litres(limit) }],
    },
  };
}

const fullestOf = ({ fullest, parts }: Bulk, rule: string): Because => ({
  rule,
  figure: litres(fullest),
  ...(parts ? { parts } : {}),
});
const plural = (name: string): string => (name.endsWith('sh') ? `${name}es` : `${name}s`);
const notHere = (appliance: string): Reasoned<Loads> =>
  one(`This kitchen has no ${appliance}.`, [
    `There is no ${appliance} in this kitchen: add it on the Kitchen page, or choose another way to cook this.`,
  ]);
const litres = (mL: number): string => `${fixed(mL / 1000, 2)} L`;
const one = (rule: string, warnings: readonly string[]): Reasoned<Loads> => ({
  value: { loads: 1, trays: 1, warnings, fullest: 0, limit: 0 },
  because: { rule, figure: 'one load' },
});
