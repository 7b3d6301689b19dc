import type { Topic } from '@kestrel-ridge/core/formats';
import { SECOND_MS } from '@kestrel-ridge/core/quantity';

/** What the server says over its live line: what has changed, its time, which build of the pages it serves. */
export interface Told {
  readonly touches: readonly Topic[];
  readonly now: string;
  readonly build: string;
}

export type Line = 'connected' | 'away';

export interface Listener {
  /** `missed`: something may have been said that nobody heard. */
  line(line: Line, missed: boolean): void;
  told(told: Told): void;
}

const AGAIN_MS = 2 * SECOND_MS;

/** One line of one page. The browser opens it again by itself after a network's fault, but not after an answer that is none (a proxy's 502): then it is opened anew here. */
export function openStream(url: string, listener: Listener): () => void {
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let missed = false;
  const open = () => {
    const opened = new EventSource(url);
    source = opened;
    opened.onopen = () => {
      listener.line('connected', missed);
      missed = false;
    };
    opened.onerror = () => {
      missed = true;
      listener.line('away', true);
      if (opened.readyState !== EventSource.CLOSED) return;
      clearTimeout(timer);
      timer = setTimeout(open, AGAIN_MS);
    };
    opened.onmessage = ({ data }: MessageEvent<string>) => {
      const told = readTold(data);
      if (told) listener.told(told);
    };
  };
  open();
  return () => {
    clearTimeout(timer);
    source?.close();
  };
}

/** What is no message of ours is none. */
function readTold(data: string): Told | undefined {
  try {
    const { touches, now, build } = JSON.parse(data) as Partial<Told>;
    return Array.isArray(touches) && typeof now === 'string' && typeof build === 'string'
      ? { touches, now, build }
      : undefined;
  } catch {
    return undefined;
  }
}
