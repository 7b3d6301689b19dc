import { spawn } from 'node:child_process';
import { buildServer } from './build.mjs';
import { startDatabase } from './database.mjs';
import { installPackages, installPostgres } from './install.mjs';
import { main, root, step, TSC } from './step.mjs';

/** Watch mode: the compiler, the server behind it and Vite's pages with /api passed on. */
await main(async () => {
  await step('packages', installPackages);
  const bin = process.env.DATABASE_URL ? undefined : await step('PostgreSQL', installPostgres);
  await step('building the server', buildServer);
  const database = bin ? await startDatabase(bin) : { url: process.env.DATABASE_URL, stop: () => undefined };
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    ...(database.ownerUrl ? { MIGRATION_DATABASE_URL: database.ownerUrl } : {}),
    PORT: process.env.PORT ?? '4180',
    DEMO: 'load with past',
  };
  const children = [
    ['node', [TSC, '-b', 'packages/core', 'apps/server', '-w', '--preserveWatchOutput'], root],
    ['node', ['--watch', 'apps/server/dist/main.js'], root],
    ['npx', ['--no-install', 'vite'], `${root}/apps/web`],
  ].map(([command, args, cwd]) => spawn(command, args, { cwd, env, stdio: 'inherit' }));
  const end = () => {
    for (const child of children) child.kill('SIGTERM');
    database.stop();
    process.exit();
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
});
