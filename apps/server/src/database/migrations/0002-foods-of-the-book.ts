import type { Migration } from './migration.ts';

/** A kitchen may overrule the facts of a food; until it does, they follow the book. */
export const foodsOfTheBook: Migration = {
  name: '0002-foods-of-the-book',
  sql: `
ALTER TABLE food ADD COLUMN overruled boolean NOT NULL DEFAULT false;
COMMENT ON COLUMN food.overruled IS 'This kitchen set facts of its own: the book no longer changes them.';
`,
};
