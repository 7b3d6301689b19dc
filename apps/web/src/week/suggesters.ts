import { wrap, type Remote } from 'comlink';
import type { Suggester } from './suggest.worker.ts';

interface Started {
  readonly remote: Remote<Suggester>;
  readonly broken: Promise<never>;
}

/** Two, as most devices have at least two cores. */
const MOST = 2;
let started: readonly Started[] | undefined;

function start(): Started {
  const worker = new Worker(new URL('./suggest.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) =>
    worker.addEventListener('error', () => reject(new Error('The part of the page that tries weeks did not start.'))),
  );
  broken.catch(() => (started = undefined));
  return { remote: wrap<Suggester>(worker), broken };
}

/** Work for the workers, shared out in turn; one that cannot run says so, and is started anew when it is asked again. */
export function inTurn<T>(works: readonly ((remote: Remote<Suggester>) => Promise<T>)[]): Promise<readonly T[]> {
  started ??= Array.from({ length: MOST }, start);
  const workers = started;
  return Promise.all(
    works.map((work, n) => {
      const { remote, broken } = workers[n % workers.length] as Started;
      return Promise.race([work(remote), broken]);
    }),
  );
}
