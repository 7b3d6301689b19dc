import { counted, listed } from '@kestrel-ridge/core/quantity';

/** What the shelf asks for, as the page’s head. */
export function shelfHead(pressing: number, lots: number): string {
  if (pressing > 0) return pressing === 1 ? 'Use one thing first' : `Use ${counted(pressing, 'thing')} first`;
  return lots > 0 ? 'Nothing on the shelf presses' : 'The shelf is empty';
}

/** What a list that is being put on the shelf still asks, as the page’s head. */
export function listHead(understood: number, open: number): string {
  if (understood + open === 0) return 'Put a list on the shelf';
  return open === 0 ? 'Every line is understood' : `${open} of ${counted(understood + open, 'line')} to put right`;
}
/** What the button does with a list: `out` rows of a table are left out, `stay` lines stay to be put right. */
export const putWords = (lines: number, out: number, stay: number): string =>
  [
    `Put ${counted(lines, 'line')} on the shelf`,
    ...(out > 0 ? [`leave ${out} out`] : []),
    ...(stay > 0 ? [counted(stay, 'stays here', 'stay here')] : []),
  ].join(', ');
export const areOnShelfWords = (lines: number): string => `${counted(lines, 'line is', 'lines are')} on the shelf.`;

/** What a count has shown, as the page’s head. */
export const countedHead = (looked: number, changed: number): string =>
  changed === 0
    ? `${looked} counted, nothing has changed`
    : `${changed} of ${looked} ${changed === 1 ? 'was' : 'were'} not as the book said`;
/** So many that were not counted are named. */
const NAMED = 6;
export function notCountedWords(left: readonly string[]): string {
  if (left.length === 0) return 'Everything was counted.';
  const more = left.length - NAMED;
  return `Not counted: ${listed(more > 0 ? [...left.slice(0, NAMED), `${more} more`] : left)}.`;
}

/** What is thrown or given away, for the way back. */
export const awayWords = (given: boolean, amount: string, food: string): string =>
  `${given ? 'Gave' : 'Threw'} away ${amount} ${food}`;

/** How long warming takes; several things are all hot together. */
export const warmingWords = (minutes: number, things: number): string =>
  `Warming takes ${minutes} min${things > 1 ? ', all hot together' : ''}`;

/** Portions that are cold, behind their number, and those in the freezer. */
export const coldWords = (cold: number, frozen: number): string =>
  `${cold === 1 ? 'portion' : 'portions'} cold${frozen > 0 ? `, ${frozen} frozen` : ''}`;
