import { kilograms, type Celsius, type Kilograms } from '../quantity/index.ts';
import { SPECIFIC_HEAT } from './pot.ts';

/** kJ that a kilo of water takes with it as steam, at 100 °C. Source: IAPWS-IF97 steam tables (from memory). */
const STEAM_KJ_PER_KG = 2257;

/**
 * Water that leaves as steam when a cooker is vented: the heat above boiling goes into steam.
 * Source: computed: water × 4.19 · ΔT ÷ 2257.
 * @example ventLoss(kilograms(1.5), celsius(117.14), celsius(99.97)) // 0.048 kg
 */
export const ventLoss = (water: Kilograms, inside: Celsius, boiling: Celsius): Kilograms =>
  kilograms((water * SPECIFIC_HEAT.water * Math.max(0, inside - boiling)) / STEAM_KJ_PER_KG);
