import type { Migration } from './migration.ts';

/** What a batch was reckoned to weigh when it was put away: a weight is held against it. */
export const whatWasReckoned: Migration = {
  name: '0012-what-was-reckoned',
  sql: `
ALTER TABLE batch ADD COLUMN reckoned_g numeric CHECK (reckoned_g > 0);
COMMENT ON COLUMN batch.reckoned_g IS 'By the book, of what really went in. Null: not put away, or before this was kept.';
`,
};
