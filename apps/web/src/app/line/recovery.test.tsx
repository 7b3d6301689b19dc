import { readFileSync } from 'node:fs';
import path from 'node:path';
import { configureStore } from '@reduxjs/toolkit';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { useKitchensQuery, useWeekQuery } from '../../api/api.ts';
import { KEPT_HEADER } from '../../api/keptHeader.ts';
import { useAway } from './useAway.ts';
import { useRecovery } from './useRecovery.ts';

/** What the server, a proxy before it, or the device in its place answers to a reading. */
let mockAnswer: (path: string) => { readonly status: number; readonly body: unknown; readonly kept?: boolean };
const mockAsked: string[] = [];
jest.mock('@reduxjs/toolkit/query/react', () => {
  const actual = jest.requireActual<typeof import('@reduxjs/toolkit/query/react')>('@reduxjs/toolkit/query/react');
  return {
    ...actual,
    fetchBaseQuery: () => (path: string) => {
      mockAsked.push(path);
      const { status, body, kept } = mockAnswer(path);
      if (status === 0) return Promise.resolve({ error: { status: 'FETCH_ERROR', error: 'no line' } });
      const meta = { response: { headers: { has: () => kept === true } } };
      return Promise.resolve(status < 300 ? { data: body, meta } : { error: { status, data: body }, meta });
    },
  };
});
jest.mock('../store.ts', () => {
  const { useDispatch, useSelector } = jest.requireActual<typeof import('react-redux')>('react-redux');
  return { useAppDispatch: useDispatch, useAppSelector: useSelector };
});

async function open(week = true) {
  const { api } = jest.requireActual<typeof import('../../api/api.ts')>('../../api/api.ts');
  const { behindSlice } = jest.requireActual<typeof import('../../api/behindSlice.ts')>('../../api/behindSlice.ts');
  const store = configureStore({
    reducer: { [api.reducerPath]: api.reducer, behind: behindSlice.reducer },
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(api.middleware),
  });
  const seen: string[] = [];
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  const page = renderHook(
    ({ wants }: { wants: boolean }) => {
      const kitchens = useKitchensQuery();
      const away = useAway(kitchens.error) !== undefined;
      seen.push(kitchens.data ? 'there' : away ? 'away' : 'on its way');
      return { behind: useRecovery(), kitchens, week: useWeekQuery('k', { skip: !wants }) };
    },
    { wrapper, initialProps: { wants: week } },
  );
  const passes = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
  await passes(20);
  return {
    ...page,
    passes,
    seen: () => seen.filter((each, n) => each !== seen[n - 1]),
    now: () => page.result.current,
  };
}

beforeEach(() => {
  jest.useFakeTimers();
  mockAsked.length = 0;
});
afterEach(() => jest.useRealTimers());

test.each([
  ['no line', { status: 0, body: undefined }],
  ['a proxy’s word', { status: 502, body: '<html>' }],
  [
    'a server without its database',
    { status: 503, body: { code: 'database away', status: 503, detail: '', errors: [] } },
  ],
])('%s: it is asked again every two seconds until it is there, and then no more', async (_, away) => {
  mockAnswer = () => away;
  const page = await open(false);
  expect([page.now().behind, page.now().kitchens.isError]).toEqual([true, true]);
  await page.passes(4100);
  expect(mockAsked).toHaveLength(3);
  mockAnswer = () => ({ status: 200, body: [{ id: 'k', name: 'Hut' }] });
  await page.passes(2000);
  expect(page.now()).toMatchObject({ behind: false, kitchens: { data: [{ id: 'k', name: 'Hut' }], isError: false } });
  await page.passes(60_000);
  expect(mockAsked).toHaveLength(4);
  // Asked again, it is still away until it is there: nothing flickers.
  expect(page.seen()).toEqual(['on its way', 'away', 'there']);
});

test('what was kept on the device is shown, known to be old, and replaced by the server’s own word', async () => {
  mockAnswer = () => ({ status: 200, body: [{ id: 'k', name: 'Old hut' }], kept: true });
  const page = await open(false);
  expect(page.now()).toMatchObject({ behind: true, kitchens: { data: [{ name: 'Old hut' }] } });
  mockAnswer = () => ({ status: 200, body: [{ id: 'k', name: 'New hut' }] });
  await page.passes(2000);
  expect(page.now()).toMatchObject({ behind: false, kitchens: { data: [{ name: 'New hut' }] } });
});

test('what no page wants any more is asked for no more', async () => {
  mockAnswer = (path) => (path.endsWith('week') ? { status: 503, body: undefined } : { status: 200, body: [] });
  const page = await open();
  await page.passes(2000);
  expect(mockAsked.filter((path) => path.endsWith('week'))).toHaveLength(2);
  page.rerender({ wants: false });
  await page.passes(4000);
  const asked = mockAsked.length;
  await page.passes(60_000);
  expect([mockAsked.length, page.now().behind]).toEqual([asked, false]);
});

test('a refusal is an answer: it is not asked again', async () => {
  mockAnswer = () => ({
    status: 404,
    body: { code: 'not found', status: 404, detail: 'No such kitchen.', errors: [] },
  });
  const page = await open(false);
  await page.passes(10_000);
  expect([page.now().behind, mockAsked.length]).toEqual([false, 1]);
});

test('a device whose network is back does not wait', async () => {
  mockAnswer = () => ({ status: 0, body: undefined });
  const page = await open(false);
  mockAnswer = () => ({ status: 200, body: [] });
  act(() => void window.dispatchEvent(new Event('online')));
  await page.passes(20);
  expect(page.now().behind).toBe(false);
});

test('the worker that shows what was kept marks it as the pages look for it', () => {
  const worker = readFileSync(path.resolve(__dirname, '../../offline/serviceWorker.ts'), 'utf8');
  expect(worker).toContain(`const KEPT_HEADER = '${KEPT_HEADER}';`);
  expect(worker).not.toMatch(/from '\.\.?\//);
});
