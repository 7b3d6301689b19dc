import type { Migration } from './migration.ts';

/** Every table but `kitchen` begins with the kitchen it belongs to, and its keys carry it: no row can point into another kitchen. */
const scoped = [
  'place',
  'food',
  'lot',
  'movement',
  'command',
  'recipe',
  'revision',
  'revision_food',
  'eater',
  'attendance',
  'appetite',
  'session',
  'batch',
  'run',
  'event',
];

export const firstTables: Migration = {
  name: '0001-first-tables',
  sql: `
CREATE TABLE kitchen (
  id uuid PRIMARY KEY,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 80),
  equipment jsonb NOT NULL,
  version int NOT NULL DEFAULT 1
);

CREATE TABLE command (
  kitchen uuid NOT NULL REFERENCES kitchen DEFERRABLE INITIALLY DEFERRED,
  key uuid NOT NULL,
  name text NOT NULL,
  fingerprint text NOT NULL,
  answer jsonb,
  at timestamptz NOT NULL DEFAULT now(),
  undone_by uuid,
  PRIMARY KEY (kitchen, key)
);
COMMENT ON TABLE command IS 'What was asked and done, by the key the client made: the same key gets the same answer and is done once.';

CREATE TABLE place (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 60),
  kind text NOT NULL CHECK (kind IN ('cupboard', 'cool room', 'fridge', 'freezer')),
  position int NOT NULL,
  PRIMARY KEY (kitchen, id),
  UNIQUE (kitchen, name)
);

CREATE TABLE recipe (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 120),
  PRIMARY KEY (kitchen, id)
);

CREATE TABLE food (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 120),
  facts jsonb NOT NULL,
  recipe uuid,
  PRIMARY KEY (kitchen, id),
  UNIQUE (kitchen, name),
  FOREIGN KEY (kitchen, recipe) REFERENCES recipe
);
COMMENT ON COLUMN food.recipe IS 'Set when this food is what a recipe yields.';

CREATE TABLE revision (
  kitchen uuid NOT NULL,
  recipe uuid NOT NULL,
  number int NOT NULL CHECK (number > 0),
  document jsonb NOT NULL,
  cooked boolean NOT NULL DEFAULT false,
  PRIMARY KEY (kitchen, recipe, number),
  FOREIGN KEY (kitchen, recipe) REFERENCES recipe
);
CREATE TABLE revision_food (
  kitchen uuid NOT NULL,
  recipe uuid NOT NULL,
  number int NOT NULL,
  food uuid NOT NULL,
  PRIMARY KEY (kitchen, recipe, number, food),
  FOREIGN KEY (kitchen, recipe, number) REFERENCES revision,
  FOREIGN KEY (kitchen, food) REFERENCES food
);
CREATE INDEX revision_food_by_food ON revision_food (kitchen, food);

CREATE TABLE session (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL,
  starts_at timestamptz NOT NULL,
  cooks int NOT NULL CHECK (cooks BETWEEN 1 AND 4),
  status text NOT NULL DEFAULT 'planned' CHECK (status IN ('planned', 'running', 'done')),
  version int NOT NULL DEFAULT 1,
  PRIMARY KEY (kitchen, id)
);

CREATE TABLE batch (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  session uuid NOT NULL,
  recipe uuid NOT NULL,
  revision int NOT NULL,
  portions numeric NOT NULL CHECK (portions > 0 AND portions <= 500),
  freeze_portions numeric NOT NULL DEFAULT 0 CHECK (freeze_portions >= 0 AND freeze_portions <= portions),
  status text NOT NULL DEFAULT 'planned' CHECK (status IN ('planned', 'put away', 'dropped')),
  cost_used_minor bigint,
  cost_till_minor bigint,
  boxed_portions numeric,
  put_away_at timestamptz,
  version int NOT NULL DEFAULT 1,
  PRIMARY KEY (kitchen, id),
  FOREIGN KEY (kitchen, session) REFERENCES session,
  FOREIGN KEY (kitchen, recipe, revision) REFERENCES revision,
  CHECK ((status = 'put away') = (put_away_at IS NOT NULL)),
  CHECK ((status = 'put away') = (cost_used_minor IS NOT NULL))
);
CREATE INDEX batch_by_session ON batch (kitchen, session);

CREATE TABLE lot (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  food uuid NOT NULL,
  place uuid NOT NULL,
  base text NOT NULL CHECK (base IN ('g', 'mL', 'each')),
  origin text NOT NULL CHECK (origin IN ('bought', 'made', 'found')),
  batch uuid,
  bought_on date,
  made_on date,
  opened_on date,
  best_before date,
  use_by date,
  frozen_on date,
  thawed_on date,
  priced_minor bigint CHECK (priced_minor >= 0),
  priced_amount numeric CHECK (priced_amount > 0),
  portion_g numeric CHECK (portion_g > 0),
  on_hand numeric NOT NULL DEFAULT 0 CONSTRAINT on_hand_not_negative CHECK (on_hand >= 0),
  version int NOT NULL DEFAULT 0,
  PRIMARY KEY (kitchen, id),
  FOREIGN KEY (kitchen, food) REFERENCES food,
  FOREIGN KEY (kitchen, place) REFERENCES place,
  FOREIGN KEY (kitchen, batch) REFERENCES batch,
  CHECK ((priced_minor IS NULL) = (priced_amount IS NULL))
);
CREATE INDEX lot_on_hand ON lot (kitchen, food) WHERE on_hand > 0;
COMMENT ON TABLE lot IS 'Some of a food in one place. Place and dates never change: what is moved, opened, frozen or thawed becomes a new lot.';
COMMENT ON COLUMN lot.on_hand IS 'Snapshot of the sum of its movements, kept by the trigger movement_counts; so reading a shelf does not grow slower with the age of a kitchen.';

CREATE TABLE movement (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  lot uuid NOT NULL,
  amount numeric NOT NULL CHECK (amount <> 0),
  kind text NOT NULL CHECK (kind IN ('bought', 'counted', 'used', 'made', 'moved', 'opened', 'frozen', 'thawed', 'eaten', 'thrown', 'corrected')),
  at timestamptz NOT NULL DEFAULT now(),
  command uuid NOT NULL,
  batch uuid,
  reason text,
  PRIMARY KEY (kitchen, id),
  FOREIGN KEY (kitchen, lot) REFERENCES lot,
  FOREIGN KEY (kitchen, command) REFERENCES command,
  FOREIGN KEY (kitchen, batch) REFERENCES batch
);
CREATE INDEX movement_by_lot ON movement (kitchen, lot, at);
CREATE INDEX movement_by_command ON movement (kitchen, command);
COMMENT ON TABLE movement IS 'The ledger: rows are added, never changed. A mistake is put right by one more row.';
COMMENT ON COLUMN movement.amount IS 'In the base unit of its lot (g, mL or each); negative when food leaves.';

CREATE FUNCTION movement_counts() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE lot SET on_hand = on_hand + NEW.amount, version = version + 1 WHERE kitchen = NEW.kitchen AND id = NEW.lot;
  RETURN NEW;
END $$;
CREATE TRIGGER movement_counts AFTER INSERT ON movement FOR EACH ROW EXECUTE FUNCTION movement_counts();

CREATE FUNCTION ledger_only_grows() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'The ledger only grows: add a movement that corrects it.';
END $$;
CREATE TRIGGER movement_stays BEFORE UPDATE OR DELETE ON movement FOR EACH ROW EXECUTE FUNCTION ledger_only_grows();

CREATE TABLE eater (
  kitchen uuid NOT NULL REFERENCES kitchen,
  id uuid NOT NULL,
  name text NOT NULL CHECK (length(trim(name)) BETWEEN 1 AND 60),
  appetite numeric NOT NULL DEFAULT 1 CHECK (appetite > 0 AND appetite <= 4),
  weekdays int[] NOT NULL,
  PRIMARY KEY (kitchen, id)
);
CREATE TABLE attendance (
  kitchen uuid NOT NULL,
  eater uuid NOT NULL,
  day date NOT NULL,
  here boolean NOT NULL,
  PRIMARY KEY (kitchen, eater, day),
  FOREIGN KEY (kitchen, eater) REFERENCES eater
);
CREATE TABLE appetite (
  kitchen uuid NOT NULL,
  food uuid NOT NULL,
  portions_a_day numeric NOT NULL CHECK (portions_a_day >= 0 AND portions_a_day <= 6),
  PRIMARY KEY (kitchen, food),
  FOREIGN KEY (kitchen, food) REFERENCES food
);
COMMENT ON TABLE appetite IS 'Portions of a component that one eater takes in a day.';

CREATE TABLE run (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  session uuid NOT NULL,
  started_at timestamptz NOT NULL,
  problem jsonb NOT NULL,
  plan jsonb NOT NULL,
  about jsonb NOT NULL,
  PRIMARY KEY (kitchen, id),
  UNIQUE (kitchen, session),
  FOREIGN KEY (kitchen, session) REFERENCES session
);
CREATE TABLE event (
  kitchen uuid NOT NULL,
  id uuid NOT NULL,
  run uuid NOT NULL,
  device text NOT NULL,
  device_seq int NOT NULL,
  clock int NOT NULL CHECK (clock > 0),
  at timestamptz NOT NULL,
  received_at timestamptz NOT NULL DEFAULT now(),
  what jsonb NOT NULL,
  PRIMARY KEY (kitchen, id),
  UNIQUE (kitchen, run, device, device_seq),
  FOREIGN KEY (kitchen, run) REFERENCES run
);

ALTER TABLE kitchen ENABLE ROW LEVEL SECURITY;
ALTER TABLE kitchen FORCE ROW LEVEL SECURITY;
CREATE POLICY kitchen_names ON kitchen FOR SELECT USING (true);
CREATE POLICY own_kitchen_new ON kitchen FOR INSERT WITH CHECK (id = nullif(current_setting('kestrel.kitchen', true), '')::uuid);
CREATE POLICY own_kitchen_change ON kitchen FOR UPDATE USING (id = nullif(current_setting('kestrel.kitchen', true), '')::uuid);
${scoped
  .map(
    (table) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON ${table} USING (kitchen = nullif(current_setting('kestrel.kitchen', true), '')::uuid);`,
  )
  .join('')}
`,
};
