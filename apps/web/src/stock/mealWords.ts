import { longDayName } from '../parts/times.ts';
import type { Day } from '@kestrel-ridge/core/quantity';
import type { MealName } from '@kestrel-ridge/core/week';

/** Who is at the table of a day: "4 ate yesterday: Ines, Marek." */
export function tableWords(names: readonly string[], yesterday: boolean): string {
  if (names.length === 0) return yesterday ? 'Nobody was here yesterday.' : 'Nobody is here today.';
  const eats = yesterday ? 'ate yesterday' : names.length === 1 ? 'eats today' : 'eat today';
  return `${names.length} ${eats}: ${names.join(', ')}.`;
}

/** What is noted for a meal already, so that nobody notes it twice. Portions to a half. */
export function notedWords(portions: number, meal: MealName, day: Day): string {
  const n = Math.max(0.5, Math.round(portions * 2) / 2);
  const whole = Math.floor(n) === 0 ? '' : `${Math.floor(n)}`;
  const said = `${whole}${n % 1 === 0 ? '' : '½'} ${n > 1 ? 'portions are' : 'portion is'}`;
  return `${said} noted for ${meal} on ${longDayName(day)} already.`;
}
