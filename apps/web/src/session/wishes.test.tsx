import type { ProblemDetails, SessionState } from '@kestrel-ridge/core/formats';
import { NO_WISHES, type Wishes } from '@kestrel-ridge/core/session';
import { configureStore } from '@reduxjs/toolkit';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { session as planned } from '../app/kitchenForTests.ts';
import type { Ask, Sent } from '../app/useCommand.ts';
import { clashWords } from './clashWords.ts';
import { keptWishes } from './keptWishes.ts';
import { useSendWishes } from './useSendWishes.ts';
import { useWishes } from './useWishes.ts';
import { WISHES_KEY, someWishesKept, wishesSlice } from './wishesSlice.ts';

/** A server as far as wishes meet it. Each asking waits until the test lets it through. */
let mockThere: SessionState;
const mockAsked: Ask[] = [];
let mockLetThrough: (() => void)[] = [];
const mockDone = new Map<string, SessionState>();
let mockRefuses: ProblemDetails | undefined;
function mockAnswer({ body, key = '' }: Ask): Sent<SessionState> {
  const { wishes, version } = body as { wishes: Wishes; version: number };
  const before = mockDone.get(key);
  if (before) return { ok: true, value: before, key };
  if (mockRefuses) return { ok: false, problem: mockRefuses };
  if (version !== mockThere.version)
    return { ok: false, problem: { code: 'stale', now: mockThere } as unknown as ProblemDetails };
  mockThere = { ...mockThere, wishes, version: version + 1 };
  mockDone.set(key, mockThere);
  return { ok: true, value: mockThere, key };
}
jest.mock('../app/useCommand.ts', () => {
  const send = (ask: Ask) => {
    mockAsked.push(ask);
    return new Promise((answer) => mockLetThrough.push(() => answer(mockAnswer(ask))));
  };
  return { useCommand: () => send };
});
jest.mock('../app/store.ts', () => {
  const { useDispatch, useSelector } = jest.requireActual<typeof import('react-redux')>('react-redux');
  return { useAppDispatch: useDispatch, useAppSelector: useSelector };
});

beforeEach(() => {
  localStorage.clear();
  mockThere = { ...planned, version: 1 };
  mockAsked.length = 0;
  mockLetThrough = [];
  mockDone.clear();
  mockRefuses = undefined;
});

/** A page with a plan on it; `see` is the week being fetched again. */
function open() {
  const store = configureStore({
    reducer: { wishes: wishesSlice.reducer },
    middleware: (defaults) => defaults({ serializableCheck: false }),
  });
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  const page = renderHook(
    ({ sessions }: { sessions: readonly SessionState[] }) => {
      useSendWishes(sessions);
      return useWishes(sessions[0]);
    },
    { wrapper, initialProps: { sessions: [mockThere] } },
  );
  return {
    ...page,
    said: () => store.getState().wishes,
    pins: () => page.result.current.wishes.pins,
    pin: (task: string, minute: number | undefined) => act(() => page.result.current.pin(task, minute)),
    see: () => act(() => page.rerender({ sessions: [mockThere] })),
    /** Lets what was asked through to the server, and its answers back. */
    line: () =>
      act(async () => {
        for (const through of mockLetThrough.splice(0)) through();
        await Promise.resolve();
      }),
  };
}

