import { fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import net from 'node:net';
import path from 'node:path';
import pg from 'pg';
import { root } from './step.mjs';

const freePort = () =>
  new Promise((resolve) => {
    const probe = net.createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/** The same database with the role that reads and writes: in a cluster for tests both have one password. */
function asApp(owner) {
  const app = new URL(owner);
  app.username = 'kestrel_app';
  return app.href;
}

/** The built server with the demo, on a database of its own in a cluster: for pictures and benchmarks. Both can be taken away and brought back. `offsetMs`: by how much its clock goes otherwise than this machine's. */
export async function serveDemo(clusterUrl, { past = false, offsetMs = 0 } = {}) {
  const admin = new pg.Client({ connectionString: clusterUrl });
  await admin.connect();
  const name = `demo_${randomBytes(6).toString('hex')}`;
  await admin.query(`CREATE DATABASE ${name}`);
  const database = new URL(clusterUrl);
  database.pathname = `/${name}`;
  const port = await freePort();
  let server;
  const again = () =>
    new Promise((resolve, reject) => {
      server = fork(path.join(root, 'apps/server/dist/main.js'), {
        env: {
          ...process.env,
          DATABASE_URL: asApp(database),
          MIGRATION_DATABASE_URL: database.href,
          PORT: `${port}`,
          HOST: '127.0.0.1',
          LOG_LEVEL: process.env.LOG_LEVEL ?? 'error',
          CLOCK_OFFSET_MS: `${offsetMs}`,
          DEMO: past ? 'load with past' : 'load',
        },
        stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      });
      server.once('message', resolve);
      server.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    });
  const end = (signal) =>
    new Promise((resolve) => {
      server.removeAllListeners('exit');
      server.once('exit', resolve);
      server.kill(signal);
    });
  await again();
  return {
    url: `http://127.0.0.1:${port}`,
    databaseUrl: database.href,
    /** As a power cut would. */
    kill: () => end('SIGKILL'),
    again,
    databaseAway: async () => {
      await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS false`);
      await admin.query('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = $1', [name]);
    },
    databaseBack: () => admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS true`),
    stop: async () => {
      await end('SIGTERM');
      await admin.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
      await admin.end();
    },
  };
}
