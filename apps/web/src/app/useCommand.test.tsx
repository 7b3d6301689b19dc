import { configureStore } from '@reduxjs/toolkit';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import type { SentCommand } from '../api/api.ts';
import { keepCommand, keptCommands } from './keptCommands.ts';
import { lastChangeSlice } from './lastChangeSlice.ts';
import { openCommandsSlice } from './openCommandsSlice.ts';
import { useCommand, type Ask } from './useCommand.ts';
import { useResumeCommands } from './useResumeCommands.ts';

/** A server that does a command once for its key, over a line that loses askings and answers. */
const mockDone = new Map<string, unknown>();
const mockAsked: SentCommand[] = [];
let mockFates: ('answers' | 'is lost' | 'answer is lost' | 'refuses' | 'never')[] = [];
const mockStale = {
  code: 'stale',
  status: 409,
  title: 'Changed meanwhile',
  detail: 'Look.',
  errors: [],
  now: { version: 2 },
};
const mockCommand = (sent: SentCommand) => {
  mockAsked.push(sent);
  const fate = mockFates.shift() ?? 'answers';
  if (fate === 'never') return new Promise<never>(() => undefined);
  if (fate === 'refuses') return Promise.resolve({ error: { status: 409, data: mockStale } });
  if (fate !== 'is lost' && !mockDone.has(sent.key)) mockDone.set(sent.key, { n: mockDone.size + 1 });
  return Promise.resolve(fate === 'answers' ? { data: mockDone.get(sent.key) } : { error: { status: 'FETCH_ERROR' } });
};
const mockTold: string[] = [];
const mockFetchedAnew: unknown[] = [];
jest.mock('../api/api.ts', () => ({
  EVERYTHING: ['kitchen', 'shelf', 'recipes', 'week', 'run', 'cost'],
  api: {
    util: {
      invalidateTags: (tags: unknown) => {
        mockFetchedAnew.push(tags);
        return { type: 'fetch anew' };
      },
    },
  },
  useCommandMutation: () => [mockCommand],
}));
jest.mock('antd', () => {
  const message = { error: ({ content }: { content: string }) => mockTold.push(content) };
  return { App: { useApp: () => ({ message }) } };
});
jest.mock('./store.ts', () => {
  const { useDispatch, useSelector } = jest.requireActual<typeof import('react-redux')>('react-redux');
  return { useAppDispatch: useDispatch, useAppSelector: useSelector };
});
jest.mock('./useKitchenId.ts', () => ({ useKitchenId: () => 'k' }));

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  mockDone.clear();
  mockAsked.length = 0;
  mockTold.length = 0;
  mockFetchedAnew.length = 0;
  mockFates = [];
});
afterEach(() => jest.useRealTimers());

function open() {
  const store = configureStore({
    reducer: { lastChange: lastChangeSlice.reducer, openCommands: openCommandsSlice.reducer },
    middleware: (defaults) => defaults({ serializableCheck: false }),
  });
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  const page = renderHook(
    () => {
      useResumeCommands();
      return useCommand();
    },
    { wrapper },
  );
  return {
    ...page,
    send: (ask: Partial<Ask<{ n: number }>> = {}) =>
      page.result.current<{ n: number }>({ path: 'lots', body: { a: 1 }, touches: ['shelf'], ...ask }),
    passes: (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms)),
    openKeys: () => store.getState().openCommands.keys,
    undo: () => store.getState().lastChange.change,
  };
}

