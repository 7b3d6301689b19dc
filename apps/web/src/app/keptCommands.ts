import { asRecord, keep, readKept, texts } from '../parts/kept.ts';
import { EVERYTHING, type SentCommand } from '../api/api.ts';

/** Commands that are out, each under a key of its own until it is answered: a page that is left or loaded anew in between does not lose them. */
const KEY = 'kestrel-ridge.command.';

/** Where there is no room, or no leave to store anything, it is asked again by this page alone. */
export const keepCommand = (sent: SentCommand): void => void keep(`${KEY}${sent.key}`, sent);
export const dropCommand = (key: string): void => localStorage.removeItem(`${KEY}${key}`);

/** What cannot be understood was no command, and is dropped. */
export function keptCommands(): readonly SentCommand[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY))
    .flatMap((key) => {
      const sent = readKept(key, readCommand);
      if (!sent || `${KEY}${sent.key}` !== key) localStorage.removeItem(key);
      return sent ? [sent] : [];
    });
}

function readCommand(value: unknown): SentCommand | undefined {
  const { path, method, body, key, touches } = asRecord(value) ?? {};
  if (typeof path !== 'string' || !path.startsWith('kitchens') || path.includes('..')) return undefined;
  if ((method !== 'POST' && method !== 'PUT') || typeof key !== 'string' || typeof body !== 'object') return undefined;
  const topics = EVERYTHING.filter((topic) => texts(touches).includes(topic));
  return { path, method, body, key, touches: topics };
}
