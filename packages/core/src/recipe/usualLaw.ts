import type { Food, FoodRole } from '../food/index.ts';
import type { Law } from './revision.ts';

/** Seasonings grow slower than the batch. Common practice, no published source. */
const SLOWER: Law = { law: 'slower', exponent: 0.585 };

/** What is tasted for itself is held back in a large batch; what sweetens, binds, raises or colours does its work by the gram. */
const HELD_BACK: readonly FoodRole[] = ['heat', 'aromatic', 'salt', 'umami', 'acid'];

/** How the amount of a seasoning usually grows: by what it does in a dish, not by the shelf it stands on. A sweetener is no spice. */
export function usualLaw({ facts }: Pick<Food, 'facts'>): Law {
  if (facts.kind !== 'seasoning') return { law: 'in proportion' };
  const roles = facts.roles ?? [];
  const heldBack = roles.length === 0 || roles.some((role) => HELD_BACK.includes(role));
  return heldBack ? SLOWER : { law: 'in proportion' };
}
