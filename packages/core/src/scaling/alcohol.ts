import { fixed } from '../quantity/index.ts';
import type { Reasoned } from '../quantity/index.ts';
import { HEATING, expectedMinutes, type Revision, type Step } from '../recipe/index.ts';
import type { ScaledBatch } from './scaleBatch.ts';

/** Share of the alcohol that is left after so many minutes of simmering. Source: USDA retention table (from memory). It is never nothing. */
const LEFT_AFTER: readonly (readonly [minutes: number, share: number])[] = [
  [0, 0.85],
  [15, 0.4],
  [30, 0.35],
  [60, 0.25],
  [150, 0.05],
];

/**
 * Share of the alcohol that is left, between the rows of the table.
 * @example alcoholLeft(15) // => 0.4
 */
export function alcoholLeft(minutes: number): number {
  const after = LEFT_AFTER.findIndex(([at]) => at >= minutes);
  const [high, low] = [LEFT_AFTER[after], LEFT_AFTER[after - 1]];
  if (!high) return LEFT_AFTER.at(-1)?.[1] ?? 0;
  if (!low) return high[1];
  return low[1] + ((high[1] - low[1]) * (minutes - low[0])) / (high[0] - low[0]);
}

/** Grams of alcohol in a portion after cooking; undefined where none goes in. */
export function alcoholPerPortion(batch: ScaledBatch): Reasoned<number> | undefined {
  const parts = batch.lines.flatMap(({ line, food, grams }) => {
    const per100 = food.facts.composition?.value.alcoholG;
    if (!per100 || !grams) return [];
    const minutes = line.into.flatMap(({ step }) => hotMinutesFrom(batch.recipe, step) ?? []);
    // What never gets warm keeps all of it.
    const simmers = minutes.length < line.into.length ? undefined : Math.max(...minutes);
    const share = simmers === undefined ? 1 : alcoholLeft(simmers);
    const in_ = (grams.g.valueOf() * per100) / 100 / batch.portions.valueOf();
    return [{ food, in_, simmers, share, left: in_ * share }];
  });
  if (parts.length === 0) return undefined;
  const value = parts.reduce((sum, { left }) => sum + left, 0);
  return {
    value,
    because: {
      rule: 'alcohol that goes in × what is left after simmering ÷ portions',
      figure: `${fixed(value, 1)} g`,
      parts: parts.map(({ food, in_, simmers, share, left }) => ({
        rule: `${food.name}: ${fixed(in_, 1)} g × ${Math.round(share * 100)} %, ${simmers === undefined ? 'it stays cold' : `left after ${simmers} min`}`,
        figure: `${fixed(left, 1)} g`,
      })),
      source: 'USDA retention table (from memory)',
    },
  };
}

/** Minutes over heat from a step on; undefined where it never gets warm. */
function hotMinutesFrom({ steps, uses }: Revision, from: string): number | undefined {
  const order = steps.map((step) => step.id);
  const hot = (step: Step) =>
    uses.some(
      (use) =>
        HEATING.includes(use.station) &&
        order.indexOf(use.from) <= order.indexOf(step.id) &&
        order.indexOf(step.id) <= order.indexOf(use.to),
    );
  const warm = steps.slice(Math.max(0, order.indexOf(from))).filter(hot);
  return warm.length === 0 ? undefined : warm.reduce((sum, step) => sum + expectedMinutes(step), 0);
}
