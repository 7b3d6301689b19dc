export { outsidePressure } from './atmosphere.ts';
export { comeUp, heatNeeded } from './comeUp.ts';
export { holdAtAltitude, holdTimes } from './holdAtAltitude.ts';
export { boilingPoint, pressureInside, temperatureInside } from './insideCooker.ts';
export { naturalRelease } from './naturalRelease.ts';
export { LOSS_KG_PER_M2H, openPotLoss } from './openPot.ts';
export type { Boil } from './openPot.ts';
export { firstCoefficient, firstEigenvalue, MEDIUM_W_PER_M2K, pieceTimeRatio } from './pieceTime.ts';
export type { Medium } from './pieceTime.ts';
export { FROZEN_KJ_PER_KG, heatCapacity, SPECIFIC_HEAT } from './pot.ts';
export type { PotLoad } from './pot.ts';
export { openPotTimes, softeningTimes, SOFTENING_SOURCE } from './softening.ts';
export type { Slower } from './softening.ts';
export { steamTemperature } from './saturation.ts';
export { ventLoss } from './ventLoss.ts';
export {
  COOLING_RULE,
  coolingMinutes,
  slabCooling,
  iceFor,
  newtonMinutes,
  slabCoefficient,
  slabEigenvalue,
  STILL_AIR_W_PER_M2K,
} from './cooling.ts';
export { freezingTime, thawingTime } from './freezing.ts';
export type { PhaseTime } from './freezing.ts';
