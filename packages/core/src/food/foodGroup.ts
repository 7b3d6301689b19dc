import type { Food } from './food.ts';

/** Groups of foods that somebody may leave altogether: said with one tap. */
export const FOOD_GROUPS = [
  'pulses',
  'nuts and seeds',
  'grain',
  'greens',
  'fruit',
  'chilli and heat',
  'alcohol',
] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

const MEMBER: Readonly<Record<FoodGroup, (facts: Food['facts']) => boolean>> = {
  pulses: ({ kind }) => kind === 'legume',
  'nuts and seeds': ({ kind }) => kind === 'nut or seed',
  grain: ({ kind }) => kind === 'grain',
  greens: ({ kind }) => kind === 'leaf',
  fruit: ({ kind }) => kind === 'fruit',
  'chilli and heat': ({ roles }) => roles?.includes('heat') ?? false,
  alcohol: ({ composition }) => (composition?.value.alcoholG ?? 0) > 0,
};

/** Which groups a food belongs to. @example groupsOf({ facts: { kind: 'legume', base: 'g' } }) // => ['pulses'] */
export const groupsOf = ({ facts }: Pick<Food, 'facts'>): readonly FoodGroup[] =>
  FOOD_GROUPS.filter((group) => MEMBER[group](facts));
