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
  return `The next plan goes by the book still: ${new Intl.ListFormat('en').format(all)}.`;
}

const lower = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
