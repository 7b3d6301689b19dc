import type { Tastes } from '@kestrel-ridge/core/week';

interface NewEater {
  readonly name: string;
  readonly appetite: number;
  readonly weekdays: readonly number[];
  readonly tastes?: Tastes;
}

const EVERY_DAY = [0, 1, 2, 3, 4, 5, 6];
const WEEKEND = [5, 6];
const HOME_MEALS = { lunch: WEEKEND, dinner: EVERY_DAY } as const;

/** Where a table begins, by who it is; everything can be changed later. Appetites are common practice, no published source. */
export const EATER_SETS = {
  'one person': [{ name: 'one', appetite: 1, weekdays: EVERY_DAY }],
  'two people': [
    { name: 'one', appetite: 1, weekdays: EVERY_DAY },
    { name: 'the other', appetite: 1, weekdays: EVERY_DAY },
  ],
  'a family of five': [
    { name: 'parent', appetite: 1, weekdays: EVERY_DAY, tastes: { meals: HOME_MEALS } },
    { name: 'other parent', appetite: 1.1, weekdays: EVERY_DAY, tastes: { meals: HOME_MEALS } },
    { name: 'eldest', appetite: 1.2, weekdays: EVERY_DAY, tastes: { meals: HOME_MEALS } },
    { name: 'middle one', appetite: 0.8, weekdays: EVERY_DAY, tastes: { mild: true, meals: HOME_MEALS } },
    { name: 'youngest', appetite: 0.5, weekdays: EVERY_DAY, tastes: { mild: true, repeats: 3 } },
  ],
  'a hut': [
    ...[1, 2, 3, 4].map((n) => ({ name: `resident ${n}`, appetite: 1.1, weekdays: EVERY_DAY })),
    ...[1, 2].map((n) => ({ name: `weekend volunteer ${n}`, appetite: 1, weekdays: WEEKEND })),
  ],
} satisfies Record<string, readonly NewEater[]>;
