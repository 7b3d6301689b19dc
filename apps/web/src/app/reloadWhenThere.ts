import { MINUTE_MS, SECOND_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { isFigure, readKept } from '../parts/kept.ts';

const LOOK_MS = 2 * SECOND_MS;
const KEY = 'kestrel-ridge.reloaded';
/** A page that is missing for good must not be asked for without end. */
const MOST_IN_A_MINUTE = 3;

interface Around {
  readonly answers: () => Promise<boolean>;
  readonly reload: () => void;
  readonly now: () => Moment;
}
const HERE: Around = {
  answers: async () => (await fetch('/', { cache: 'no-store' })).ok,
  reload: () => window.location.reload(),
  now: () => Date.now(),
};

/** Loads the page anew as soon as the server answers: at once, or when it is back. Answers the way to give that up. */
export function reloadWhenThere({ answers, reload, now }: Around = HERE): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let left = false;
  const look = async () => {
    const there = await answers().catch(() => false);
    if (left) return;
    const lately = reloads().filter((at) => now() - at < MINUTE_MS);
    if (!there || lately.length >= MOST_IN_A_MINUTE) {
      timer = setTimeout(() => void look(), LOOK_MS);
      return;
    }
    sessionStorage.setItem(KEY, JSON.stringify([...lately, now()]));
    reload();
  };
  void look();
  return () => {
    left = true;
    clearTimeout(timer);
  };
}

const reloads = (): readonly Moment[] =>
  readKept(KEY, (kept) => (Array.isArray(kept) ? kept.filter(isFigure) : undefined), sessionStorage) ?? [];
