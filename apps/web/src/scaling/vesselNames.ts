import type { Vessel } from '@kestrel-ridge/core/recipe';

/** A vessel as it is named in a list. */
export const VESSEL_NAMES: Readonly<Record<Vessel, string>> = {
  cooker: 'sealed cooker',
  tray: 'oven tray',
  jug: 'blender',
  pot: 'pot',
  pan: 'frying pan',
  'rice cooker': 'rice cooker',
  microwave: 'microwave',
  'air fryer': 'air fryer',
};
