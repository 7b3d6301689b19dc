import { kpaAbsolute, type KpaAbsolute, type Metres } from '../quantity/index.ts';

/**
 * Air pressure at a geopotential altitude, up to 11 000 m, in kPa absolute. Weather moves it by about 3 kPa.
 * Source: published: ISO 2533 standard atmosphere (288.15 K, 101.325 kPa, 6.5 K/km).
 * @example outsidePressure(metres(1180)).toFixed(2) // => '87.93'
 */
export function outsidePressure(altitude: Metres): KpaAbsolute {
  return kpaAbsolute(101.325 * (1 - (0.0065 * altitude) / 288.15) ** 5.25588);
}
