import { celsius, type Celsius, type KpaAbsolute } from '../quantity/index.ts';

/** Coefficients of the saturation line. Source: published: IAPWS-IF97, region 4. */
const n = [
  0, 0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/**
 * The temperature of saturated steam at a pressure, in °C, from 0.6 kPa to 22 MPa. Only true inside a cooker when the air has been driven out.
 * Source: published: IAPWS-IF97, region 4 backward equation.
 * @example steamTemperature(kpaAbsolute(101.325)).toFixed(2) // => '99.97'
 */
export function steamTemperature(pressure: KpaAbsolute): Celsius {
  const beta = (pressure / 1000) ** 0.25;
  const e = beta * beta + n[3] * beta + n[6];
  const f = n[1] * beta * beta + n[4] * beta + n[7];
  const g = n[2] * beta * beta + n[5] * beta + n[8];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const sum = n[10] + d;
  return celsius((sum - Math.sqrt(sum * sum - 4 * (n[9] + n[10] * d))) / 2 - 273.15);
}
