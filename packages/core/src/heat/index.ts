export { outsidePressure } from './atmosphere.ts';
export { comeUp, heatNeeded } from './comeUp.ts';
export { holdAtAltitude } from './holdAtAltitude.ts';
export { boilingPoint, pressureInside, temperatureInside } from './insideCooker.ts';
export { naturalRelease } from './naturalRelease.ts';
export { heatCapacity } from './pot.ts';
export type { PotLoad } from './pot.ts';
export { steamTemperature } from './saturation.ts';
