/** What is understood of a pasted text so far. */
interface Pasted {
  /** It looks like so many, one after the other. */
  readonly recipes: number;
  /** It is one that this program wrote: its name. */
  readonly whole: string | undefined;
  readonly lines: number;
  readonly asked: { readonly lines: number; readonly method: number };
  readonly portionsUnsaid: boolean;
  /** What stands where a name does may be none. */
  readonly nameUnsure: boolean;
  /** A portion weighs more or less than anybody eats. */
  readonly portionsOdd: boolean;
}

/**
 * The one thing that matters of a pasted text now.
 * @example pasteHead({ recipes: 1, whole: undefined, lines: 5, asked: { lines: 2, method: 1 }, portionsUnsaid: false, nameUnsure: false, portionsOdd: false }) // => '2 of 5 lines to put right, 1 thing to say of the method'
 */
export function pasteHead({ recipes, whole, lines, asked, portionsUnsaid, nameUnsure, portionsOdd }: Pasted): string {
  if (recipes > 1) return `This text holds ${recipes} recipes`;
  if (lines === 0) return 'Paste a recipe';
  if (whole !== undefined) return `${whole}, read back whole`;
  const open = [
    ...(asked.lines > 0 ? [`${asked.lines} of ${lines} lines to put right`] : []),
    ...(asked.method > 0 ? [`${asked.method} ${asked.method === 1 ? 'thing' : 'things'} to say of the method`] : []),
  ];
  if (open.length > 0) return open.join(', ');
  // In the order in which the page asks.
  if (nameUnsure) return 'What is the dish called?';
  return portionsUnsaid || portionsOdd ? 'How many portions does it make?' : 'Every line is understood';
}

/**
 * Of portions that nobody eats so large, or so small.
 * @example oddPortionWords(40, '18 g') // => 'As it was read, each of 40 portions weighs 18 g. Is that right? If not, set the number above.'
 */
export const oddPortionWords = (portions: number, each: string): string =>
  portions === 1
    ? `As it was read, the one portion weighs ${each}. Is that right? If not, set the number above.`
    : `As it was read, each of ${portions} portions weighs ${each}. Is that right? If not, set the number above.`;

/** How many recipes of a text are still to be read, once this one is kept. */
export const restWords = (waiting: number): string =>
  waiting === 0
    ? 'This is the last one of the text.'
    : `${waiting === 1 ? 'One more waits' : `${waiting} more wait`} after this one.`;
