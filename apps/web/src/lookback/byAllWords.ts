import { listed } from '@kestrel-ridge/core/quantity';
/** So many are named, the others counted. */
const NAMED = 3;

/**
 * Figures that are surer here than the book, and that no plan goes by yet.
 * @example byAllWords([{ what: 'Work of all hands takes', here: '0.96 times' }]) // "The next plan goes by the book still: work of all hands takes 0.96 times here."
 */
export function byAllWords(unused: readonly { readonly what: string; readonly here: string }[]): string {
  const named = unused.slice(0, NAMED).map(({ what, here }) => `${lower(what)} ${here} here`);
  const more = unused.length - named.length;
  const all = more > 0 ? [...named, `${more} more`] : named;
  return `The next plan goes by the book still: ${listed(all)}.`;
}

/**
 * What was done, beside its way back: plans go by figures of the kitchen, or by the book again.
 * @example goneByWords(['Work of all hands takes', 'leek: edible part of what is bought'], 'kitchen') // "2 figures are planned with"
 */
export const goneByWords = (what: readonly string[], by: 'kitchen' | 'book'): string => {
  const [first] = what;
  const figures = what.length === 1 && first !== undefined ? `“${first}”` : `${what.length} figures`;
  const verb = what.length === 1 ? 'is' : 'are';
  return by === 'kitchen' ? `${figures} ${verb} planned with` : `${figures} ${verb} the book’s again`;
};

/** What the button says that plans with so many figures. */
export const planWithWords = (figures: number): string => (figures === 1 ? 'Plan with it' : 'Plan with all of them');

const lower = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
