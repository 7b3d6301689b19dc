import type { EventsTaken, RunState } from '@kestrel-ridge/core/formats';
import { configureStore } from '@reduxjs/toolkit';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { behindSlice } from '../api/behindSlice.ts';
import { runOutboxSlice } from './runOutboxSlice.ts';
import { useRun } from './useRun.ts';

/** A server as far as a run meets it: it may be away, keeps what it is sent, and may refuse. */
let mockAway = false;
let mockRefuses: (id: string) => boolean = () => false;
const mockAsked: string[][] = [];
let mockRun: RunState;
/** What the page has fetched last, and how many of its next fetches set out before the taps arrived. */
let mockFetched: RunState;
let mockTooEarly = 0;
jest.mock('../api/api.ts', () => ({
  useKitchenQuery: () => ({ data: { equipment: { simulatedDevices: false } } }),
  useRunQuery: () => ({
    data: { run: mockFetched },
    refetch: () => {
      if (mockTooEarly > 0) mockTooEarly -= 1;
      else mockFetched = mockRun;
      return Promise.resolve({ data: { run: mockFetched } });
    },
  }),
  useCommandMutation: () => [
    ({ body }: { body: { events: { id: string; at: string }[] } }) => {
      mockAsked.push(body.events.map(({ id }) => id));
      if (mockAway) return Promise.resolve({ error: { status: 'FETCH_ERROR' } });
      const before = new Set(mockRun.events.map(({ id }) => id));
      const has = (id: string) => before.has(id);
      const kept = body.events.filter(({ id }) => !mockRefuses(id) && !has(id));
      mockRun = {
        ...mockRun,
        events: [...mockRun.events, ...kept.map((event) => ({ ...event, at: Date.parse(event.at) }) as never)],
      };
      const data: EventsTaken = {
        kept: kept.map(({ id }) => id),
        had: body.events.map(({ id }) => id).filter((id) => has(id)),
        refused: body.events
          .filter(({ id }) => mockRefuses(id))
          .map(({ id }) => ({ id, field: 'at', fault: 'Days away.', remedy: 'Set the clock.' })),
      };
      return Promise.resolve({ data });
    },
  ],
}));
jest.mock('../app/store.ts', () => {
  const { useDispatch, useSelector } = jest.requireActual<typeof import('react-redux')>('react-redux');
  return { useAppDispatch: useDispatch, useAppSelector: useSelector };
});
jest.mock('../app/useKitchenId.ts', () => ({ useKitchenId: () => 'k' }));

const START = '2026-03-11T09:00:00.000Z';
const task = (id: string) => ({ id, dish: 'Millet', name: id, minutes: 5, attention: 'full' as const });
const about = (id: string) => ({
  id,
  batch: 'b',
  dish: 'Millet',
  load: 0,
  loads: 1,
  step: id,
  name: id,
  station: 'hands' as const,
  skills: [],
  window: { earliest: 5, expected: 5, latest: 5 },
  attention: { needs: 'hands' as const },
  cautions: [],
  goesIn: [],
});
const newRun = (): RunState => ({
  id: 'r',
  session: 's',
  startedAt: START,
  problem: {
    format: 'kitchen-schedule/1',
    id: 's',
    title: '',
    cooks: 1,
    resources: [],
    tasks: [task('rinse'), task('chop')],
    links: [],
    uses: [],
  },
  plan: { instance: 's', makespan: 10, starts: { rinse: 0, chop: 5 }, washes: [] },
  about: { rinse: about('rinse'), chop: about('chop') },
  events: [],
});

function open() {
  const store = configureStore({ reducer: { behind: behindSlice.reducer, runOutbox: runOutboxSlice.reducer } });
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  /** Of each time that the page was drawn, how many steps were done. */
  const drawn: number[] = [];
  const { result, unmount } = renderHook(
    () => {
      const run = useRun('s');
      if (run.state === 'on') drawn.push(run.view.tasks.filter(({ status }) => status === 'done').length);
      return run;
    },
    { wrapper },
  );
  const live = () => {
    if (result.current.state !== 'on') throw new Error(result.current.state);
    return result.current;
  };
  return {
    unmount,
    drawn,
    done: () =>
      live()
        .view.tasks.filter(({ status }) => status === 'done')
        .map(({ id }) => id),
    waiting: () => live().waiting,
    refused: () => store.getState().runOutbox.refused,
    tap: (id: string) => act(() => live().tap({ kind: 'done', task: id })),
  };
}
const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  localStorage.clear();
  mockAway = false;
  mockRefuses = () => false;
  mockAsked.length = 0;
  mockRun = newRun();
  mockFetched = mockRun;
  mockTooEarly = 0;
  jest.useFakeTimers({ now: new Date(START).getTime() + 60_000 });
});
afterEach(() => jest.useRealTimers());

test('a tap shows at once, goes to the server, and waits no more', async () => {
  const run = open();
  run.tap('rinse');
  expect([run.done(), run.waiting()]).toEqual([['rinse'], 1]);
  await later(0);
  expect([run.done(), run.waiting(), mockAsked.length]).toEqual([['rinse'], 0, 1]);
});

test.each([1, 2])(
  'a step that is done stays so on the screen while %i fetches are under way that do not have it yet',
  async (early) => {
    const run = open();
    mockTooEarly = early;
    run.tap('rinse');
    const from = run.drawn.length - 1;
    await later(4000);
    expect([run.done(), run.waiting()]).toEqual([['rinse'], 0]);
    expect(mockTooEarly).toBe(0);
    expect(run.drawn.slice(from).every((done) => done === 1)).toBe(true);
    expect(mockRun.events.map(({ id }) => id)).toEqual(mockAsked[0]);
  },
);

test('with the server away taps wait, are sent again, and arrive once each; a reload in between loses none', async () => {
  mockAway = true;
  const before = open();
  before.tap('rinse');
  await later(4000);
  before.tap('chop');
  await later(1000);
  expect([before.done(), before.waiting()]).toEqual([['rinse', 'chop'], 2]);
  before.unmount();

  const after = open();
  expect([after.done(), after.waiting()]).toEqual([['rinse', 'chop'], 2]);
  mockAway = false;
  await later(4000);
  expect([after.done(), after.waiting()]).toEqual([['rinse', 'chop'], 0]);
  expect(new Set(mockRun.events.map(({ id }) => id)).size).toBe(2);
  expect(mockRun.events).toHaveLength(2);
});

test('a tap that is refused is told, is not done any more, and does not keep the next one away', async () => {
  const run = open();
  mockRefuses = () => true;
  run.tap('rinse');
  await later(0);
  expect([run.done(), run.waiting(), run.refused().length]).toEqual([[], 0, 1]);
  mockRefuses = () => false;
  run.tap('chop');
  await later(0);
  expect([run.done(), run.waiting()]).toEqual([['chop'], 0]);
});

test('taps of two tabs are one queue: each shows what the other has tapped, and all arrive', async () => {
  mockAway = true;
  const [first, second] = [open(), open()];
  first.tap('rinse');
  // A browser tells the other tabs of what one has stored.
  act(() => void window.dispatchEvent(new StorageEvent('storage', { key: null })));
  expect(second.done()).toEqual(['rinse']);
  second.tap('chop');
  first.unmount();
  mockAway = false;
  await later(4000);
  expect([second.done(), second.waiting()]).toEqual([['rinse', 'chop'], 0]);
  expect(mockRun.events).toHaveLength(2);
});
