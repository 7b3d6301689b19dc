import type { SaidWishes, SentWishes } from '@kestrel-ridge/core/session';
import { readWishes } from '@kestrel-ridge/core/session/schema';
import { asRecord, keep, readKept } from '../parts/kept.ts';
import { WISHES_KEY } from './wishesSlice.ts';

/** What was said of plans and is not known to be with the server, each session's under a key of its own. */
export const keepWishes = (session: string, said: SaidWishes): void => void keep(`${WISHES_KEY}${session}`, said);
export const dropWishes = (session: string): void => localStorage.removeItem(`${WISHES_KEY}${session}`);

/** By session. What cannot be understood was no wish. */
export function keptWishes(): Readonly<Record<string, SaidWishes>> {
  return Object.fromEntries(
    Object.keys(localStorage)
      .filter((key) => key.startsWith(WISHES_KEY))
      .flatMap((key) => {
        const said = readKept(key, readSaid);
        return said ? [[key.slice(WISHES_KEY.length), said]] : [];
      }),
  );
}

function readSaid(value: unknown): SaidWishes | undefined {
  const { base, wishes, sent } = asRecord(value) ?? {};
  const [before, said] = [readWishes(base), readWishes(wishes)];
  if (!before.ok || !said.ok) return undefined;
  const out = sent === undefined ? undefined : readSent(sent);
  return { base: before.value, wishes: said.value, ...(out ? { sent: out } : {}) };
}

function readSent(kept: unknown): SentWishes | undefined {
  const { key, version, wishes } = asRecord(kept) ?? {};
  const said = readWishes(wishes);
  return typeof key === 'string' && typeof version === 'number' && said.ok
    ? { key, version, wishes: said.value }
    : undefined;
}
