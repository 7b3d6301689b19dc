import { mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { TellUser, dataDir, main, root, step } from './step.mjs';
import { withCluster } from './withCluster.mjs';

/** 2026-03-11-0820, by this machine's clock: names sort by time. */
const stamp = (at = new Date()) =>
  new Date(at.getTime() - at.getTimezoneOffset() * 60_000)
    .toISOString()
    .slice(0, 16)
    .replace('T', '-')
    .replace(':', '');

/**
 * Writes all kitchens into one file (PostgreSQL's own format), beside a running server or without one.
 * A file is there whole or not at all: it gets its name when it is complete. One that is there is not written over.
 */
await main(async () => {
  const file = path.resolve(process.argv[2] ?? path.join(dataDir, 'backups', `kestrel-ridge-${stamp()}.dump`));
  if (statSync(file, { throwIfNoEntry: false }))
    throw new TellUser(`${file} is there already. Name another file: npm run backup -- FILE`);
  mkdirSync(path.dirname(file), { recursive: true });
  await withCluster(async ({ asSuperuser, database }) => {
    const coming = `${file}.part`;
    try {
      await step('backup', () => {
        // The superuser, as row-level security would hide every kitchen from an ordinary role.
        asSuperuser('pg_dump', ['--format=custom', `--file=${coming}`, database], { cwd: root });
        renameSync(coming, file);
        return `${(statSync(file).size / 1024).toFixed(0)} KiB`;
      });
    } finally {
      rmSync(coming, { force: true });
    }
  });
  console.log(`\n  ${file}\n\n  Bring it back with: npm run restore -- ${path.relative(process.cwd(), file)}`);
});
