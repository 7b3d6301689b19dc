import { leadsTo } from './leadsTo.ts';
import type { Revision, Station } from './revision.ts';

/** Where food gets hot; a jug, a strainer and the kettle do not cook it. */
export const HEATING: readonly Station[] = ['cooker', 'oven', 'burner', 'rice cooker', 'microwave', 'air fryer'];

/** Is a step done on something that heats? */
export const isHeatedAt = ({ steps, uses }: Pick<Revision, 'steps' | 'uses'>, step: string): boolean =>
  steps.find(({ id }) => id === step)?.kind === 'pressure' ||
  uses.some((use) => HEATING.includes(use.station) && leadsTo(steps, use.from, step) && leadsTo(steps, step, use.to));

/** Is anything of a recipe heated? What is not does not have to cool, and is eaten as it is. */
export const isHeated = (recipe: Pick<Revision, 'steps' | 'uses'>): boolean =>
  recipe.steps.some(({ id }) => isHeatedAt(recipe, id));

/** Is it to be crisp again when it is warmed: by what stands beside eating it, or since it was roasted or fried in pieces? Mash and soup are not. */
export const staysCrisp = ({ component, vessel }: Pick<Revision, 'component' | 'vessel'>): boolean =>
  /\bcrisp/i.test(component.beforeEating) ||
  (component.kind === 'roots' && (vessel === 'tray' || vessel === 'air fryer' || vessel === 'pan'));

/** Is it eaten cold: said so, or never heated? Nobody is told to heat it through. */
export const isEatenCold = (recipe: Pick<Revision, 'steps' | 'uses' | 'component'>): boolean =>
  recipe.component.eatenCold ?? !isHeated(recipe);
