import type { Food, FoodId } from '../../food/index.ts';
import {
  expectedMinutes,
  writtenPlain,
  type PressureStep,
  type Revision,
  type Step,
  type Window,
} from '../../recipe/index.ts';
import { readMethodStep } from './readMethodStep.ts';
import type { RecipeText } from './recipeText.ts';

/** A recipe in plain words, for JSON-LD, Markdown and print. */
export function toRecipeText(recipe: Revision, foods: ReadonlyMap<FoodId, Food>): RecipeText {
  return {
    name: recipe.name,
    portions: recipe.portions,
    ingredients: recipe.lines.map(({ amount, food, form, optional }) => {
      return `${writtenPlain(amount)} ${foods.get(food)?.name ?? ''}${form ? `, ${form}` : ''}${optional ? ' (optional)' : ''}`;
    }),
    method: recipe.steps.map((step) => sayStep(step, recipe)),
  };
}

/** A step in words that `readMethodStep` reads as the same step. */
function sayStep(step: Step, recipe: Revision): string {
  if (step.kind === 'ahead') return `${step.name}, ${step.hours.least} to ${step.hours.most} hours ahead.`;
  if (step.kind === 'pressure')
    return `Pressure-cook the ${step.name} for ${minuteWords(step.hold)} at high pressure${step.water === 'kettle' ? ', with hot water from the kettle' : ''}, ${RELEASES[step.release.how](step.release)}.`;
  const { time: law } = step;
  if (law.law === 'boils down')
    return `${step.name}, until ${writtenPlain(law.off)} less${whereWords(step.id, recipe)}${step.cue ? `: ${step.cue}` : ''}.`;
  const minutes: Window =
    law.law === 'fixed' || law.law === 'by piece size'
      ? law.minutes
      : { earliest: expectedMinutes(step), expected: expectedMinutes(step), latest: expectedMinutes(step) };
  const alone =
    step.attention.needs === 'nobody'
      ? ' by itself'
      : step.attention.needs === 'look'
        ? ` with a look every ${step.attention.everyMinutes} minutes`
        : '';
  const said = (hands: string) =>
    `${step.name}, ${minuteWords(minutes)}${hands}${whereWords(step.id, recipe)}${step.cue ? `: ${step.cue}` : ''}.`;
  // "Press the tofu, 5 minutes" would be left alone by whoever reads it.
  const byHand = step.attention.needs === 'hands' && readMethodStep(said('')).attention.needs !== 'hands';
  return said(byHand ? ' by hand' : alone);
}

const minuteWords = ({ earliest, expected, latest }: Window): string =>
  earliest === latest
    ? `${expected} minutes`
    : `${earliest} to ${latest} minutes${expected === Math.round((earliest + latest) / 2) ? '' : ` (mostly ${expected})`}`;

const RELEASES = {
  natural: () => 'natural release',
  quick: () => 'quick release',
  timed: (release: PressureStep['release']) =>
    `natural release ${release.how === 'timed' ? release.minutes : 10}, then vent`,
} as const;

const PLACES: Readonly<Record<string, string>> = {
  burner: ' on the hob',
  jug: ' in the blender',
  microwave: ' in the microwave',
  'rice cooker': ' in the rice cooker',
  'air fryer': ' in the air fryer',
};

/** Where a step is done, as far as that decides its plan. */
function whereWords(id: string, { steps, uses }: Revision): string {
  const at = (of: string) => steps.findIndex((step) => step.id === of);
  const use = uses.find(({ from, to }) => at(from) <= at(id) && at(id) <= at(to));
  if (use?.station === 'oven') return ` ${use.grill ? 'under the grill' : 'in the oven'} at ${use.celsius ?? 200} °C`;
  return (use && PLACES[use.station]) ?? '';
}

/** The same as Markdown. */
export const toMarkdown = (recipe: RecipeText): string =>
  [
    `# ${recipe.name}`,
    '',
    ...(recipe.portions === undefined ? [] : [`Makes ${recipe.portions} portions`, '']),
    '## Ingredients',
    '',
    ...recipe.ingredients.map((line) => `- ${line}`),
    '',
    '## Method',
    '',
    ...recipe.method.map((line, n) => `${n + 1}. ${line}`),
    '',
  ].join('\n');
