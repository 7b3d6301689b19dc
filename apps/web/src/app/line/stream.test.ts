import { shareStream } from './sharedStream.ts';
import { openStream, type Listener } from './stream.ts';

/** A line that the test opens, breaks and speaks on. */
class FakeSource {
  static readonly CLOSED = 2;
  static readonly all: FakeSource[] = [];
  readyState = 0;
  onopen: (() => void) | undefined;
  onerror: (() => void) | undefined;
  onmessage: ((event: { data: string }) => void) | undefined;
  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }
  opens() {
    this.readyState = 1;
    this.onopen?.();
  }
  breaks(readyState: 0 | 2) {
    this.readyState = readyState;
    this.onerror?.();
  }
  says(touches: readonly string[]) {
    this.onmessage?.({ data: JSON.stringify({ touches, now: '2026-03-01T08:00:00Z', build: 'a' }) });
  }
  close() {
    this.readyState = 2;
  }
}
const opened = () => FakeSource.all.filter(({ readyState }) => readyState !== 2);

/** A browser's channels: what one page posts, all others of its name hear, in a later turn. */
class FakeChannel {
  static readonly all = new Set<FakeChannel>();
  onmessage: ((event: { data: unknown }) => void) | undefined;
  constructor(readonly name: string) {
    FakeChannel.all.add(this);
  }
  postMessage(data: unknown) {
    for (const other of FakeChannel.all)
      if (other !== this && other.name === this.name) void Promise.resolve().then(() => other.onmessage?.({ data }));
  }
  close() {
    FakeChannel.all.delete(this);
  }
}

/** A browser's locks, as far as they are used here: held until the work ends, taken by force, or given up. */
class FakeLocks {
  private held: { readonly broken: (reason: Error) => void } | undefined;
  private readonly queue: (() => void)[] = [];
  async request(
    _name: string,
    options: { readonly ifAvailable?: true; readonly steal?: true; readonly signal?: AbortSignal },
    work: (lock: object | null) => unknown,
  ): Promise<unknown> {
    if (options.ifAvailable && this.held) return work(null);
    if (options.steal) this.held?.broken(new Error('taken'));
    else if (this.held) {
      await new Promise<void>((resolve, reject) => {
        this.queue.push(resolve);
        options.signal?.addEventListener('abort', () => reject(new Error('given up')));
      });
    }
    let mine: FakeLocks['held'];
    const broken = new Promise<never>((_resolve, reject) => {
      mine = { broken: reject };
      this.held = mine;
    });
    try {
      return await Promise.race([Promise.resolve(work({})), broken]);
    } finally {
      if (this.held === mine) {
        this.held = undefined;
        this.queue.shift()?.();
      }
    }
  }
}

const listener = () => {
  const heard: string[] = [];
  const hears: Listener = {
    line: (line, missed) => heard.push(`${line}${missed ? ', missed something' : ''}`),
    told: ({ touches }) => heard.push(touches.join(' ')),
  };
  return { heard, hears };
};
const settled = async () => {
  for (let n = 0; n < 20; n++) await Promise.resolve();
};

const URL = '/api/kitchens/k/live';
beforeEach(() => {
  jest.useFakeTimers();
  FakeSource.all.length = 0;
  FakeChannel.all.clear();
  Object.assign(globalThis, { EventSource: FakeSource, BroadcastChannel: FakeChannel });
  Object.defineProperty(navigator, 'locks', { value: new FakeLocks(), configurable: true });
});
afterEach(() => jest.useRealTimers());

