/** @example guestsOf(1) // "1 guest" */
export const guestsOf = (n: number): string => `${n} ${n === 1 ? 'guest' : 'guests'}`;

/** Who is at the table of a meal: "Bero, Ilva eat with 2 guests." */
export function atTableWords(names: readonly string[], guests: number): string {
  const eat = names.length === 1 ? 'eats' : 'eat';
  const own = names.length === 0 ? 'Nobody of the kitchen eats then' : `${names.join(', ')} ${eat}`;
  if (guests === 0) return `${own}.`;
  return names.length === 0
    ? `${own}; ${guestsOf(guests)} ${guests === 1 ? 'does' : 'do'}.`
    : `${own} with ${guestsOf(guests)}.`;
}
