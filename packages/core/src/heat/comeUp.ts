import {
  minutes,
  type Because,
  type Celsius,
  type Kilojoules,
  type Minutes,
  type Reasoned,
  type Watts,
  fixed,
} from '../quantity/index.ts';
import { FROZEN_KJ_PER_KG, SPECIFIC_HEAT, type PotLoad } from './pot.ts';

/** Heat to bring a load from where it starts to a temperature, in kJ. */
export function heatNeeded(load: PotLoad, target: Celsius): Kilojoules {
  const water = load.water * SPECIFIC_HEAT.water * (target - load.waterAt);
  const rest = (load.dryFood * SPECIFIC_HEAT.dryFood + load.steel * SPECIFIC_HEAT.steel) * (target - load.restAt);
  const melting = (load.frozen ?? 0) * FROZEN_KJ_PER_KG;
  return (water + rest + melting) as Kilojoules;
}

/**
 * Minutes until a sealed cooker reaches its pressure, from a heat balance: the heat needed over the part of the power that arrives.
 * Pouring, sealing and driving out the air come on top. Source: computed, from steam tables and Choi and Okos 1986 (from memory).
 */
export function comeUp(load: PotLoad, target: Celsius, power: Watts, efficiency: number): Reasoned<Minutes> {
  const heat = heatNeeded(load, target);
  const value = minutes(heat / ((power / 1000) * efficiency) / 60);
  const part = (rule: string, figure: string): Because => ({ rule, figure });
  return {
    value,
    because: {
      rule: 'heat needed ÷ heat that arrives',
      figure: `${fixed(value, 1)} min`,
      parts: [
        part(`${fixed(load.water, 2)} kg water from ${Math.round(load.waterAt)} °C to ${fixed(target, 1)} °C`, ''),
        part(
          `${fixed(load.dryFood, 2)} kg food and ${fixed(load.steel, 1)} kg steel from ${Math.round(load.restAt)} °C`,
          '',
        ),
        ...((load.frozen ?? 0) > 0
          ? [part(`${fixed(load.frozen ?? 0, 2)} kg of it frozen, to be melted first`, '')]
          : []),
        part('heat needed', `${Math.round(heat)} kJ`),
        part(
          `of ${power} W, ${Math.round(efficiency * 100)} % arrives (assumed)`,
          `${Math.round(power * efficiency)} W`,
        ),
      ],
      source: 'computed: heat balance with steam-table values',
    },
  };
}
