/** A recipe as plain words: what a pasted text, a page's data or a Markdown file can hold. */
export interface RecipeText {
  readonly name: string;
  readonly portions: number | undefined;
  readonly ingredients: readonly string[];
  /** For which part of the dish each ingredient is, where the list is parted; empty: for none. */
  readonly groups?: readonly string[];
  readonly method: readonly string[];
  /** What is neither bought nor done: a word before, times, how it keeps. */
  readonly notes?: readonly string[];
}
