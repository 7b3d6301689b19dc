import type { FoodRole } from '../food/index.ts';
import { CLAIMED_FROM, posteriorOf } from './posterior.ts';

/** What a dish is tasted for. */
export const SEASONING_ROLES = ['salt', 'acid', 'heat', 'sweet', 'aromatic'] as const satisfies readonly FoodRole[];
export type SeasoningRole = (typeof SEASONING_ROLES)[number];

/** A seasoning in one batch. */
export interface Seasoned {
  readonly role: SeasoningRole;
  /** What went in, times what was planned; 1 where nobody said otherwise. */
  readonly times: number;
  /** Somebody said how much it was. */
  readonly said: boolean;
  /** How large the batch was, times the recipe; what went in, times what is written; and by which exponent the book lets it grow. */
  readonly factor: number;
  readonly grown: number;
  readonly exponent: number;
  /** Whose hands put it in, where that was said. */
  readonly who?: string;
}

/** A figure with where it may lie: four fifths of what may be expected of it. */
export interface Likely {
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly n: number;
}

/** Times what is planned, and in how many batches somebody said so. */
export interface Correction extends Likely {
  readonly corrected: number;
}

/** How this kitchen seasons, by role; what is not claimed is left out. */
export interface LearnedSeasoning {
  readonly role: SeasoningRole;
  /** Times what is planned, over all batches that it went into, and how many of them somebody corrected. */
  readonly correction?: Correction;
  /** The same of each cook of whom it can be told, drawn to the kitchen’s where there are few. */
  readonly cooks?: readonly (Correction & { readonly who: string })[];
  /** By which exponent it really grows, seen in batches of another size, against the book's. */
  readonly growth?: Likely & { readonly book: number };
}

/** One pinch is off another by about a fifth, and the book's word weighs like three dishes. Common practice, no published source. */
const PINCH = { mean: 0, weighs: 3, noise: 0.2 } as const;
/** An exponent out of one batch is off by a quarter. Common practice, no published source. */
const EXPONENT = { weighs: 2, noise: 0.25 } as const;
/** Only a batch that is so much larger or smaller tells of growth. */
const TELLS_OF_GROWTH = Math.log(1.5);
/** What is nearer to the plan is how somebody measures. */
const SAME = 0.05;

/**
 * What this kitchen adds to or takes from what is planned, by role: a batch of which nothing was said counts as planned, so that who corrects once in ten dishes is not taken for one who always
 * does. Nothing is claimed before three corrections, and never more salt out of one. By logarithms, as half and double are as far from what was planned.
 * @example learnSeasoning(batches).find(({ role }) => role === 'acid')?.correction?.value // 1.2: a fifth more
 */
export function learnSeasoning(seen: readonly Seasoned[]): readonly LearnedSeasoning[] {
  return SEASONING_ROLES.flatMap((role): readonly LearnedSeasoning[] => {
    const mine = seen.filter((each) => each.role === role && each.times > 0);
    const correction = correctionOf(mine);
    const growth = growthOf(mine);
    const whose = [...new Set(mine.flatMap(({ who }) => who ?? []))];
    // One cook alone is the kitchen.
    const cooks =
      correction && whose.length > 1
        ? whose.flatMap((who) => {
            const own = correctionOf(
              mine.filter((each) => each.who === who),
              Math.log(correction.value),
            );
            return own ? [{ who, ...own }] : [];
          })
        : [];
    return correction || growth
      ? [
          {
            role,
            ...(correction ? { correction } : {}),
            ...(cooks.length > 0 ? { cooks } : {}),
            ...(growth ? { growth } : {}),
          },
        ]
      : [];
  });
}

function correctionOf(mine: readonly Seasoned[], drawnTo: number = PINCH.mean): Correction | undefined {
  const corrected = mine.filter(({ said, times }) => said && Math.abs(times - 1) > SAME).length;
  if (corrected < CLAIMED_FROM) return undefined;
  const { mean, least, most, n } = posteriorOf(
    { ...PINCH, mean: drawnTo },
    mine.map(({ times }) => ({ value: Math.log(times) })),
  );
  return { value: Math.exp(mean), least: Math.exp(least), most: Math.exp(most), n, corrected };
}

function growthOf(mine: readonly Seasoned[]): LearnedSeasoning['growth'] {
  const telling = mine.filter(
    ({ said, factor, grown }) => said && grown > 0 && Math.abs(Math.log(factor)) >= TELLS_OF_GROWTH,
  );
  if (telling.length < CLAIMED_FROM) return undefined;
  const book = telling.reduce((sum, { exponent }) => sum + exponent, 0) / telling.length;
  const { mean, least, most, n } = posteriorOf(
    { ...EXPONENT, mean: book },
    telling.map(({ factor, grown }) => ({ value: Math.log(grown) / Math.log(factor) })),
  );
  return { value: mean, least, most, n, book };
}
