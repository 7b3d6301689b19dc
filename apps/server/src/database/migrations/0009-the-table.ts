import type { Migration } from './migration.ts';

/** Who eats what, what is planned for which meal, what was really eaten, and weeks to be used again. */
export const theTable: Migration = {
  name: '0009-the-table',
  sql: `
ALTER TABLE eater ADD COLUMN tastes jsonb NOT NULL DEFAULT '{}' CHECK (jsonb_typeof(tastes) = 'object');
COMMENT ON COLUMN eater.tastes IS 'What somebody eats and how much of it; what is left out is as usual.';
ALTER TABLE eater ADD COLUMN gone boolean NOT NULL DEFAULT false;
COMMENT ON COLUMN eater.gone IS 'No longer in the kitchen; what they ate stays.';
ALTER TABLE eater ADD COLUMN version int NOT NULL DEFAULT 1;

ALTER TABLE appetite ADD COLUMN since date;
COMMENT ON COLUMN appetite.since IS 'What was eaten before that day no longer counts for what is learned.';

CREATE TABLE slot (
  kitchen uuid NOT NULL REFERENCES kitchen,
  day date NOT NULL,
  meal text NOT NULL CHECK (meal IN ('lunch', 'dinner')),
  parts jsonb NOT NULL DEFAULT '[]' CHECK (jsonb_typeof(parts) = 'array'),
  guests int NOT NULL DEFAULT 0 CHECK (guests BETWEEN 0 AND 200),
  serve_at text CHECK (serve_at ~ '^([01][0-9]|2[0-3]):[0-5][0-9]$'),
  locked boolean NOT NULL DEFAULT false,
  note text CHECK (length(note) BETWEEN 1 AND 200),
  PRIMARY KEY (kitchen, day, meal)
);
COMMENT ON TABLE slot IS 'What is said of a meal on a day. A meal without a row is open: something from the boxes.';

CREATE TABLE eaten (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  command uuid NOT NULL,
  day date NOT NULL,
  meal text NOT NULL CHECK (meal IN ('lunch', 'dinner')),
  eater uuid,
  food uuid NOT NULL,
  portions numeric NOT NULL CHECK (portions > 0),
  at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (kitchen, id),
  FOREIGN KEY (kitchen, eater) REFERENCES eater,
  FOREIGN KEY (kitchen, food) REFERENCES food
);
CREATE INDEX eaten_by_day ON eaten (kitchen, day);
COMMENT ON TABLE eaten IS 'Who ate how many portions of what; without an eater it was a guest. The grams stand in the ledger.';

CREATE TABLE week_template (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 60),
  week jsonb NOT NULL CHECK (jsonb_typeof(week) = 'object'),
  PRIMARY KEY (kitchen, id)
);
COMMENT ON TABLE week_template IS 'A week to be used again: its meals by day of the week, its dishes and their sizes.';
${['slot', 'eaten', 'week_template']
  .map(
    (table) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON ${table} USING (kitchen = nullif(current_setting('kestrel.kitchen', true), '')::uuid);`,
  )
  .join('')}
`,
};
