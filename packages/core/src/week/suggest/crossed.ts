import { MEALS_A_DAY } from '../meals.ts';
import type { Draft } from './score.ts';

/** So often a batch that both weeks could say something of is as the first one has it. */
const MOSTLY = 0.7;

/**
 * A week put together of two: each day as one of them has it, each batch of a size that one of them has. What is good about a week is mostly good about some of its days,
 * and two that were found apart have found different days.
 */
export function crossed(one: Draft, other: Draft, random: () => number): Draft {
  const days = Array.from({ length: Math.ceil(one.meals.length / MEALS_A_DAY) }, () => random() < 0.5);
  return {
    meals: one.meals.map((meal, m) => (days[Math.floor(m / MEALS_A_DAY)] ? meal : (other.meals[m] ?? meal))),
    sizes: one.sizes.map((size, c) => (size > 0 && random() < MOSTLY ? size : other.sizes[c] || size)),
    into: one.into.map((session, c) => ((one.sizes[c] ?? 0) > 0 ? session : (other.into[c] ?? session))),
  };
}