describe('a line', () => {
  test('tells what it hears; what is no message of the server is none', () => {
    const { heard, hears } = listener();
    openStream(URL, hears);
    const [source] = FakeSource.all;
    source?.opens();
    source?.says(['shelf']);
    source?.onmessage?.({ data: '<html>' });
    source?.onmessage?.({ data: '{"touches":7}' });
    expect(heard).toEqual(['connected', 'shelf']);
  });
  test('that a network breaks is opened again by the browser; after a proxy’s word instead of an answer, by the page', () => {
    const { heard, hears } = listener();
    const close = openStream(URL, hears);
    FakeSource.all[0]?.breaks(0);
    jest.advanceTimersByTime(10_000);
    expect(FakeSource.all).toHaveLength(1);
    FakeSource.all[0]?.breaks(2);
    jest.advanceTimersByTime(2000);
    expect(FakeSource.all).toHaveLength(2);
    FakeSource.all[1]?.opens();
    expect(heard).toEqual(['away, missed something', 'away, missed something', 'connected, missed something']);
    close();
    FakeSource.all[1]?.breaks(2);
    jest.advanceTimersByTime(1000);
    close();
    jest.advanceTimersByTime(10_000);
    expect(opened()).toEqual([]);
  });
});

describe('the pages of a device', () => {
  const page = () => {
    const { heard, hears } = listener();
    return { heard, close: shareStream(URL, hears) };
  };
  test('have one line: each hears what comes over it, and none hears it twice', async () => {
    const pages = Array.from({ length: 9 }, page);
    await settled();
    expect(opened()).toHaveLength(1);
    opened()[0]?.opens();
    opened()[0]?.says(['week']);
    await settled();
    for (const { heard } of pages) {
      expect(new Set(heard)).toEqual(new Set(['connected', 'week']));
      expect(heard.filter((word) => word === 'week')).toHaveLength(1);
    }
  });
  test('when the page with the line is closed, the next has it, and knows that it may have missed something', async () => {
    const [first, second, third] = [page(), page(), page()];
    await settled();
    opened()[0]?.opens();
    first.close();
    await settled();
    expect(opened()).toHaveLength(1);
    opened()[0]?.opens();
    await settled();
    expect(second.heard.at(-1)).toBe('connected, missed something');
    expect(third.heard.at(-1)).toBe('connected, missed something');
    expect(first.heard).toEqual(['connected']);
  });
  test('a page that sleeps with the line in its hand loses it to one that is awake', async () => {
    const [asleep, awake] = [page(), page()];
    await settled();
    const [old] = opened();
    old?.opens();
    old?.says(['shelf']);
    await settled();
    // No beat comes any more: forty seconds are more than two.
    jest.advanceTimersByTime(40_000);
    await settled();
    expect(opened()).toHaveLength(1);
    expect(opened()[0]).not.toBe(old);
    opened()[0]?.opens();
    opened()[0]?.says(['run']);
    await settled();
    expect(awake.heard.slice(-2)).toEqual(['connected, missed something', 'run']);
    expect(asleep.heard.slice(-2)).toEqual(['connected, missed something', 'run']);
  });
  test('while beats come, nobody takes the line from anybody', async () => {
    const pages = [page(), page()];
    await settled();
    const [line] = opened();
    line?.opens();
    for (let n = 0; n < 20; n++) {
      jest.advanceTimersByTime(15_000);
      line?.says([]);
      await settled();
    }
    expect(opened()).toEqual([line]);
    expect(pages).toHaveLength(2);
  });
  test('all closed, no line is left', async () => {
    const pages = [page(), page(), page()];
    await settled();
    for (const { close } of pages) close();
    await settled();
    jest.advanceTimersByTime(120_000);
    await settled();
    expect(opened()).toEqual([]);
  });
});

describe('where a browser knows no locks', () => {
  const look = (visible: 'visible' | 'hidden') => {
    Object.defineProperty(document, 'visibilityState', { value: visible, configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  };
  beforeEach(() => {
    delete (navigator as { locks?: unknown }).locks;
    look('visible');
  });
  test('a page out of sight gives its line back, and has missed something when it is looked at again', () => {
    const { heard, hears } = listener();
    const close = shareStream(URL, hears);
    opened()[0]?.opens();
    look('hidden');
    expect(opened()).toEqual([]);
    look('visible');
    look('visible');
    expect(opened()).toHaveLength(1);
    opened()[0]?.opens();
    expect(heard).toEqual(['connected', 'connected, missed something']);
    close();
    expect(opened()).toEqual([]);
  });
});
