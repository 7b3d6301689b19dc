import { celsius, kilograms, minutes, type Celsius, type Kilograms, type Minutes } from '../quantity/index.ts';
import { SPECIFIC_HEAT } from './pot.ts';

/** Of moist food: W/(m K) and m²/s. From memory. */
const CONDUCTIVITY = 0.55;
const DIFFUSIVITY = 1.4e-7;
/** What still cold air takes from a covered box, W/(m² K). Assumed. */
export const STILL_AIR_W_PER_M2K = 8;
/** Melting ice takes so much, kJ/kg. Source: steam tables (from memory). */
const ICE_KJ_PER_KG = 333.6;

/** The two stages in which cooked food has to cool. Source: FDA Food Code 2022, 3-501.14: the clock starts at 57 °C. */
export const COOLING_RULE = {
  from: celsius(57),
  first: { to: celsius(21), withinHours: 2 },
  then: { to: celsius(5), withinHours: 6 },
} as const;

/**
 * The first eigenvalue of a slab that is cooled on both faces, ζ tan ζ = Bi, by bisection.
 * Source: Incropera, Fundamentals of Heat and Mass Transfer, one-term solution.
 * @example slabEigenvalue(1).toFixed(4) // => '0.8603'
 */
export function slabEigenvalue(biot: number): number {
  let low = 1e-9;
  let high = Math.PI / 2 - 1e-9;
  for (let n = 0; n < 60; n++) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The leading coefficient that belongs to it. Source: as slabEigenvalue. */
export const slabCoefficient = (zeta: number): number => (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));

/**
 * Minutes until the middle of a box, so deep, has cooled in still air, cooled from above and below. Infinite where the air is not cold enough.
 * Source: computed from the one-term solution (Incropera); what the air takes is assumed, so it is an expectation and no promise.
 * @example coolingMinutes(5, celsius(57), celsius(21), celsius(4)) / 60 // 4.6 h
 */
export function coolingMinutes(depthCm: number, from: Celsius, to: Celsius, air: Celsius): Minutes {
  if (to <= air) return minutes(Infinity);
  const { lag, each } = slabCooling(depthCm);
  return minutes(Math.max(0, lag + each * Math.log((from - air) / (to - air))));
}

/**
 * How the middle of a box, so deep, cools: it stays as hot as it was for `lag` minutes, then its heat above the air falls to 1/e in each `each` minutes, whatever the air.
 * Source: the one-term solution (Incropera), its leading coefficient read as a delay.
 */
export function slabCooling(depthCm: number): { readonly lag: Minutes; readonly each: Minutes } {
  const half = depthCm / 200;
  const zeta = slabEigenvalue((STILL_AIR_W_PER_M2K * half) / CONDUCTIVITY);
  const each = half ** 2 / DIFFUSIVITY / zeta ** 2 / 60;
  return { lag: minutes(each * Math.log(slabCoefficient(zeta))), each: minutes(each) };
}

/**
 * Minutes to cool by the law of a stirred pot, T = Ta + (T0 − Ta) e^(−t/τ). Infinite where the air is not cold enough.
 * Source: Newton's law of cooling; computed.
 */
export const newtonMinutes = (tau: Minutes, from: Celsius, to: Celsius, air: Celsius): Minutes =>
  minutes(to <= air ? Infinity : tau * Math.log((from - air) / (to - air)));

/**
 * Ice that takes the heat out of watery food, by melting alone.
 * Source: computed from the heat of melting.
 * @example iceFor(kilograms(4), celsius(90), celsius(21)) // 3.47 kg
 */
export const iceFor = (food: Kilograms, from: Celsius, to: Celsius): Kilograms =>
  kilograms((food * SPECIFIC_HEAT.water * Math.max(0, from - to)) / ICE_KJ_PER_KG);
