import { counted, listed, portionsText } from '@kestrel-ridge/core/quantity';

/** What lies in the freezer, as the page’s head. */
export const freezerHead = (portions: number, boxes: number): string =>
  boxes === 0 ? 'No box is in the freezer' : `${portionsText(portions)} in ${counted(boxes, 'frozen box')}`;

/** What has to be boxed, as the page’s head; `cooked`: something has been cooked or is. */
export function toBoxHead(open: number, done: number, cooked: boolean): string {
  if (open === 0 && done > 0) return 'All boxed: nothing left to put away';
  return cooked ? `${counted(open, 'dish')} to box` : 'Nothing to put away yet';
}

/** So many steps until it can be boxed. */
export const stillCookingWords = (steps: number): string => `still cooking, ${counted(steps, 'step')} to go`;

/** How much of what stays apart goes with a box of each size. */
export const apartWords = (sizes: readonly { readonly amount: string; readonly portions: number }[]): string =>
  listed(sizes.map(({ amount, portions }) => `${amount} for a box of ${portions}`));

/** How much goes into a box of each size. */
export const splitWords = (boxes: readonly { readonly amount: string; readonly portions: number }[]): string =>
  boxes.map(({ amount, portions }) => `${amount} in a box of ${portions}`).join(', ');

/** How full a box is; above its line it is too full. */
export function fullWords(share: number, inFreezer: boolean): string {
  const percent = `${Math.round(share * 100)} %`;
  if (share <= TOO_FULL) return `${percent} full`;
  return inFreezer ? `${percent}: too full, it grows as it freezes` : `${percent}: too full`;
}
/** A hair above the line is the line: shares are rounded. */
export const TOO_FULL = 1.001;

/** What the button that prints says. */
export const labelsWords = (labels: number): string =>
  labels === 1 ? 'Label as PDF' : `${counted(labels, 'label')} as PDF`;

/** A stage of cooling that nobody has measured yet; `expected`: the clock, undefined where still air never gets there. */
export const notMeasuredWords = (expected: string | undefined, air: string, left: string): string =>
  `unknown yet; expected ${expected === undefined ? `never in still air of ${air}` : `about ${expected}`}, ${left} left`;
