import { fork, type ChildProcess } from 'node:child_process';
import net, { type AddressInfo } from 'node:net';
import path from 'node:path';
import { ZONE } from './zone.ts';

export const root = path.resolve(import.meta.dirname, '..');

/** A process with a server in it. */
export interface Host {
  /** Ends it as a power cut would. */
  kill(): Promise<void>;
  /** Its server is closed in good order; the process waits for the next one. */
  done(): Promise<void>;
}

export const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** Processes of this worker that wait for their next server: loading and compiling one anew costs more than most journeys ask of it. */
const waiting: ChildProcess[] = [];

const ended = (process: ChildProcess) =>
  new Promise<void>((resolve) => {
    if (process.exitCode !== null || process.signalCode !== null) return resolve();
    process.once('exit', () => resolve());
    process.kill('SIGKILL');
  });

/** What it says next; that it ended meanwhile is an error. */
const says = (process: ChildProcess) =>
  new Promise<void>((resolve, reject) => {
    const end = (code: number | null) => reject(new Error(`The server ended with ${code}.`));
    process.once('exit', end);
    process.once('message', () => {
      process.off('exit', end);
      resolve();
    });
  });

/** Serves what the environment names, in a process that waits or in a new one. */
export async function hostFor(env: Readonly<Record<string, string>>): Promise<Host> {
  const own = waiting.pop();
  const server =
    own ??
    fork(path.join(root, 'e2e/serverHost.mjs'), {
      env: { ...process.env, LOG_LEVEL: 'error', TZ: ZONE },
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
  server.send({ serve: env });
  await says(server);
  return {
    kill: () => ended(server),
    done: async () => {
      if (server.exitCode !== null || server.signalCode !== null) return;
      // Other pages stay known to the process that served them.
      if (env['WEB_DIR']) return ended(server);
      server.send({ close: true });
      await says(server);
      waiting.push(server);
    },
  };
}

/** The worker is done: nothing of it stays behind. */
export const endHosts = async (): Promise<void> => {
  await Promise.all(waiting.splice(0).map(ended));
};
