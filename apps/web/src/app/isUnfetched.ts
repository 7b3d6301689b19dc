/**
 * Where a part of the pages, or how it looks, cannot be fetched: the network is away, or a new build has taken the place of the one that is open.
 * Browsers say it of a script in words of their own, each another way; of a style sheet it is Vite's loader that says it.
 */
export const isUnfetched = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|module script|Importing a module|Unable to preload CSS/i.test(error.message);
