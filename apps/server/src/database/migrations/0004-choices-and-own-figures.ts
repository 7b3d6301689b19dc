import type { Migration } from './migration.ts';

/** A batch keeps all its choices in one place, and what really went in; a revision says when and why it was made; a kitchen's own figures stand beside the book's. */
export const choicesAndOwnFigures: Migration = {
  name: '0004-choices-and-own-figures',
  sql: `
ALTER TABLE batch ADD COLUMN choice jsonb NOT NULL DEFAULT '{}';
ALTER TABLE batch ADD COLUMN finals jsonb NOT NULL DEFAULT '[]';
UPDATE batch SET choice = jsonb_build_object('swaps', swaps) WHERE swaps <> '[]'::jsonb;
ALTER TABLE batch DROP COLUMN swaps;
COMMENT ON COLUMN batch.choice IS 'What the cook chose where the recipe leaves a choice: method, version, fills of slots, swaps. The recipe is not touched.';
COMMENT ON COLUMN batch.finals IS 'What really went in, line by line, where it was not what was planned.';

ALTER TABLE revision ADD COLUMN made_at timestamptz NOT NULL DEFAULT now();
ALTER TABLE revision ADD COLUMN why text NOT NULL DEFAULT 'written down' CHECK (length(why) BETWEEN 1 AND 200);
COMMENT ON TABLE revision IS 'A recipe as it was at one time. Rows are added, never changed, but for the mark that it was cooked.';

ALTER TABLE food ADD COLUMN own jsonb NOT NULL DEFAULT '{}';
ALTER TABLE food DROP COLUMN overruled;
COMMENT ON COLUMN food.facts IS 'As the book, or whoever added the food, has it.';
COMMENT ON COLUMN food.own IS 'Figures that this kitchen set for itself; they stand before those in facts.';
`,
};
