import type { Migration } from './migration.ts';

/** Beside "judged by eye" there is "some, and nobody has looked how much". */
export const howKnown: Migration = {
  name: '0006-how-known',
  sql: `
ALTER TABLE lot ALTER COLUMN rough DROP DEFAULT;
ALTER TABLE lot ALTER COLUMN rough TYPE text USING CASE WHEN rough THEN 'rough' ELSE 'exact' END;
ALTER TABLE lot RENAME COLUMN rough TO known;
ALTER TABLE lot ALTER COLUMN known SET DEFAULT 'exact';
ALTER TABLE lot ADD CONSTRAINT lot_known CHECK (known IN ('exact', 'rough', 'unknown'));
COMMENT ON COLUMN lot.known IS 'How well the amount is known. Of an unknown one, on_hand holds what stands in for it until somebody counts.';
`,
};
