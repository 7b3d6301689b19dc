import { GRILL_C, type Oven } from '../kitchen/index.ts';
import type { StationUse } from '../recipe/index.ts';
import type { PlannedBatch } from './expand.ts';
import { sharedHeats } from './sharedHeats.ts';
import { ShareOut, named, type Named } from './shareOut.ts';

/** Where a recipe does not say. Common practice, no published source. */
const USUAL_HEAT = 200;

/** The heat that each use of an oven gets, and which oven. */
export interface OvenHeats {
  readonly heatOf: (batch: string, use: StationUse) => number;
  /** Undefined where no oven gets so hot, or none is there. */
  readonly ovenAt: (heat: number) => Named<Oven> | undefined;
  /** The hottest that any oven here gets; Infinity where nothing is said. */
  readonly mostC: number;
}

/** Heats are shared within what dishes bear, then shared out among the ovens, the longest baking first. */
export function ovenHeats(batches: readonly PlannedBatch[], ovens: readonly Oven[]): OvenHeats {
  const mostC = Math.max(0, ...ovens.map((oven) => oven.mostC ?? Infinity));
  const wished = batches.flatMap(({ id, scaled }) =>
    scaled.recipe.uses
      .filter(({ station }) => station === 'oven')
      .map((use) => {
        const celsius = use.grill ? GRILL_C : (use.celsius ?? USUAL_HEAT);
        const toleranceC = use.grill ? 0 : (use.toleranceC ?? 0);
        // What this oven does not reach, a dish that bears less gets as hot as it can be.
        const most = use.grill ? celsius : Math.min(celsius, mostC);
        const least = celsius - toleranceC;
        return most >= least && most < celsius
          ? { id: keyOf(id, use), celsius: most, toleranceC: most - least }
          : { id: keyOf(id, use), celsius, toleranceC };
      }),
  );
  const heats = sharedHeats(wished);
  const shared = new ShareOut(named('oven', ovens));
  const at = new Map<number, Named<Oven>>();
  const byCount = [...new Set(heats.values())].sort((a, b) => countOf(heats, b) - countOf(heats, a) || a - b);
  for (const heat of byCount) {
    const oven = shared.take((each) => reaches(each, heat), countOf(heats, heat));
    if (oven) at.set(heat, oven);
  }
  return {
    heatOf: (batch, use) => heats.get(keyOf(batch, use)) ?? USUAL_HEAT,
    ovenAt: (heat) => at.get(heat),
    mostC,
  };
}

const keyOf = (batch: string, use: StationUse) => `${batch}/${use.from}`;
const countOf = (heats: ReadonlyMap<string, number>, heat: number) =>
  [...heats.values()].filter((each) => each === heat).length;

/** A fixed grill is as hot as a grill has to be, whatever the dial ends at. */
const reaches = ({ mostC, grill }: Oven, heat: number): boolean =>
  (heat === GRILL_C && grill === true) || (mostC ?? Infinity) >= heat;
