import { sameData } from '@kestrel-ridge/core/quantity';
import { useCallback } from 'react';
import { useCommand, type Ask, type Sent } from './useCommand.ts';

export interface Save<T> extends Omit<Ask<T>, 'body'> {
  readonly body: object;
  /** What is saved, so that two taps on one thing go one after the other: its kind, and what it is of. */
  readonly thing: string;
  /** As this page shows it; null where nothing is said of it. */
  readonly seen: unknown;
  /** As it will be seen when it is saved. */
  readonly saved: unknown;
}

/** What this page has saved last of each thing: to see that again is no surprise. */
const last = new Map<string, unknown>();
const waiting = new Map<string, Promise<unknown>>();

/**
 * Saves what has no version of its own: with what was seen, so that what another device has set meanwhile is not written over. A second tap may come before the page has
 * fetched what the first one saved: it waits for the first, and has seen it.
 */
export function useSaveSeen(): <T = unknown>(save: Save<T>) => Promise<Sent<T>> {
  const send = useCommand();
  return useCallback(
    <T>({ thing, seen, saved, body, ...ask }: Save<T>) => {
      const once = async (): Promise<Sent<T>> => {
        const sent = await send<T>({
          ...ask,
          body: { ...body, seen },
          ownDoing: (now) => (last.has(thing) && sameData(now, last.get(thing)) ? { ...body, seen: now } : undefined),
        });
        if (sent.ok) last.set(thing, saved);
        return sent;
      };
      const sent = (waiting.get(thing) ?? Promise.resolve()).then(once, once);
      waiting.set(thing, sent);
      return sent;
    },
    [send],
  );
}
