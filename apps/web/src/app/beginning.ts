import type { KitchenView } from '@kestrel-ridge/core/view';

/** One step of the way from an empty kitchen to its first plan. */
export interface BeginningStep {
  readonly key: 'kitchen' | 'eaters' | 'shelf' | 'recipes' | 'week' | 'plan';
  readonly name: string;
  readonly heading: string;
  readonly text: string;
  readonly to: string;
  readonly action: string;
  readonly done: boolean;
}

/** A week can be suggested from these on. */
const ENOUGH_RECIPES = 2;

/** The steps of a kitchen's first hour, in their order, with what is done of them. */
export const beginningSteps = ({ week, lots, recipes, batches, session }: KitchenView): readonly BeginningStep[] => [
  {
    key: 'kitchen',
    name: 'Kitchen',
    heading: 'Look over your kitchen',
    text: 'Appliances, places and who cooks: amounts and times follow from them.',
    to: '/kitchen',
    action: 'Look it over',
    // It was opened, and starts from a set of figures.
    done: true,
  },
  {
    key: 'eaters',
    name: 'Who eats',
    heading: 'Say who eats here',
    text: 'Portions are reckoned for them. One tap takes one, two, a family or a hut; names can wait.',
    to: '/week/eaters',
    action: 'Say who eats',
    done: week.eaters.length > 0,
  },
  {
    key: 'shelf',
    name: 'Shelf',
    heading: 'Begin with the shelf',
    text: 'Write down or paste what is in cupboard, fridge and freezer, a line for each.',
    to: '/shelf/list',
    action: 'Paste a list',
    done: lots.length > 0,
  },
  {
    key: 'recipes',
    name: 'Recipes',
    heading: 'Take two recipes, or more',
    text: 'Choose from those to begin with, or paste your own.',
    to: '/recipes/starters',
    action: 'Choose recipes',
    done: recipes.length >= ENOUGH_RECIPES,
  },
  {
    key: 'week',
    name: 'First week',
    heading: 'See a first week',
    text: 'Weeks are suggested from what is here. Take one, or put your own together.',
    to: '/week/suggest',
    action: 'Suggest a week',
    done: batches.length > 0,
  },
  {
    key: 'plan',
    name: 'Plan',
    heading: 'Plan the cooking',
    text: 'Say when you begin: each step gets its minute.',
    to: '/cook',
    action: 'See the plan',
    done: batches.length > 0 && session !== undefined,
  },
];

/** Is this a kitchen in its first hour? Nothing was cooked in it yet, and something of its beginning is missing. */
export const isBeginning = (view: KitchenView): boolean =>
  !view.lots.some(({ food }) => food.facts.kind === 'component') &&
  (view.session === undefined || view.session.status === 'planned') &&
  beginningSteps(view).some(({ done }) => !done);

/**
 * The step to be offered: the first that is not done; one that was put off comes again once nothing else is left.
 * @example nextStep(steps, ['eaters'])?.key // 'shelf'
 */
export const nextStep = (steps: readonly BeginningStep[], putOff: readonly string[]): BeginningStep | undefined => {
  const open = steps.filter(({ done }) => !done);
  return open.find(({ key }) => !putOff.includes(key)) ?? open[0];
};

/** "3 of 6 done" */
export const beginningWords = (steps: readonly BeginningStep[]): string =>
  `${steps.filter(({ done }) => done).length} of ${steps.length} done`;
