import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Umzug } from 'umzug';
import { migrations } from './migrations/index.ts';

/** Any number: all who migrate take this lock, so that two starting servers do not both change the schema. */
const LOCK = 4_180_118;

/**
 * Brings the schema up to date. Each migration runs, and is noted, in one transaction behind a lock: umzug's own note comes after the step,
 * and a crash between the two would run it again.
 */
export async function migrate(sequelize: Sequelize): Promise<readonly string[]> {
  await sequelize.query(
    'CREATE TABLE IF NOT EXISTS migration (name text PRIMARY KEY, at timestamptz NOT NULL DEFAULT now())',
  );
  const noted = async (transaction?: Transaction) =>
    (
      await sequelize.query<{ name: string }>('SELECT name FROM migration ORDER BY name', {
        type: QueryTypes.SELECT,
        ...(transaction ? { transaction } : {}),
      })
    ).map(({ name }) => name);

  const newer = (await noted()).filter((name) => !migrations.some((each) => each.name === name));
  if (newer.length > 0)
    throw new Error(
      `This database was used by a newer Kestrel Ridge (${newer.join(', ')}). Start that version again, or restore a backup from before it; nothing was changed.`,
    );

  const umzug = new Umzug({
    migrations: migrations.map(({ name, sql }) => ({
      name,
      up: () =>
        sequelize.transaction(async (transaction) => {
          await sequelize.query('SELECT pg_advisory_xact_lock($1)', { bind: [LOCK], transaction });
          if ((await noted(transaction)).includes(name)) return;
          await sequelize.query(sql, { transaction });
          await sequelize.query('INSERT INTO migration (name) VALUES ($1)', { bind: [name], transaction });
        }),
    })),
    storage: {
      executed: () => noted(),
      logMigration: () => Promise.resolve(),
      unlogMigration: () => Promise.resolve(),
    },
    logger: undefined,
  });
  return (await umzug.up()).map(({ name }) => name);
}
