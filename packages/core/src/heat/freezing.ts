import { minutes, type Celsius, type Minutes } from '../quantity/index.ts';
import { STILL_AIR_W_PER_M2K } from './cooling.ts';

/** Heat of freezing of moist food, kJ/kg, and its density, kg/m³. From memory. */
const LATENT_KJ_PER_KG = 283.6;
const DENSITY = 1000;
/** Where it freezes, °C. From memory. */
const FREEZES_AT_C = -1;
/** What conducts the heat while it freezes is frozen, while it thaws it is not, W/(m K). From memory. */
const FROZEN_CONDUCTIVITY = 1.6;
const THAWED_CONDUCTIVITY = 0.55;
/** The formula leaves out cooling down to freezing and on from it; boxes are cooled from all sides: common practice takes half to one and a half of it. */
const RANGE = { least: 0.5, most: 1.5 };

export interface PhaseTime {
  readonly expected: Minutes;
  readonly least: Minutes;
  readonly most: Minutes;
}

/** Plank's formula for a slab: t = ρ L / ΔT · (a / 2h + a² / 8k). Source: Plank 1913 (from memory); computed; h is assumed. */
function plank(depthCm: number, degrees: number, conductivity: number): PhaseTime {
  const a = depthCm / 100;
  const seconds =
    degrees <= 0
      ? Infinity
      : ((DENSITY * LATENT_KJ_PER_KG * 1000) / degrees) * (a / (2 * STILL_AIR_W_PER_M2K) + a ** 2 / (8 * conductivity));
  const expected = seconds / 60;
  return {
    expected: minutes(expected),
    least: minutes(expected * RANGE.least),
    most: minutes(expected * RANGE.most),
  };
}

/**
 * How long a box, so deep, takes to thaw in the fridge.
 * @example thawingTime(5, celsius(4)).expected / 60 // 58 h
 */
export const thawingTime = (depthCm: number, fridge: Celsius): PhaseTime =>
  plank(depthCm, fridge - FREEZES_AT_C, THAWED_CONDUCTIVITY);

/** How long it takes to freeze through. */
export const freezingTime = (depthCm: number, freezer: Celsius): PhaseTime =>
  plank(depthCm, FREEZES_AT_C - freezer, FROZEN_CONDUCTIVITY);
