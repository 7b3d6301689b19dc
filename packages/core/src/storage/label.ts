import type { Allergen } from '../food/index.ts';
import type { Day } from '../quantity/index.ts';

export interface LabelFacts {
  readonly name: string;
  readonly madeOn: Day;
  readonly keepsUntil: Day | undefined;
  readonly place: 'fridge' | 'freezer';
  readonly portions: number;
  readonly allergens: readonly Allergen[];
  readonly beforeEating: string;
}

/** The lines to write on a box. */
export const labelLines = (label: LabelFacts): readonly string[] => [
  label.name,
  `${label.portions} ${label.portions === 1 ? 'portion' : 'portions'} · made ${label.madeOn}`,
  label.keepsUntil ? `${label.place === 'freezer' ? 'best until' : 'eat by'} ${label.keepsUntil}` : 'keeping time unknown',
  label.allergens.length ? `contains ${label.allergens.join(', ')}` : 'no listed allergen in its recipe',
  label.beforeEating,
];
