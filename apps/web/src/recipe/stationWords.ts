import type { Station } from '@kestrel-ridge/core/recipe';

/** A station as something that a kitchen lacks: "needs an oven". */
export const STATION_WORDS: Readonly<Record<Station, string>> = {
  cooker: 'a sealed cooker',
  oven: 'an oven',
  burner: 'a burner',
  jug: 'a blender',
  'rice cooker': 'a rice cooker',
  microwave: 'a microwave',
  'air fryer': 'an air fryer',
  kettle: 'a kettle',
  strainer: 'a strainer',
};
