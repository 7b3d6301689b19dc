import { PROFILES, type Draft, type Effort, type Profile, type WeekSearch } from '@kestrel-ridge/core/week';
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

const profiles = Object.keys(PROFILES) as Profile[];
let questions = 0;

/** A question to the workers: it can be asked more than once, and left off while it is worked at. */
export interface WeekQuestion {
  /** A week for each thing that a week may be good at; undefined: it was left off. `effort.seed`: each of them has its own after it. */
  readonly look: (asked: Omit<WeekSearch, 'goodAt'>) => Promise<readonly Draft[] | undefined>;
  /** Nobody waits for an answer any more: the workers are free for the next question. */
  readonly leaveOff: () => void;
}
export function weekQuestion(): WeekQuestion {
  const id = ++questions;
  let open = true;
  const seeded = (effort: Effort, n: number): Effort => ({ ...effort, seed: effort.seed + n });
  return {
    look: async (asked) => {
      if (!open) return undefined;
      const drafts = await inTurn(
        profiles.map((goodAt, n) => (remote) => remote.look(id, { ...asked, goodAt, effort: seeded(asked.effort, n) })),
      );
      const found = drafts.flatMap((draft) => draft ?? []);
      return open && found.length === profiles.length ? found : undefined;
    },
    leaveOff: () => {
      open = false;
      for (const { remote } of started ?? []) void remote.leaveOff(id);
    },
  };
}
