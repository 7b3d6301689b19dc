import { SECOND_MS } from '@kestrel-ridge/core/quantity';
import { openStream, type Line, type Listener, type Told } from './stream.ts';

/** Two beats of the server and more: whoever holds the line and says nothing for so long is asleep. */
const SILENT_MS = 40 * SECOND_MS;

type Word =
  | { readonly kind: 'line'; readonly line: Line; readonly missed: boolean }
  | { readonly kind: 'told'; readonly told: Told }
  /** A page that has just opened wants to know how the line is. */
  | { readonly kind: 'asks' };

/**
 * One line for all pages of a device: a browser opens six to a server and no more, and a seventh page would never load. The page that holds the lock has the line and
 * passes on what it hears; when it is closed, the next one takes over; when it sleeps, an awake one takes the lock from it. A browser that knows no locks here (http from
 * another machine) has one line for each page that is in sight.
 */
export function shareStream(url: string, listener: Listener): () => void {
  if (!('locks' in navigator) || typeof BroadcastChannel === 'undefined') return whileInSight(url, listener);
  const name = `kestrel-ridge ${url}`;
  const channel = new BroadcastChannel(name);
  const left = new AbortController();
  let silent: ReturnType<typeof setTimeout> | undefined;
  let leads = false;
  let at: Line = 'connected';

  const wake = () => {
    clearTimeout(silent);
    if (!leads) silent = setTimeout(() => !left.signal.aborted && lead({ steal: true }), SILENT_MS);
  };
  const pass = (word: Word) => channel.postMessage(word);
  const holding: Listener = {
    line(line, missed) {
      at = line;
      listener.line(line, missed);
      pass({ kind: 'line', line, missed });
    },
    told(told) {
      listener.told(told);
      pass({ kind: 'told', told });
    },
  };
  channel.onmessage = ({ data }: MessageEvent<Word>) => {
    if (data.kind === 'asks') {
      if (leads) pass({ kind: 'line', line: at, missed: false });
      return;
    }
    if (leads) return;
    wake();
    if (data.kind === 'line') listener.line(data.line, data.missed);
    else listener.told(data.told);
  };

  const hold = async (missed: boolean) => {
    leads = true;
    clearTimeout(silent);
    // Between two holders, something may have been said to nobody.
    let first = missed;
    ends = openStream(url, {
      ...holding,
      line: (line, gap) => {
        holding.line(line, gap || first);
        if (line === 'connected') first = false;
      },
    });
    await new Promise<void>((resolve) => left.signal.addEventListener('abort', () => resolve()));
    ends();
  };
  /** The lock is not with this page any more, though it had not let go: another one has taken it, as this one had slept. */
  const lost = () => {
    leads = false;
    ends();
    wake();
  };
  const lead = (how: { readonly steal?: true } = {}) => {
    // A lock that is taken by force cannot also be asked for with a way to give up.
    navigator.locks
      .request(name, how.steal ? how : { signal: left.signal }, () => (left.signal.aborted ? undefined : hold(true)))
      .catch(() => {
        if (left.signal.aborted) return;
        lost();
        lead();
      });
  };
  let ends: () => void = () => undefined;

  void navigator.locks
    .request(name, { ifAvailable: true }, (lock) => (lock && !left.signal.aborted ? hold(false) : undefined))
    .catch(lost)
    .then(() => !left.signal.aborted && lead());
  wake();
  pass({ kind: 'asks' });
  return () => {
    left.abort();
    clearTimeout(silent);
    channel.close();
  };
}

/** A page that nobody looks at gives its line back; looked at again, it has missed something. */
function whileInSight(url: string, listener: Listener): () => void {
  let close: (() => void) | undefined;
  let left = false;
  const look = () => {
    if (document.visibilityState === 'hidden') {
      close?.();
      close = undefined;
      left = true;
    } else
      close ??= openStream(url, {
        ...listener,
        line: (line, missed) => {
          listener.line(line, missed || left);
          if (line === 'connected') left = false;
        },
      });
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    close?.();
  };
}
