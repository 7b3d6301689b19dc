import type { Sourced } from '../quantity/index.ts';

/** What somebody wishes for a day, in place of the reference. */
export interface DayWishes {
  readonly energyKJ?: number;
  readonly proteinG?: number;
}

const LABELS = 'published: Regulation (EU) 1169/2011, Annex XIII';

/** What a day of an average adult brings: reference intakes, not advice for anybody. */
export const REFERENCE_DAY = {
  energyKJ: { value: 8400, source: LABELS },
  proteinG: { value: 50, source: LABELS },
  fibreG: { value: 25, source: 'published: EFSA, dietary reference values for carbohydrates and dietary fibre, 2010' },
  ironMg: { value: 14, source: LABELS },
  saltG: { value: 6, source: LABELS },
} as const satisfies Readonly<Record<string, Sourced<number>>>;

/** Of a day, what its lunch and dinner bring together; the rest is breakfast and what is eaten between. Common practice, no published source. */
const MAIN_MEALS = { least: 0.5, most: 0.85, protein: 0.6, fibre: 0.55, iron: 0.5, salt: 0.85 } as const;
/** Beside iron from plants, so much vitamin C in the same meal helps; without, half of the iron is counted. From memory. */
export const VITAMIN_C_BESIDE_IRON_MG = 25;
export const IRON_ALONE_COUNTS = 0.5;

/** What lunch and dinner of one day should bring to one eater. */
export interface DayBand {
  readonly leastKJ: number;
  readonly mostKJ: number;
  readonly proteinG: number;
  readonly fibreG: number;
  readonly ironMg: number;
  readonly mostSaltG: number;
}

/**
 * The band of an eater: the reference by their appetite, or what they wish for themselves. Salt does not grow with appetite.
 * @example dayBand(1).leastKJ // 4200
 */
export function dayBand(appetite: number, wishes: DayWishes = {}): DayBand {
  const energy = wishes.energyKJ ?? REFERENCE_DAY.energyKJ.value * appetite;
  const protein = wishes.proteinG ?? REFERENCE_DAY.proteinG.value * appetite;
  return {
    leastKJ: energy * MAIN_MEALS.least,
    mostKJ: energy * MAIN_MEALS.most,
    proteinG: protein * MAIN_MEALS.protein,
    fibreG: REFERENCE_DAY.fibreG.value * appetite * MAIN_MEALS.fibre,
    ironMg: REFERENCE_DAY.ironMg.value * MAIN_MEALS.iron,
    mostSaltG: REFERENCE_DAY.saltG.value * MAIN_MEALS.salt,
  };
}

/** A day may be so much beside its band before it is called thin or heavy: figures of composition are no better. Common practice, no published source. */
const NEARLY = 0.97;

/** Is what a day brings within its band: energy between its ends, and protein at least? */
export const isWithin = (
  kJ: number,
  proteinG: number,
  leastKJ: number,
  mostKJ: number,
  leastProteinG: number,
): boolean => kJ >= leastKJ * NEARLY && kJ <= mostKJ / NEARLY && proteinG >= leastProteinG * NEARLY;
