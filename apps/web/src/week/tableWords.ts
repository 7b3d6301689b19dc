import { counted, listed } from '@kestrel-ridge/core/quantity';

/** @example guestsOf(1) // "1 guest" */
export const guestsOf = (n: number): string => counted(n, 'guest');

/** Who is at the table of a meal: "Bero and Ilva eat with 2 guests." */
export function atTableWords(names: readonly string[], guests: number): string {
  const eat = names.length === 1 ? 'eats' : 'eat';
  const own = names.length === 0 ? 'Nobody of the kitchen eats then' : `${listed(names)} ${eat}`;
  if (guests === 0) return `${own}.`;
  return names.length === 0
    ? `${own}; ${guestsOf(guests)} ${guests === 1 ? 'does' : 'do'}.`
    : `${own} with ${guestsOf(guests)}.`;
}
