import type { Migration } from './migration.ts';

/** What somebody says of what the runs teach: a sighting is wrong, or a figure begins anew. */
export const saidOfWhatIsLearned: Migration = {
  name: '0011-said-of-what-is-learned',
  sql: `
CREATE TABLE learn_said (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  kind text NOT NULL CHECK (kind IN ('taken out', 'set back')),
  figure_kind text CHECK (length(figure_kind) BETWEEN 1 AND 20),
  figure_of text CHECK (length(figure_of) <= 200),
  run uuid,
  task text CHECK (length(task) BETWEEN 1 AND 200),
  reason text CHECK (length(reason) BETWEEN 1 AND 200),
  at timestamptz NOT NULL,
  PRIMARY KEY (kitchen, id),
  CHECK ((figure_kind IS NULL) = (figure_of IS NULL)),
  CHECK (kind = 'set back' OR (figure_kind IS NOT NULL AND run IS NOT NULL AND task IS NOT NULL AND reason IS NOT NULL))
);
COMMENT ON TABLE learn_said IS 'What somebody says of what runs teach. The sightings themselves stand in the events, and are never changed.';
COMMENT ON COLUMN learn_said.figure_kind IS 'Null: all figures are set back.';
ALTER TABLE learn_said ENABLE ROW LEVEL SECURITY;
ALTER TABLE learn_said FORCE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON learn_said USING (kitchen = nullif(current_setting('kestrel.kitchen', true), '')::uuid);
`,
};
