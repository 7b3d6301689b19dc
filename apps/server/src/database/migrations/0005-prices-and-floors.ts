import type { Migration } from './migration.ts';

/** What things cost where, what should never run out, and a word for what is only roughly known. */
export const pricesAndFloors: Migration = {
  name: '0005-prices-and-floors',
  sql: `
CREATE TABLE price (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  food uuid NOT NULL,
  on_day date NOT NULL,
  minor bigint NOT NULL CHECK (minor >= 0),
  amount numeric NOT NULL CHECK (amount > 0),
  shop text CHECK (length(shop) BETWEEN 1 AND 60),
  PRIMARY KEY (kitchen, id),
  FOREIGN KEY (kitchen, food) REFERENCES food
);
CREATE INDEX price_by_food ON price (kitchen, food, on_day);
COMMENT ON TABLE price IS 'What was asked for so much of a food, entered by hand. What was paid stands with the lots.';

CREATE TABLE floor (
  kitchen uuid NOT NULL,
  food uuid NOT NULL,
  amount numeric NOT NULL CHECK (amount > 0),
  PRIMARY KEY (kitchen, food),
  FOREIGN KEY (kitchen, food) REFERENCES food
);
COMMENT ON TABLE floor IS 'Stock that should never fall below an amount, in the base unit of its food.';

ALTER TABLE lot ADD COLUMN rough boolean NOT NULL DEFAULT false;
ALTER TABLE lot ADD COLUMN shop text CHECK (length(shop) BETWEEN 1 AND 60);
COMMENT ON COLUMN lot.rough IS 'The amount was judged by eye: "about half a bag".';

CREATE INDEX movement_by_time ON movement (kitchen, at);
${['price', 'floor']
  .map(
    (table) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON ${table} USING (kitchen = nullif(current_setting('kestrel.kitchen', true), '')::uuid);`,
  )
  .join('')}
`,
};