describe('a command', () => {
  test('that is answered at once was asked once, and nothing of it is kept', async () => {
    const page = open();
    const sent = await page.send();
    expect(sent).toMatchObject({ ok: true, value: { n: 1 } });
    expect([mockAsked.length, mockAsked[0]?.path, keptCommands()]).toEqual([1, 'kitchens/k/lots', []]);
  });
  test('whose answer was lost is asked again with its key until it is answered, done once, and told as not known meanwhile', async () => {
    mockFates = ['answer is lost', 'is lost', 'answers'];
    const page = open();
    const sent = page.send({ undo: 'Added' });
    await page.passes(0);
    expect(page.openKeys()).toHaveLength(1);
    expect(keptCommands()).toHaveLength(1);
    await page.passes(10_000);
    expect(await sent).toMatchObject({ ok: true, value: { n: 1 } });
    expect(new Set(mockAsked.map(({ key }) => key)).size).toBe(1);
    expect([mockAsked.length, mockDone.size, page.openKeys(), keptCommands(), mockTold]).toEqual([3, 1, [], [], []]);
    expect(page.undo()?.text).toBe('Added');
  });
  test('that is refused is told with both sides, fetched anew, and not kept', async () => {
    mockFates = ['refuses'];
    const page = open();
    const sent = await page.send({ both: (now) => `Version ${(now as { version: number }).version} there.` });
    expect(sent).toMatchObject({ ok: false, problem: { code: 'stale' } });
    expect(mockTold).toEqual(['Changed meanwhile. Look. Version 2 there.']);
    expect([mockFetchedAnew, keptCommands()]).toEqual([[['shelf']], []]);
  });
  test('that stumbles over the page’s own doing is sent on it, with a new key', async () => {
    mockFates = ['refuses', 'answers'];
    const page = open();
    const sent = await page.send({ ownDoing: (now) => ({ a: 1, version: (now as { version: number }).version }) });
    expect(sent.ok).toBe(true);
    expect(mockAsked.map(({ body }) => body)).toEqual([{ a: 1 }, { a: 1, version: 2 }]);
    expect([new Set(mockAsked.map(({ key }) => key)).size, mockTold]).toEqual([2, []]);
  });
  test('the way back is made of the answer', async () => {
    const page = open();
    await page.send({ undo: 'Added', back: ({ n }) => [{ path: 'undo', body: { n }, touches: ['shelf'] }] });
    expect(page.undo()?.back).toEqual([{ path: 'undo', body: { n: 1 }, touches: ['shelf'] }]);
  });
});

describe('a page that is left while a command is out', () => {
  test('leaves it to the next, which asks with the same key: it is done once', async () => {
    mockFates = ['answer is lost', 'never'];
    const before = open();
    void before.send();
    await before.passes(1000);
    before.unmount();
    const page = open();
    await page.passes(0);
    expect(new Set(mockAsked.map(({ key }) => key)).size).toBe(1);
    expect([mockDone.size, keptCommands(), page.openKeys(), mockTold]).toEqual([1, [], [], []]);
  });
  test('and the next tells what was refused', async () => {
    mockFates = ['never', 'refuses'];
    const before = open();
    void before.send();
    await before.passes(0);
    before.unmount();
    const page = open();
    await page.passes(0);
    expect([mockTold, keptCommands()]).toEqual([['Of a change made before: Changed meanwhile. Look.'], []]);
  });
  test('what somebody keeps elsewhere is not kept here too', async () => {
    mockFates = ['never'];
    const page = open();
    void page.send({ key: 'own key' });
    await page.passes(0);
    expect(keptCommands()).toEqual([]);
  });
  const sound: SentCommand = { path: 'kitchens/k/lots', method: 'POST', body: {}, key: 'a', touches: ['shelf'] };
  test.each([
    ['no JSON', '{'],
    ['nothing', 'null'],
    ['an address outside of any kitchen', JSON.stringify({ ...sound, path: 'health' })],
    ['an address that climbs out of it', JSON.stringify({ ...sound, path: 'kitchens/../health' })],
    ['another way of asking', JSON.stringify({ ...sound, method: 'DELETE' })],
    ['a key that is not its own', JSON.stringify({ ...sound, key: 'b' })],
  ])('%s was no command, and goes', (_, kept) => {
    keepCommand(sound);
    localStorage.setItem('kestrel-ridge.command.a', kept);
    keptCommands();
    expect(Object.keys(localStorage)).toEqual([]);
  });
});
