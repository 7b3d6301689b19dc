import * as v from 'valibot';
import { done, refused, type Outcome } from '../../quantity/index.ts';
import { faultsIn, id, list, number, text, whole, type ShapeFault } from '../../quantity/schema/index.ts';
import { MEAL_NAMES } from '../../week/index.ts';
import { LIMITS } from '../limits.ts';
import type { TemplateWeek } from '../wire.ts';

const SLOT = v.object({
  weekday: whole(0, 6),
  meal: v.picklist(MEAL_NAMES, 'It is no meal that is known here.'),
  parts: list(v.object({ food: id, portions: number(...LIMITS.partPortions) }), LIMITS.mealParts[1]),
  guests: whole(...LIMITS.guests),
  serveAt: v.exactOptional(v.pipe(v.string(), v.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'It is no time of day.'))),
  locked: v.exactOptional(v.boolean()),
  note: v.exactOptional(v.pipe(text(LIMITS.mealNote[1]), v.nonEmpty())),
});

const portions = number(...LIMITS.batchPortions);
const DISH = v.pipe(
  v.object({ recipe: id, portions, freezePortions: portions }),
  v.check((dish) => dish.freezePortions <= dish.portions, 'More is to be frozen than is made.'),
);

const TEMPLATE = v.object({ slots: list(SLOT, LIMITS.weekSlots[1]), dishes: list(DISH, LIMITS.weekDishes[1]) });

/**
 * Reads a week that is kept to be used again, before anything believes it. What is not named in it is left away.
 * @example readTemplate({ slots: [], dishes: [] }) // { ok: true, value: { slots: [], dishes: [] } }
 */
export function readTemplate(week: unknown): Outcome<TemplateWeek, readonly ShapeFault[]> {
  const read = v.safeParse(TEMPLATE, week);
  return read.success ? done(read.output) : refused(faultsIn(read.issues));
}
