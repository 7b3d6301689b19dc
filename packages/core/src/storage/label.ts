import { allergenWords, type AllergenStatement } from '../food/index.ts';
import { portionsText, showDate, showWeekday, type Day } from '../quantity/index.ts';

export interface LabelFacts {
  readonly name: string;
  readonly madeOn: Day;
  readonly keepsUntil: Day | undefined;
  readonly place: 'fridge' | 'freezer';
  readonly portions: number;
  readonly allergens: AllergenStatement;
  readonly beforeEating: string;
}

const date = (day: Day): string => `${showWeekday(day)} ${showDate(day)}`;

/** The lines to write on a box. */
export const labelLines = (label: LabelFacts): readonly string[] => [
  label.name,
  `${portionsText(label.portions)} · made ${date(label.madeOn)}`,
  label.keepsUntil
    ? `${label.place === 'freezer' ? 'best until' : 'eat by'} ${date(label.keepsUntil)}`
    : 'keeping time unknown',
  allergenWords(label.allergens),
  label.beforeEating,
];
