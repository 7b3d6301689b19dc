import type { Migration } from './migration.ts';

export const swaps: Migration = {
  name: '0003-swaps',
  sql: `
ALTER TABLE batch ADD COLUMN swaps jsonb NOT NULL DEFAULT '[]';
ALTER TABLE lot ADD COLUMN allergens text[];
COMMENT ON COLUMN lot.allergens IS 'Of a made lot, with the swaps of its batch; null: as its food says.';
COMMENT ON COLUMN batch.swaps IS 'Other foods in lines of this batch alone; the recipe is not touched.';
`,
};
