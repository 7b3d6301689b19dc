import type { FoodFacts } from '../food/index.ts';
import type { BaseUnit, Sourced } from '../quantity/index.ts';

/** Stock in the freezer, days. Source: FoodSafety.gov charts and US extension tables (from memory), the short end. */
const FROZEN_STOCK: Sourced<number> = {
  value: 60,
  source: 'FoodSafety.gov charts and US extension tables (from memory)',
};

/** What else comes out of a pot and is kept, as a food: cooking water, zest. It keeps by the days its recipe says, frozen as stock does. */
export const byProductFacts = (base: BaseUnit, keepsDays: Sourced<number>): FoodFacts => ({
  kind: 'seasoning',
  base,
  keeps: { fridge: keepsDays, freezer: FROZEN_STOCK },
});
