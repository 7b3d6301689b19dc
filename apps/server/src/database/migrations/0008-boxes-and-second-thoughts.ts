import type { Migration } from './migration.ts';

/** Which kind of box a lot stands in; what a batch weighed; and that it was boxed again. */
export const boxesAndSecondThoughts: Migration = {
  name: '0008-boxes-and-second-thoughts',
  sql: `
ALTER TABLE lot ADD COLUMN box text CHECK (length(box) BETWEEN 1 AND 60);
COMMENT ON COLUMN lot.box IS 'The kind of box it stands in, by its name in the kitchen. An empty one is free again.';
ALTER TABLE batch ADD COLUMN yield_g numeric CHECK (yield_g > 0);
COMMENT ON COLUMN batch.yield_g IS 'What it weighed when it was put away; null: nobody weighed it.';
ALTER TABLE batch ADD COLUMN notes jsonb NOT NULL DEFAULT '[]' CHECK (jsonb_typeof(notes) = 'array');
COMMENT ON COLUMN batch.notes IS 'What was noted at its steps while it was cooked.';
ALTER TABLE batch ADD COLUMN reopened_at timestamptz;
COMMENT ON COLUMN batch.reopened_at IS 'When its putting away was last taken back. The movements that did it stay in the ledger.';
`,
};
