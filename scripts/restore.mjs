import { statSync } from 'node:fs';
import path from 'node:path';
import { TellUser, main, root, step } from './step.mjs';
import { withCluster } from './withCluster.mjs';

/**
 * Brings a backup back in place of what is there now. It is read into a database of its own first: a file that cannot be read changes nothing. What was there stays beside
 * it until the next restore, under the name `…_before`.
 */
await main(async () => {
  const [given] = process.argv.slice(2);
  if (!given) throw new TellUser('Which backup? npm run restore -- FILE');
  const file = path.resolve(given);
  if (!statSync(file, { throwIfNoEntry: false })) throw new TellUser(`${file} is not there.`);
  await withCluster(async ({ asSuperuser, psql, database }) => {
    const [coming, before] = [`${database}_coming`, `${database}_before`];
    const open = psql(`SELECT count(*) FROM pg_stat_activity WHERE datname = '${database}'`).trim();
    if (open !== '0')
      throw new TellUser('Kestrel Ridge is running on this database. Stop it first (Ctrl-C where it was started).');
    await step('reading the backup', () => {
      psql(`DROP DATABASE IF EXISTS ${coming} WITH (FORCE);\nCREATE DATABASE ${coming} OWNER kestrel;`);
      try {
        asSuperuser('pg_restore', ['--exit-on-error', '--single-transaction', `--dbname=${coming}`, file], {
          cwd: root,
        });
      } catch (thrown) {
        psql(`DROP DATABASE ${coming} WITH (FORCE);`);
        throw new TellUser(`This file is no backup that can be read; nothing was changed.\n${thrown.message}`);
      }
    });
    await step(
      'putting it in place',
      () =>
        void psql(`DROP DATABASE IF EXISTS ${before} WITH (FORCE);
ALTER DATABASE ${database} RENAME TO ${before};
ALTER DATABASE ${coming} RENAME TO ${database};`),
    );
    console.log(`\n  Brought back. What was there before is kept as the database "${before}" until the next restore.`);
  });
});
