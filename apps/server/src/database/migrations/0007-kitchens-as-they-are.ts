import type { Migration } from './migration.ts';

/** A kitchen has several ovens and pots; what the cook says of a plan belongs to the session, not to one tablet. */
export const kitchensAsTheyAre: Migration = {
  name: '0007-kitchens-as-they-are',
  sql: `
ALTER TABLE kitchen ALTER COLUMN equipment TYPE jsonb USING
  (equipment - 'oven' - 'potLitres' - 'potAcrossCm')
  || jsonb_build_object(
       'ovens', CASE WHEN equipment ? 'oven' THEN jsonb_build_array(equipment -> 'oven') ELSE coalesce(equipment -> 'ovens', '[]') END,
       'pots', CASE WHEN equipment ? 'potLitres' THEN jsonb_build_array(jsonb_build_object(
         'name', 'large pot', 'litres', equipment -> 'potLitres', 'acrossCm', coalesce(equipment -> 'potAcrossCm', '22')))
         ELSE coalesce(equipment -> 'pots', '[]') END,
       'kettle', coalesce(equipment -> 'kettle', '{"litres": 1.7, "watts": 2000}'));
ALTER TABLE session ADD COLUMN wishes jsonb NOT NULL DEFAULT '{"pins": {}, "breaks": []}' CHECK (jsonb_typeof(wishes) = 'object');
COMMENT ON COLUMN session.wishes IS 'What the cook said of the plan: pins, breaks, who does what, what is cut in one go or the evening before.';
`,
};
