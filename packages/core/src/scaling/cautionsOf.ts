import { CAUTION_IDS, type CautionId, type Food } from '../food/index.ts';
import { isHeated, isHeatedAt, leadsTo, type Line, type Revision } from '../recipe/index.ts';
import { handlingOf } from './retention.ts';

export interface CautionLine {
  readonly line: Line;
  readonly food: Food;
  /** Grams that go in; undefined when no bridge is known. */
  readonly g: number | undefined;
}

/** So much of a dish is oil or more: garlic and herbs in it lie in oil. Common practice, no published source. */
const IN_OIL = 0.12;
const BOTTLES = /\b(?:bottl|preserv|sterili[sz]|water bath|seal (?:the |hot )?jars?)/i;
const OIL_NAME = /\b(?:garlic|herb|chilli|wild garlic) oil\b|\bconfit\b/i;

/**
 * What a dish asks for: what its steps say, and what its foods and its way of cooking ask for by themselves, whoever wrote the recipe. What is never heated does not have
 * to cool from 57 °C.
 */
export function cautionsOf(recipe: Revision, lines: readonly CautionLine[]): readonly CautionId[] {
  const found = new Set<CautionId>(
    recipe.steps.flatMap((step) => [
      ...(step.cautions ?? []),
      ...(step.kind === 'pressure' ? (['pressure', 'vent'] as const) : []),
      ...(step.kind !== 'ahead' && BOTTLES.test(step.name) ? (['bottling'] as const) : []),
    ]),
  );
  for (const use of recipe.uses) {
    if (use.station === 'oven') found.add('hot oven');
    if (use.station === 'jug' && isHotBlend(recipe, use.from, use.to)) found.add('hot blend');
  }
  const raw = ({ line }: CautionLine) => handlingOf(line, recipe) === 'raw';
  for (const each of lines) {
    switch (each.food.facts.hazard) {
      case 'boil beans hard':
        found.add('beans');
        break;
      case 'never raw':
        found.add('never raw');
        break;
      case 'debitter':
        found.add('debitter');
        break;
      case 'sprouts':
        if (raw(each)) found.add('sprouts').add('vulnerable');
        break;
      case 'iodine':
        found.add('iodine').add('vulnerable');
        break;
      case 'green potatoes':
        found.add('green potatoes');
        break;
      case undefined:
        break;
      default:
        each.food.facts.hazard satisfies never;
    }
    if (each.food.facts.composition?.value.alcoholG && each.food.facts.kind !== 'seasoning') found.add('vulnerable');
    if (each.food.facts.kind === 'grain' && each.food.facts.uptake) found.add('grain');
  }
  if (liesInOil(recipe, lines)) found.add('garlic oil');
  const heated = isHeated(recipe);
  // What is dry enough for the cupboard does not spoil while it cools.
  const cools = heated && recipe.component.cupboardDays === undefined;
  if (cools && recipe.component.fridgeDays.value > 1) found.add('cooling');
  if (!cools) found.delete('cooling');
  if (!heated) for (const id of ['cooling', 'reheat', 'grain'] as const) found.delete(id);
  return CAUTION_IDS.filter((id) => found.has(id));
}

/** Is something hot when it comes into the jug: heated in the very step, or in one before that leads to it? */
function isHotBlend({ steps, uses }: Revision, from: string, to: string): boolean {
  const blends = steps.filter(({ id }) => leadsTo(steps, from, id) && leadsTo(steps, id, to));
  return blends.some((blend) =>
    steps.some(
      (step) =>
        leadsTo(steps, step.id, blend.id) &&
        isHeatedAt({ steps, uses }, step.id) &&
        !coolsBetween(steps, step.id, blend.id),
    ),
  );
}

const COOLS = /\b(?:cool|chill|cold)\b/i;
const coolsBetween = (steps: Revision['steps'], hot: string, blend: string): boolean =>
  steps.some(
    ({ id, name, kind }) => kind === 'work' && COOLS.test(name) && leadsTo(steps, hot, id) && leadsTo(steps, id, blend),
  );

/** Raw garlic or herbs in so much oil, kept for more than a day. */
function liesInOil(recipe: Revision, lines: readonly CautionLine[]): boolean {
  if (OIL_NAME.test(recipe.name)) return true;
  const all = lines.reduce((sum, { g = 0 }) => sum + g, 0);
  const oil = lines.filter(({ food }) => / oil$/.test(food.name)).reduce((sum, { g = 0 }) => sum + g, 0);
  const rooted = lines.some(
    ({ line, food }) =>
      (food.name === 'garlic' ||
        (food.facts.kind === 'seasoning' &&
          food.facts.keeps?.fridge !== undefined &&
          food.facts.roles?.includes('aromatic') === true)) &&
      handlingOf(line, recipe) === 'raw',
  );
  return rooted && all > 0 && oil / all >= IN_OIL && recipe.component.fridgeDays.value > 1;
}
