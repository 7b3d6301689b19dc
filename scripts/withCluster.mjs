import { startDatabase } from './database.mjs';
import { installPostgres } from './install.mjs';
import { TellUser } from './step.mjs';

/** Works on Kestrel Ridge's own cluster, which is started for it when it does not run. `KESTREL_CLUSTER` and `KESTREL_DATABASE` name another one of the project's. */
export async function withCluster(work) {
  if (process.env.DATABASE_URL)
    throw new TellUser(
      'DATABASE_URL names a database of yours: back it up and restore it with PostgreSQL’s own pg_dump and pg_restore, as a role that passes by row-level security.',
    );
  const cluster = await startDatabase(await installPostgres(), process.env.KESTREL_CLUSTER ?? 'pg');
  try {
    await work({ ...cluster, database: process.env.KESTREL_DATABASE ?? 'kestrel' });
  } finally {
    cluster.stop();
  }
}
