import { EVERYTHING, type SentCommand } from '../api/api.ts';

/** Commands that are out, each under a key of its own until it is answered: a page that is left or loaded anew in between does not lose them. */
const KEY = 'kestrel-ridge.command.';

export function keepCommand(sent: SentCommand): void {
  try {
    localStorage.setItem(`${KEY}${sent.key}`, JSON.stringify(sent));
  } catch {
    // No room, or no leave to store anything: it is asked again by this page alone.
  }
}
export const dropCommand = (key: string): void => localStorage.removeItem(`${KEY}${key}`);

/** What cannot be understood was no command, and is dropped. */
export function keptCommands(): readonly SentCommand[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY))
    .flatMap((key) => {
      const sent = readCommand(localStorage.getItem(key));
      if (!sent || `${KEY}${sent.key}` !== key) localStorage.removeItem(key);
      return sent ? [sent] : [];
    });
}

function readCommand(kept: string | null): SentCommand | undefined {
  try {
    const { path, method, body, key, touches } = JSON.parse(kept ?? 'null') as Record<string, unknown>;
    if (typeof path !== 'string' || !path.startsWith('kitchens') || path.includes('..')) return undefined;
    if ((method !== 'POST' && method !== 'PUT') || typeof key !== 'string' || typeof body !== 'object')
      return undefined;
    const topics = EVERYTHING.filter((topic) => Array.isArray(touches) && touches.includes(topic));
    return { path, method, body, key, touches: topics };
  } catch {
    return undefined;
  }
}
