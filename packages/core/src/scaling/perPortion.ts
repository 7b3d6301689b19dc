import { fixed, shortest } from '../quantity/index.ts';
import { isTapWater, type Composition } from '../food/index.ts';
import type { Because } from '../quantity/index.ts';
import { RETENTION_SOURCE, vitaminCKept } from './retention.ts';
import type { ScaledBatch } from './scaleBatch.ts';

export interface Nutrient {
  readonly key: 'energy' | 'protein' | 'fibre' | 'iron' | 'vitamin C' | 'salt';
  readonly perPortion: number;
  readonly unit: 'kJ' | 'g' | 'mg';
  readonly because: Because;
}

export interface PerPortion {
  readonly nutrients: readonly Nutrient[];
  /** Share of what goes in, by mass without tap water, whose composition is known. */
  readonly covered: number;
  /** Foods without data: their part is missing, not zero. */
  readonly without: readonly string[];
  /** To taste: nobody knows how much, so it is in no sum; beside it what is usual, g a portion. */
  readonly toTaste: readonly { readonly food: string; readonly usualG: number }[];
  /** Iron from plants is taken up better beside vitamin C: said as information. */
  readonly ironAlone: boolean;
}

/** Grams of salt in a gram of sodium, for labels. Source: published: Regulation (EU) 1169/2011, Annex I. */
const SALT_PER_SODIUM = 2.5;
const IRON_WORTH_SAYING_MG = 2;
const VITAMIN_C_BESIDE_IT_MG = 10;

const KEYS: readonly {
  readonly key: Nutrient['key'];
  readonly unit: Nutrient['unit'];
  readonly of: (composition: Composition) => number | undefined;
  readonly digits: number;
}[] = [
  { key: 'energy', unit: 'kJ', of: (c) => c.kJ, digits: 0 },
  { key: 'protein', unit: 'g', of: (c) => c.proteinG, digits: 1 },
  { key: 'fibre', unit: 'g', of: (c) => c.fibreG, digits: 1 },
  { key: 'iron', unit: 'mg', of: (c) => c.ironMg, digits: 1 },
  { key: 'vitamin C', unit: 'mg', of: (c) => c.vitaminCMg, digits: 0 },
  {
    key: 'salt',
    unit: 'g',
    of: (c) => (c.sodiumMg === undefined ? undefined : (c.sodiumMg * SALT_PER_SODIUM) / 1000),
    digits: 1,
  },
];

/**
 * What a portion holds, from the composition of what goes in raw, edible part. Vitamin C is less by the heat and by keeping; other losses are not taken off. Optional lines
 * are left out, and what goes in to taste is in no sum.
 * Source of the composition: named by each food.
 */
export function perPortion(batch: ScaledBatch): PerPortion {
  const portions = batch.portions.valueOf();
  const eaten = batch.lines.flatMap(({ line, food, grams }) => {
    if (!grams || line.optional || line.comesOut) return [];
    const edible = line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1);
    if (line.law.law === 'to taste') return [];
    return [
      {
        food,
        grams: grams.g.valueOf() * edible,
        composition: food.facts.composition,
        vitaminC: vitaminCKept(line, food, batch.recipe),
      },
    ];
  });
  const toTaste = batch.lines.flatMap(({ line, food, grams }) =>
    line.law.law === 'to taste' && grams && !line.optional
      ? [{ food: food.name, usualG: grams.g.valueOf() / portions }]
      : [],
  );
  // Only the tap's own water is nothing: stock, plant milk, juice and wine are food.
  const dry = eaten.filter(({ food }) => !isTapWater(food.id));
  const mass = dry.reduce((sum, { grams }) => sum + grams, 0);
  const known = dry.filter(({ composition }) => composition);

  const nutrients = KEYS.map(({ key, unit, of, digits }): Nutrient => {
    const parts = known.flatMap(({ food, grams, composition, vitaminC }) => {
      const raw = composition && of(composition.value);
      const per100 = raw === undefined ? undefined : key === 'vitamin C' ? raw * vitaminC : raw;
      return per100 === undefined || !composition
        ? []
        : [{ food, grams, amount: (grams / 100) * per100, per100, source: composition.source }];
    });
    const value = parts.reduce((sum, part) => sum + part.amount, 0) / portions;
    const shown = parts.filter((part) => part.amount / portions >= value * 0.02).sort((a, b) => b.amount - a.amount);
    return {
      key,
      unit,
      perPortion: value,
      because: {
        rule:
          key === 'vitamin C'
            ? 'what goes in × its composition × what heat and keeping leave of it ÷ portions'
            : 'what goes in × its composition ÷ portions',
        figure: `${fixed(value, digits)} ${unit}`,
        parts: shown.slice(0, 6).map((part) => ({
          rule: `${food100(part.food.name, part.grams / portions)} × ${shortest(part.per100, 2)} ${unit} in 100 g`,
          figure: `${fixed(part.amount / portions, digits)} ${unit}`,
          source: key === 'vitamin C' ? `${part.source}; ${RETENTION_SOURCE}` : part.source,
        })),
      },
    };
  });
  const of = (key: Nutrient['key']) => nutrients.find((nutrient) => nutrient.key === key)?.perPortion ?? 0;
  return {
    nutrients,
    covered: mass > 0 ? known.reduce((sum, { grams }) => sum + grams, 0) / mass : 0,
    toTaste,
    without: dry.filter(({ composition }) => !composition).map(({ food }) => food.name),
    ironAlone: of('iron') >= IRON_WORTH_SAYING_MG && of('vitamin C') < VITAMIN_C_BESIDE_IT_MG,
  };
}

const food100 = (name: string, grams: number): string =>
  `${name} ${grams < 10 ? fixed(grams, 1) : Math.round(grams)} g`;
