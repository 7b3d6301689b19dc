import type { Migration } from './migration.ts';

/** What somebody read off a scale, against what the book says of it. */
export const whatWasRead: Migration = {
  name: '0013-what-was-read',
  sql: `
CREATE TABLE learn_reading (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  figure_kind text NOT NULL CHECK (figure_kind IN ('food', 'pot loss')),
  figure_of text NOT NULL CHECK (length(figure_of) BETWEEN 1 AND 200),
  real_value numeric NOT NULL CHECK (real_value > 0),
  book_value numeric NOT NULL CHECK (book_value > 0),
  what text NOT NULL CHECK (length(what) BETWEEN 1 AND 200),
  at timestamptz NOT NULL,
  PRIMARY KEY (kitchen, id)
);
COMMENT ON TABLE learn_reading IS 'What somebody read off a scale: one of a food''s figures, or what a pot of grain lost. Both values in the figure''s own unit.';
COMMENT ON COLUMN learn_reading.book_value IS 'What the book said of it then: the reading is held against that.';
ALTER TABLE learn_reading ENABLE ROW LEVEL SECURITY;
ALTER TABLE learn_reading FORCE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON learn_reading USING (kitchen = nullif(current_setting('kestrel.kitchen', true), '')::uuid);
`,
};
