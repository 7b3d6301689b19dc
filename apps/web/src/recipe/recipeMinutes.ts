import { expectedMinutes, type Revision, type Step } from '@kestrel-ridge/core/recipe';

/** The longest chain of a recipe's steps at their written size, in minutes, without what is done the evening before: for choosing, not for planning. */
export function recipeMinutes(recipe: Revision): number {
  const steps = new Map(recipe.steps.map((step) => [step.id, step]));
  const ends = new Map<string, number>();
  const end = (id: string): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    const step = steps.get(id);
    if (!step) return 0;
    const begins = Math.max(0, ...step.after.map((after) => end(after.step) + after.min));
    const made = begins + minutesOf(step);
    ends.set(id, made);
    return made;
  };
  return Math.max(0, ...recipe.steps.map((step) => end(step.id)));
}

/** Coming up and releasing of a sealed cooker, roughly; the session works them out from the load. */
const AROUND_PRESSURE = 30;

const minutesOf = (step: Step): number =>
  step.kind === 'pressure' ? expectedMinutes(step) + AROUND_PRESSURE : expectedMinutes(step);
