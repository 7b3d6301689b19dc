import type { Kettle } from '../kitchen/index.ts';
import { minutes, type Minutes, type Reasoned, fixed } from '../quantity/index.ts';

const TAP_C = 12;
/** kJ for a kilo and a degree. Source: CRC Handbook (from memory). */
const HEAT_OF_WATER = 4.19;
/** Heat that reaches the water of a kettle. Common practice, no published source. */
const EFFICIENCY = 0.9;

/** Minutes until so much water boils in a kettle, filled as often as it takes. Mass × 4.19 × degrees ÷ power that reaches it. */
export function kettleMinutes(mL: number, { litres, watts }: Kettle, boilsAt: number): Reasoned<Minutes> {
  const fills = Math.max(1, Math.ceil(mL / (litres * 1000)));
  const each = ((mL / 1000) * HEAT_OF_WATER * (boilsAt - TAP_C)) / ((watts * EFFICIENCY) / 1000) / 60;
  const value = minutes(Math.max(1, Math.ceil(each + (fills - 1))));
  return {
    value,
    because: {
      rule: 'heat of the water ÷ power of the kettle',
      figure: `${value} min`,
      parts: [
        { rule: 'water', figure: `${fixed(mL / 1000, 2)} L, from ${TAP_C} to ${fixed(boilsAt, 0)} °C` },
        { rule: 'kettle', figure: `${watts} W, ${fills === 1 ? 'one fill' : `${fills} fills`}` },
      ],
      source: 'computed; 90 % of the heat is assumed to reach the water',
    },
  };
}
