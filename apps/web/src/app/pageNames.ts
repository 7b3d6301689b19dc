/** What each page is called: in the tab of the browser, to who hears the page, and in its help. */
const NAMES: Readonly<Record<string, string>> = {
  '/': 'Today',
  '/shelf': 'Shelf',
  '/shelf/count': 'Count the shelf',
  '/shelf/list': 'A list for the shelf',
  '/box': 'Shelf',
  '/week': 'Week',
  '/week/suggest': 'Suggested weeks',
  '/week/menu': 'Menu of four weeks',
  '/week/mend': 'Mend the week',
  '/week/eaters': 'Eaters',
  '/week/door': 'The week for the door',
  '/scale': 'Scale',
  '/shop': 'Shop',
  '/prices': 'Prices',
  '/evening': 'Evening',
  '/cook': 'Cook',
  '/cook/run': 'Cooking',
  '/put-away': 'Put away',
  '/freezer': 'Freezer',
  '/eat': 'Eat',
  '/look-back': 'Look back',
  '/recipes': 'Recipes',
  '/recipes/new': 'Paste a recipe',
  '/recipes/starters': 'Recipes to begin with',
  '/recipes/blank': 'Write a recipe',
  '/recipes/*': 'Recipe',
  '/recipes/*/edit': 'Edit a recipe',
  '/recipes/*/revisions': 'Revisions',
  '/recipes/*/learn': 'What the recipe learns',
  '/foods': 'Foods',
  '/kitchen': 'Kitchen',
  '/kitchen/open': 'Open a kitchen',
};

/**
 * The entry an address begins with, part by part; `*` stands for any part. The longest that fits counts, then the one that says it in words.
 * @example longestPath(['/recipes', '/recipes/*'], '/recipes/3f/edit') // "/recipes/*"
 */
export function longestPath(paths: readonly string[], pathname: string): string | undefined {
  const parts = (path: string) => path.split('/').filter(Boolean);
  const asked = parts(pathname);
  const fits = (path: string) => {
    const own = parts(path);
    return own.length === 0
      ? asked.length === 0
      : own.every((part, n) => part === asked[n] || (part === '*' && asked[n]));
  };
  const weight = (path: string) => parts(path).length - (path.includes('*') ? 0.5 : 0);
  return paths
    .filter(fits)
    .reduce<string | undefined>(
      (best, path) => (best === undefined || weight(path) > weight(best) ? path : best),
      undefined,
    );
}

/**
 * The name of a page by its address.
 * @example pageName('/week/suggest') // "Suggested weeks"
 */
export function pageName(pathname: string): string {
  const at = longestPath(Object.keys(NAMES), pathname);
  return (at === undefined ? undefined : NAMES[at]) ?? 'No such page';
}
