/** How a kitchen writes figures: its decimal sign, and whether it weighs in grams or ounces. */
export interface Figures {
  readonly decimal: '.' | ',';
  readonly mass: 'g' | 'oz';
}

const USUAL: Figures = { decimal: '.', mass: 'g' };
let now = USUAL;

/** How figures are written from here on in this thread; undefined: 1.5, in grams. A page, and each of its workers, shows one kitchen at a time. */
export function writeFiguresSo(figures: Partial<Figures> | undefined): void {
  now = { ...USUAL, ...figures };
}
export const figuresNow = (): Figures => now;

/**
 * A number with so many digits behind its sign, as the kitchen writes it.
 * @example fixed(1.5, 2) // => '1.50'
 */
export const fixed = (n: number, digits: number): string => n.toFixed(digits).replace('.', now.decimal);

/**
 * The same without what is nothing behind it.
 * @example shortest(1.5, 2) // => '1.5'
 */
export const shortest = (n: number, digits: number): string =>
  String(Number(n.toFixed(digits))).replace('.', now.decimal);
