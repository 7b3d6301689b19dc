import type { Composition } from '../food/index.ts';
import type { Because } from '../quantity/index.ts';
import type { ScaledBatch } from './scaleBatch.ts';

export interface Nutrient {
  readonly key: 'energy' | 'protein' | 'fibre' | 'iron' | 'vitamin C' | 'salt';
  readonly perPortion: number;
  readonly unit: 'kJ' | 'g' | 'mg';
  readonly because: Because;
}

export interface PerPortion {
  readonly nutrients: readonly Nutrient[];
  /** Share of what goes in, by mass without water, whose composition is known. */
  readonly covered: number;
  /** Foods without data: their part is missing, not zero. */
  readonly without: readonly string[];
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
 * What a portion holds, from the composition of what goes in raw, edible part. Losses in cooking, of vitamin C above all, are not taken off; optional lines are left out.
 * Source of the composition: named by each food.
 */
export function perPortion(batch: ScaledBatch): PerPortion {
  const portions = batch.portions.valueOf();
  const eaten = batch.lines.flatMap(({ line, food, grams }) => {
    if (!grams || line.optional || line.comesOut) return [];
    const edible = line.prepared ? 1 : (food.facts.ediblePart?.value ?? 1);
    return [{ food, grams: grams.g.valueOf() * edible, composition: food.facts.composition }];
  });
  const counted = eaten.filter(({ food }) => food.facts.kind !== 'water' || food.facts.composition?.value.sodiumMg);
  const dry = counted.filter(({ food }) => food.facts.kind !== 'water');
  const mass = dry.reduce((sum, { grams }) => sum + grams, 0);
  const known = dry.filter(({ composition }) => composition);

  const nutrients = KEYS.map(({ key, unit, of, digits }): Nutrient => {
    const parts = known.flatMap(({ food, grams, composition }) => {
      const per100 = composition && of(composition.value);
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
        rule: 'what goes in × its composition ÷ portions',
        figure: `${value.toFixed(digits)} ${unit}`,
        parts: shown.slice(0, 6).map((part) => ({
          rule: `${food100(part.food.name, part.grams / portions)} × ${Number(part.per100.toFixed(2))} ${unit} in 100 g`,
          figure: `${(part.amount / portions).toFixed(digits)} ${unit}`,
          source: part.source,
        })),
      },
    };
  });
  const of = (key: Nutrient['key']) => nutrients.find((nutrient) => nutrient.key === key)?.perPortion ?? 0;
  return {
    nutrients,
    covered: mass > 0 ? known.reduce((sum, { grams }) => sum + grams, 0) / mass : 0,
    without: dry.filter(({ composition }) => !composition).map(({ food }) => food.name),
    ironAlone: of('iron') >= IRON_WORTH_SAYING_MG && of('vitamin C') < VITAMIN_C_BESIDE_IT_MG,
  };
}

const food100 = (name: string, grams: number): string =>
  `${name} ${grams < 10 ? grams.toFixed(1) : Math.round(grams)} g`;
