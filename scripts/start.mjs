import { fork } from 'node:child_process';
import net from 'node:net';
import path from 'node:path';
import { buildServer, buildWeb } from './build.mjs';
import { startDatabase } from './database.mjs';
import { installPackages, installPostgres } from './install.mjs';
import { TellUser, main, root, step } from './step.mjs';

const port = Number(process.env.PORT ?? 4180);
const host = process.env.HOST ?? '127.0.0.1';
const empty = process.argv.includes('--empty');

/** Ports that browsers refuse to open, whatever listens there (the Fetch standard's list, above 1023). */
const REFUSED_BY_BROWSERS = [
  1719, 1720, 1723, 2049, 3659, 4045, 4190, 5060, 5061, 6000, 6566, 6665, 6666, 6667, 6668, 6669, 6679, 6697, 10080,
];

/** Told before the long work, not after it. */
function portIsFree() {
  return new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once('error', (error) =>
      reject(
        new TellUser(
          error.code === 'EADDRINUSE'
            ? `Port ${port} is taken on ${host}. Perhaps Kestrel Ridge runs already: http://${host}:${port}\nOtherwise choose another port: PORT=4181 npm start`
            : `Cannot listen on ${host}:${port} (${error.code}). Choose another HOST or PORT.`,
        ),
      ),
    );
    probe.listen(port, host, () => probe.close(() => resolve()));
  });
}

await main(async () => {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new TellUser(`PORT is "${process.env.PORT}": choose a number from 1 to 65535.`);
  if (REFUSED_BY_BROWSERS.includes(port))
    throw new TellUser(`Browsers refuse to open port ${port}. Choose another: PORT=4181 npm start`);
  console.log('Kestrel Ridge');
  await portIsFree();
  await step('packages', installPackages);
  const own = !process.env.DATABASE_URL;
  const bin = own ? await step('PostgreSQL', installPostgres) : undefined;
  await step('building the server', buildServer);
  await step('building the pages', buildWeb);

  let database = {
    url: process.env.DATABASE_URL,
    ownerUrl: process.env.MIGRATION_DATABASE_URL,
    keepRunning: () => undefined,
    stop: () => undefined,
  };
  let server;
  let ending = false;
  const end = () => {
    if (ending) return;
    ending = true;
    if (server?.exitCode === null) server.kill('SIGTERM');
    else {
      database.stop();
      process.exit();
    }
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);

  if (own) await step('starting the database', async () => void (database = await startDatabase(bin)));
  try {
    database.keepRunning((fault) =>
      console.error(
        fault ? `  The database does not come back: ${fault.message}` : '  The database ended: it is started again.',
      ),
    );
    const url = await step(empty ? 'serving' : 'serving, with the demo in an empty database', () => serve());
    console.log(`\n  ${url}\n\n  Ctrl-C stops the server${own ? ' and its database' : ''}.`);
  } catch (thrown) {
    database.stop();
    throw thrown;
  }

  function serve() {
    return new Promise((resolve, reject) => {
      server = fork(path.join(root, 'apps/server/dist/main.js'), {
        env: {
          ...process.env,
          PORT: `${port}`,
          HOST: host,
          DATABASE_URL: database.url,
          ...(database.ownerUrl ? { MIGRATION_DATABASE_URL: database.ownerUrl } : {}),
          LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
          ...(empty ? {} : { DEMO: 'load with past' }),
        },
        stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
        // A Ctrl-C reaches the whole group; the server is told by us, once.
        detached: true,
      });
      server.on('message', (message) => resolve(message.ready));
      server.on('exit', (code) => {
        database.stop();
        if (ending) process.exit(0);
        reject(new TellUser(`The server ended (${code}). What it said stands above.`));
        process.exitCode = 1;
      });
    });
  }
});
