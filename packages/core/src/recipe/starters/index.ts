import type { Revision } from '../revision.ts';
import { borlotti } from './borlotti.ts';
import { kaleWithLeek } from './kaleWithLeek.ts';
import { millet } from './millet.ts';
import { roastRoots } from './roastRoots.ts';
import { sunflowerSauce } from './sunflowerSauce.ts';

/** Five recipes to start with: one for each way of cooking that the kitchen knows. */
export const STARTER_RECIPES: readonly Revision[] = [millet, borlotti, roastRoots, sunflowerSauce, kaleWithLeek];
