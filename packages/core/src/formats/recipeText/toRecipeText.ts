import type { Food, FoodId } from '../../food/index.ts';
import { expectedMinutes, type Revision } from '../../recipe/index.ts';
import type { RecipeText } from './recipeText.ts';

/** A recipe in plain words, for JSON-LD, Markdown and print. */
export function toRecipeText(recipe: Revision, foods: ReadonlyMap<FoodId, Food>): RecipeText {
  return {
    name: recipe.name,
    portions: recipe.portions,
    ingredients: recipe.lines.map(({ amount, food, form, optional }) => {
      const unit =
        amount.unit === 'each' ? '' : ` ${amount.unit}${amount.unit === 'cup' && amount.n !== '1' ? 's' : ''}`;
      return `${amount.n}${unit} ${foods.get(food)?.name ?? ''}${form ? `, ${form}` : ''}${optional ? ' (optional)' : ''}`;
    }),
    method: recipe.steps.map((step) => {
      if (step.kind === 'ahead') return `${step.name}, ${step.hours.least} to ${step.hours.most} hours ahead.`;
      if (step.kind === 'pressure')
        return `Pressure-cook the ${step.name}: ${step.hold.earliest} to ${step.hold.latest} minutes at high pressure, ${step.release.how} release.`;
      const { time: law } = step;
      const minutes =
        law.law === 'fixed' || law.law === 'by piece size'
          ? law.minutes.earliest === law.minutes.latest
            ? `${law.minutes.expected}`
            : `${law.minutes.earliest} to ${law.minutes.latest}`
          : `${expectedMinutes(step)}`;
      const time = step.attention.needs === 'hands' ? '' : `, ${minutes} minutes`;
      return `${step.name}${time}${step.cue ? `: ${step.cue}` : ''}.`;
    }),
  };
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