describe('what is said of a plan', () => {
  test('shows at once, is sent with the version that was seen, and is the server’s from then on', async () => {
    const page = open();
    page.pin('boil', 12.4);
    expect(page.pins()).toEqual({ boil: 12 });
    expect(mockAsked.map(({ path, body }) => [path, body])).toEqual([
      ['sessions/s/wishes', { wishes: { pins: { boil: 12 }, breaks: [] }, version: 1 }],
    ]);
    await page.line();
    // The answer is here, the week not yet: what was said still shows.
    expect(page.pins()).toEqual({ boil: 12 });
    page.see();
    expect([page.said().said, page.pins(), someWishesKept()]).toEqual([{}, { boil: 12 }, false]);
  });

  test('more, said while the first is out, waits for its answer and takes nothing back', async () => {
    const page = open();
    page.pin('boil', 10);
    page.pin('boil', 30);
    page.pin('chop', 5);
    expect(mockAsked).toHaveLength(1);
    await page.line();
    page.see();
    await page.line();
    page.see();
    expect(mockAsked.map(({ body }) => (body as { version: number }).version)).toEqual([1, 2]);
    expect([mockThere.wishes.pins, page.said().said, page.said().clashes]).toEqual([{ boil: 30, chop: 5 }, {}, {}]);
  });

  test('does not write over what another device has said; of the same step, the other’s holds and both are told', async () => {
    const page = open();
    mockThere = { ...mockThere, wishes: { pins: { boil: 20, peel: 7 }, breaks: [] }, version: 2 };
    page.pin('boil', 10);
    page.pin('chop', 5);
    await page.line();
    page.see();
    await page.line();
    page.see();
    expect(mockThere.wishes.pins).toEqual({ boil: 20, peel: 7, chop: 5 });
    expect(page.said().clashes['s']).toEqual([{ at: ['pins', 'boil'], mine: 10, now: 20 }]);
    expect(page.pins()).toEqual(mockThere.wishes.pins);
  });

  test('that the server will not have is told with its reason, and not shown as if it held', async () => {
    const page = open();
    mockRefuses = { code: 'not now', detail: 'This session is being cooked already.' } as ProblemDetails;
    page.pin('boil', 10);
    await page.line();
    await waitFor(() => expect(page.said().refused.map(({ detail }) => detail)).toEqual([mockRefuses?.detail]));
    expect([page.pins(), someWishesKept()]).toEqual([{}, false]);
  });

  test('outlives the page: the next one asks with the same key, and it is done once', async () => {
    const before = open();
    before.pin('boil', 10);
    const [first] = mockAsked;
    before.unmount();
    // It had arrived, though its answer went nowhere.
    mockAnswer(first!);
    mockLetThrough = [];
    const page = open();
    expect(page.pins()).toEqual({ boil: 10 });
    expect(mockAsked[1]?.key).toBe(first?.key);
    await page.line();
    page.see();
    expect([mockThere.version, mockThere.wishes.pins, page.said().said]).toEqual([2, { boil: 10 }, {}]);
  });

  test('of two sessions, both are kept and sent', () => {
    const page = open();
    page.pin('boil', 10);
    page.rerender({ sessions: [{ ...mockThere, id: 't' }, mockThere] });
    page.pin('bake', 20);
    expect(Object.keys(page.said().said).sort()).toEqual(['s', 't']);
    expect(mockAsked.map(({ path }) => path)).toEqual(['sessions/s/wishes', 'sessions/t/wishes']);
    expect(Object.keys(keptWishes()).sort()).toEqual(['s', 't']);
  });

  test('of a session that is gone is asked of the server, which says so', () => {
    const page = open();
    page.rerender({ sessions: [] });
    localStorage.setItem(
      `${WISHES_KEY}gone`,
      JSON.stringify({ base: NO_WISHES, wishes: { pins: { a: 1 }, breaks: [] } }),
    );
    const next = open();
    next.rerender({ sessions: [] });
    expect(mockAsked.at(-1)?.path).toBe('sessions/gone/wishes');
  });

  test.each([
    ['no JSON', '{'],
    ['another shape', '{"base":{"pins":{}},"wishes":7}'],
    ['a minute that is none', JSON.stringify({ base: NO_WISHES, wishes: { pins: { a: 'soon' }, breaks: [] } })],
  ])('kept as %s was no wish, and harms nothing', (_, kept) => {
    localStorage.setItem(`${WISHES_KEY}s`, kept);
    expect(keptWishes()).toEqual({});
    expect(open().pins()).toEqual({});
  });
});

describe('said twice', () => {
  const clock = (minute: number) => `10:${minute}`;
  const nameOf = (task: string) => (task === 'boil' ? 'Boil the millet' : undefined);
  test.each([
    [['pins', 'boil'], 10, 20, 'Boil the millet at 10:20 there, at 10:10 here'],
    [['pins', 'boil'], undefined, 20, 'Boil the millet at 10:20 there, free here'],
    [['given', 'chop'], 'Ines', undefined, 'a step by anybody there, by Ines here'],
    [['steady'], true, false, 'the plan rather short there, rather steady here'],
  ])('%j is told in words', (at, mine, now, words) => {
    expect(clashWords({ at, mine, now }, clock, nameOf)).toBe(words);
  });
});
