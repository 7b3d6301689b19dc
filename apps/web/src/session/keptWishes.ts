import type { SaidWishes, SentWishes } from '@kestrel-ridge/core/session';
import { readWishes } from '@kestrel-ridge/core/session/schema';
import { WISHES_KEY } from './wishesSlice.ts';

/** What was said of plans and is not known to be with the server, each session's under a key of its own. */
export function keepWishes(session: string, said: SaidWishes): void {
  try {
    localStorage.setItem(`${WISHES_KEY}${session}`, JSON.stringify(said));
  } catch {
    // No room, or no leave to store anything: it is on the page, and is sent.
  }
}
export const dropWishes = (session: string): void => localStorage.removeItem(`${WISHES_KEY}${session}`);

/** By session. What cannot be understood was no wish. */
export function keptWishes(): Readonly<Record<string, SaidWishes>> {
  return Object.fromEntries(
    Object.keys(localStorage)
      .filter((key) => key.startsWith(WISHES_KEY))
      .flatMap((key) => {
        const said = readSaid(localStorage.getItem(key));
        return said ? [[key.slice(WISHES_KEY.length), said]] : [];
      }),
  );
}

function readSaid(kept: string | null): SaidWishes | undefined {
  try {
    const { base, wishes, sent } = JSON.parse(kept ?? '{}') as Readonly<Record<string, unknown>>;
    const [before, said] = [readWishes(base), readWishes(wishes)];
    if (!before.ok || !said.ok) return undefined;
    const out = sent === undefined ? undefined : readSent(sent);
    return { base: before.value, wishes: said.value, ...(out ? { sent: out } : {}) };
  } catch {
    return undefined;
  }
}

function readSent(kept: unknown): SentWishes | undefined {
  const { key, version, wishes } = (kept ?? {}) as Readonly<Record<string, unknown>>;
  const said = readWishes(wishes);
  return typeof key === 'string' && typeof version === 'number' && said.ok
    ? { key, version, wishes: said.value }
    : undefined;
}
