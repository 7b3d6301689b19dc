import type { Revision } from '@kestrel-ridge/core/recipe';
import { farroSalad, hazelnutCream, hutPlate, ridgeWrap } from './cold.ts';
import { milletBake, ryeCrackers, swedeFritters, whateverRoot } from './oven.ts';
import { cabbageInCider, celeriacInItsSauce, lentilPot, twoPulsePot } from './pots.ts';
import { peasOnBrownedLeek } from './sealed.ts';

/** Dishes of the hut that say more than a text can: entries over time, kept water, slots, methods, versions, tins, pieces. */
export const HUT_DISHES: readonly Revision[] = [
  twoPulsePot,
  lentilPot,
  celeriacInItsSauce,
  cabbageInCider,
  peasOnBrownedLeek,
  whateverRoot,
  milletBake,
  ryeCrackers,
  swedeFritters,
  hazelnutCream,
  farroSalad,
  ridgeWrap,
  hutPlate,
];
