import { Sequelize } from 'sequelize';
import type { Database } from './database.ts';

/** What is written once and never taken back or over. */
const ONLY_ADDED = ['movement', 'event'];

/**
 * Does work as the owner of the schema, over a connection of its own, and gives the role that the server works with what it needs: to read and write rows, to add
 * movements and events, and no more. Where no owner is named (`MIGRATION_DATABASE_URL`), one role does both.
 */
export async function asOwner(database: Database, work: (sequelize: Sequelize) => Promise<unknown>): Promise<void> {
  const url = process.env['MIGRATION_DATABASE_URL'];
  if (!url) {
    await work(database.sequelize);
    return;
  }
  const owner = new Sequelize(url, { dialect: 'postgres', logging: false, pool: { max: 1 } });
  try {
    await work(owner);
    const app = `"${(await database.role()).replace(/"/g, '""')}"`;
    await owner.query(`
      GRANT USAGE ON SCHEMA public TO ${app};
      GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO ${app};
      REVOKE UPDATE, DELETE ON ${ONLY_ADDED.join(', ')} FROM ${app};
      REVOKE INSERT, UPDATE, DELETE ON migration FROM ${app};`);
  } finally {
    await owner.close();
  }
}
