import type { Migration } from './migration.ts';

/** What a lot had left when it was last touched, and what of the fourteen is possible or unknown in it. */
export const ageAndAllergens: Migration = {
  name: '0010-age-and-allergens',
  sql: `
ALTER TABLE lot ADD COLUMN ends_on date;
ALTER TABLE lot ADD COLUMN days_left int;
ALTER TABLE lot ADD COLUMN warm_on date;
ALTER TABLE lot ADD COLUMN may_contain text[];
ALTER TABLE lot ADD COLUMN allergens_unknown text[];
COMMENT ON COLUMN lot.ends_on IS 'The last day it had when it was moved or opened: no step lets it keep longer.';
COMMENT ON COLUMN lot.days_left IS 'Days it still had when it was frozen; that day is spent.';
COMMENT ON COLUMN lot.warm_on IS 'Cooked or thawed, it lay outside the fridge on this day.';
COMMENT ON COLUMN lot.may_contain IS 'Of the fourteen, what often comes along; null where allergens is null.';
COMMENT ON COLUMN lot.allergens_unknown IS 'Foods in it of which nobody knows; null where allergens is null.';
`,
};
