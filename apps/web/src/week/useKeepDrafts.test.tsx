import type { SessionState, WeekChanged } from '@kestrel-ridge/core/formats';
import { addDays } from '@kestrel-ridge/core/quantity';
import { renderHook } from '@testing-library/react';
import { batchOf, kitchen, recipes, session, today } from '../app/kitchenForTests.ts';
import type { Ask } from '../app/useCommand.ts';
import { useKeepDrafts, type Drafts } from './useKeepDrafts.ts';
import type { WeekCommand } from '@kestrel-ridge/core/view';

const mockSent: Ask<WeekChanged>[] = [];
let mockOk = true;
const mockDispatched: string[] = [];
jest.mock('../app/useCommand.ts', () => ({
  useCommand: () => (ask: Ask<WeekChanged>) => {
    mockSent.push(ask);
    return Promise.resolve(mockOk ? { ok: true, value: {}, key: 'key' } : { ok: false, problem: {} });
  },
}));
jest.mock('../app/store.ts', () => ({
  useAppDispatch: () => (action: { type: string }) => mockDispatched.push(action.type),
}));
beforeEach(() => {
  mockSent.length = 0;
  mockDispatched.length = 0;
  mockOk = true;
});

const [millet, beans] = [batchOf(recipes[0]!), batchOf(recipes[1]!, session, 6, 'c')];
const friday: SessionState = { ...session, id: 'f', startsAt: `${addDays(today, 4)}T09:00:00.000Z` };
const base = kitchen();
const view = {
  ...base,
  batches: [millet, beans],
  week: { ...base.week, sessions: [session, friday], batches: [millet.state, beans.state] },
};
const keep = async (drafts: Drafts) => {
  const { result } = renderHook(() => useKeepDrafts(view));
  await result.current(drafts);
  const [ask] = mockSent;
  return { ask, body: ask?.body as WeekCommand };
};

test('sizes and days that were tried go in one command, each batch with the version that was seen', async () => {
  const { body } = await keep({
    sizes: { b: { portions: 10, freezePortions: 2 } },
    days: { b: addDays(today, 4), c: addDays(today, 4) },
  });
  expect(mockSent).toHaveLength(1);
  expect(body.size).toEqual([
    { id: 'b', version: 1, portions: '10', freezePortions: '2', session: 'f' },
    { id: 'c', version: 1, portions: '6', freezePortions: '0', session: 'f' },
  ]);
  expect([body.sessions, mockDispatched]).toEqual([[], ['weekDraft/draftLeft']]);
});

test('a day without a session gets one, at the same hour; two dishes for that day share it', async () => {
  const day = addDays(today, 2);
  const { body } = await keep({ sizes: {}, days: { b: day, c: day } });
  expect(body.sessions).toMatchObject([{ startsAt: `${day}T08:00:00.000Z`, cooks: 1 }]);
  expect(body.size.map((each) => each.session)).toEqual([body.sessions?.[0]?.id, body.sessions?.[0]?.id]);
});

test('what is tried as it is already is not sent', async () => {
  await keep({ sizes: { b: { portions: 8, freezePortions: 0 } }, days: { c: today } });
  expect([mockSent.length, mockDispatched]).toEqual([0, ['weekDraft/draftLeft']]);
});

test('what is refused stays tried', async () => {
  mockOk = false;
  await keep({ sizes: { b: { portions: 9, freezePortions: 0 } }, days: {} });
  expect([mockSent.length, mockDispatched]).toEqual([1, []]);
});

test('taken back, each is in its size and its session again; one that was emptied by it is there again, with what was said of its plan', async () => {
  const { ask, body } = await keep({
    sizes: { b: { portions: 10, freezePortions: 0 } },
    days: { c: addDays(today, 4) },
  });
  const emptied = { ...session, wishes: { pins: { boil: 5 }, breaks: [] } };
  const answered = body.size.map(({ id }, n) => ({ ...millet.state, id, version: 7 + n }));
  const back = ask?.back?.({ batches: answered, gone: [emptied] })[0]?.body as WeekCommand;
  expect(back.size).toEqual([
    { id: 'b', version: 7, portions: '8', freezePortions: '0' },
    { id: 'c', version: 8, portions: '6', freezePortions: '0', session: 's' },
  ]);
  expect(back.sessions).toMatchObject([{ id: 's', startsAt: session.startsAt, wishes: emptied.wishes }]);
});
