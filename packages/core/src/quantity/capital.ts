/** The first letter of words as a capital. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
