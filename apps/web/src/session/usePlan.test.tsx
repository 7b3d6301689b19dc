import type { Plan } from '@kestrel-ridge/core/session';
import type { Asked, KitchenView, Planned } from '@kestrel-ridge/core/view';
import { configureStore } from '@reduxjs/toolkit';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { batchOf, kitchen, millet, session } from '../app/kitchenForTests.ts';
import { planSlice } from './planSlice.ts';
import { usePlan } from './usePlan.ts';
import { wished, wishesSlice } from './wishesSlice.ts';

/** A worker that answers when the test lets it: first a plan at once, then a better one. */
interface Search {
  readonly which: 'first' | 'better';
  readonly from: Plan | undefined;
  readonly answer: (makespan: number) => Promise<void>;
  readonly fail: (why: string) => Promise<void>;
}
let mockSearches: Search[] = [];
const mockSearch = (which: Search['which'], asked: Asked, from: Plan | undefined) =>
  new Promise<Planned>((resolve, reject) => {
    const plan = (makespan: number) =>
      ({
        plan: { instance: asked.problem.id, makespan, starts: {}, washes: [] },
        settled: which === 'better',
      }) as unknown as Planned;
    mockSearches.push({
      which,
      from,
      answer: (makespan) => act(async () => Promise.resolve(resolve(plan(makespan)))),
      fail: (why) => act(async () => Promise.resolve(reject(new Error(why)))),
    });
  });
jest.mock('./planner.ts', () => ({
  planner: () => ({ first: (asked: Asked, from: Plan | undefined) => mockSearch('first', asked, from) }),
  betterPlan: (_key: string, asked: Asked, from: Plan | undefined) => mockSearch('better', asked, from),
}));
jest.mock('../app/store.ts', () => {
  const { useDispatch, useSelector } = jest.requireActual<typeof import('react-redux')>('react-redux');
  return { useAppDispatch: useDispatch, useAppSelector: useSelector };
});

beforeEach(() => {
  localStorage.clear();
  mockSearches = [];
});

function open(view: KitchenView) {
  const store = configureStore({
    reducer: { plan: planSlice.reducer, wishes: wishesSlice.reducer },
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }),
  });
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  const page = renderHook((shown: KitchenView) => usePlan(shown), { wrapper, initialProps: view });
  return {
    ...page,
    now: () => page.result.current,
    say: (pins: Readonly<Record<string, number>>) =>
      act(() => {
        const wishes = { pins, breaks: [] };
        store.dispatch(wished({ session: session.id, said: { base: session.wishes, wishes } }));
      }),
    letGo: () => act(() => void store.dispatch(wished({ session: session.id, said: undefined }))),
  };
}
const makespanOf = (page: ReturnType<typeof open>) => {
  const planning = page.now();
  return planning.state === 'planned' ? planning.result.plan.makespan : planning.state;
};
const taskOf = (page: ReturnType<typeof open>): string => {
  const planning = page.now();
  const about = planning.state === 'planned' ? planning.result.tasks.about : {};
  return Object.keys(about)[0] ?? '';
};

test('a first plan comes at once, the better one takes its place; both belong to the day as it is', async () => {
  const page = open(kitchen());
  expect(page.now().state).toBe('planning');
  await mockSearches[0]?.answer(60);
  expect([makespanOf(page), mockSearches.map(({ which }) => which)]).toEqual([60, ['first', 'better']]);
  await mockSearches[1]?.answer(50);
  expect(makespanOf(page)).toBe(50);
  expect(mockSearches).toHaveLength(2);
});

test('sizes that change while a plan is searched for: what comes for the old ones is never shown', async () => {
  const page = open(kitchen());
  const [old] = mockSearches;
  page.rerender(kitchen({}, 12));
  await old?.answer(60);
  expect(makespanOf(page)).toBe('planning');
  await mockSearches.at(-1)?.answer(70);
  expect(makespanOf(page)).toBe(70);
});

test('the same day again is not searched for again', async () => {
  const page = open(kitchen());
  await mockSearches[0]?.answer(60);
  await mockSearches[1]?.answer(50);
  page.rerender(kitchen());
  expect([mockSearches.length, makespanOf(page)]).toEqual([2, 50]);
});

test('something said mends the plan at hand, which stays in sight meanwhile; all let go, the plan from before is begun with', async () => {
  const page = open(kitchen());
  await mockSearches[0]?.answer(60);
  await mockSearches[1]?.answer(50);
  page.say({ [taskOf(page)]: 30 });
  expect([makespanOf(page), mockSearches.length]).toEqual([50, 3]);
  expect(mockSearches[2]?.from?.makespan).toBe(50);
  await mockSearches[2]?.answer(65);
  await mockSearches[3]?.answer(64);
  expect(makespanOf(page)).toBe(64);
  page.letGo();
  expect(mockSearches[4]?.from?.makespan).toBe(50);
});

test('a search that ends badly says why, and the next day is planned as ever', async () => {
  const page = open(kitchen());
  await mockSearches[0]?.fail('no burner');
  expect(page.now()).toMatchObject({ state: 'impossible', why: 'no burner' });
  page.rerender(kitchen({}, 12));
  await mockSearches.at(-1)?.answer(70);
  expect(makespanOf(page)).toBe(70);
});

test('nothing to cook, and a session that is being cooked, ask for no plan', () => {
  expect(open({ ...kitchen(), batches: [] }).now().state).toBe('nothing to cook');
  const running = { ...session, status: 'running' as const };
  if (!millet) throw new Error('no millet');
  const view = kitchen({ session: running, batches: [batchOf(millet, running)] });
  expect(open(view).now().state).toBe('under way');
  expect(mockSearches).toEqual([]);
});
