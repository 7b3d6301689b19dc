import type { Celsius, Kilograms } from '../quantity/index.ts';

/** What a pot holds when its lid is shut. */
export interface PotLoad {
  readonly water: Kilograms;
  readonly dryFood: Kilograms;
  readonly steel: Kilograms;
  readonly waterAt: Celsius;
  readonly restAt: Celsius;
  /** Of the water: so much is ice of food that goes in frozen. */
  readonly frozen?: Kilograms;
}

/** Specific heats in kJ/(kg K). Source: steam tables; Choi and Okos 1986 for dry legumes; both from memory. */
export const SPECIFIC_HEAT = { water: 4.19, dryFood: 1.97, steel: 0.5 } as const;

/** To thaw a kilo of frozen vegetables, from −18 °C: 283.6 to melt, and 1.9 a degree before. From memory. */
export const FROZEN_KJ_PER_KG = 283.6 + 18 * 1.9;

/** kJ that warm the whole pot by one degree. */
export const heatCapacity = (load: PotLoad): number =>
  load.water * SPECIFIC_HEAT.water + load.dryFood * SPECIFIC_HEAT.dryFood + load.steel * SPECIFIC_HEAT.steel;
