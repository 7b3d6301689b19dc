import { renderHook } from '@testing-library/react';
import { NEW_SESSION, nextSessionAt, type WeekChange } from '@kestrel-ridge/core/view';
import type { Slot } from '@kestrel-ridge/core/week';
import { appNow } from '../parts/appNow.ts';
import { boxes, kitchen, millet, session, today } from '../app/kitchenForTests.ts';
import type { Ask } from '../app/useCommand.ts';
import { useMoveLot } from '../stock/useMoveLot.ts';
import { useWeekChange } from './useWeekChange.ts';

const mockSent: Ask[] = [];
let mockOk = true;
const mockAnswer = { batches: [], gone: [] };
jest.mock('../app/useCommand.ts', () => ({
  useCommand: () => (ask: Ask) => {
    mockSent.push(ask);
    return Promise.resolve(mockOk ? { ok: true, value: mockAnswer, key: 'key' } : { ok: false, problem: {} });
  },
}));
beforeEach(() => {
  mockSent.length = 0;
  mockOk = true;
});

interface Body {
  readonly sessions?: readonly { readonly id: string; readonly startsAt: string }[];
  readonly slots: readonly Slot[];
  readonly seen: readonly Slot[];
  readonly add: readonly {
    readonly id: string;
    readonly session: string;
    readonly recipe: string;
    readonly portions: string;
  }[];
  readonly size: readonly {
    readonly id: string;
    readonly portions: string;
    readonly freezePortions: string;
    readonly version: number;
  }[];
  readonly drop: readonly { readonly id: string; readonly version: number }[];
}
const send = async (change: WeekChange, view = kitchen()) => {
  const { result } = renderHook(() => useWeekChange(view));
  const done = await result.current(change, 'changed');
  const [ask] = mockSent;
  const body = ask?.body as Body;
  // As the server answers: what was added begins at 1, what was changed is one further.
  const batches = [
    ...body.add.map(({ id }) => ({ id, version: 1 })),
    ...body.size.map(({ id, version }) => ({ id, version: version + 1 })),
  ];
  return { done, ask, body, back: ask?.back?.({ batches, gone: [] })[0]?.body as Body };
};
const dinner: Slot = { day: today, meal: 'dinner', guests: 2, parts: [{ food: 'soup', portions: 1 }] };

describe('a change of the week', () => {
  test('is one command: sizes with the version that was seen, and the way back with the one that was answered', async () => {
    const { ask, body, back } = await send({ size: [{ id: 'b', portions: 12, freezePortions: 3 }] });
    expect([mockSent.length, ask?.path, ask?.undo]).toEqual([1, 'week/changes', 'changed']);
    expect(body.size).toEqual([{ id: 'b', portions: '12', freezePortions: '3', version: 1 }]);
    expect(back.size).toEqual([{ id: 'b', portions: '8', freezePortions: '0', version: 2 }]);
    expect([body.add, body.drop, body.slots]).toEqual([[], [], []]);
  });
  test('says what it saw of each meal, so that one set meanwhile is not written over; the way back has seen what it made', async () => {
    const { body, back } = await send({ slots: [dinner] });
    expect(body.seen).toEqual([{ day: today, meal: 'dinner', parts: [], guests: 0 }]);
    expect(back.seen).toEqual([dinner]);
    expect(back.slots).toEqual(body.seen);
  });
  test('adds to the session at hand; taken back, the dish that was added is dropped', async () => {
    const { body, back } = await send({ add: [{ recipe: millet?.id ?? '', portions: 6, freezePortions: 0 }] });
    expect(body.sessions).toBeUndefined();
    expect(body.add[0]).toMatchObject({ session: session.id, recipe: millet?.id, portions: '6' });
    expect(back.drop.map(({ id }) => id)).toEqual([body.add[0]?.id]);
  });
  test('makes a session where none is planned, or where one is asked for: at the hour that its preview had', async () => {
    const add = [{ recipe: millet?.id ?? '', portions: 6, freezePortions: 0 }];
    const running = { ...session, status: 'running' as const };
    const none = await send({ add }, kitchen({ session: running }));
    expect(none.body.sessions?.[0]?.id).toBe(none.body.add[0]?.session);
    expect(Date.parse(none.body.sessions?.[0]?.startsAt ?? '')).toBe(nextSessionAt(appNow()));
    mockSent.length = 0;
    const asked = await send({ add: [{ ...add[0]!, session: NEW_SESSION }] });
    expect(asked.body.sessions?.[0]?.id).toBe(asked.body.add[0]?.session);
    expect(asked.body.sessions?.[0]?.id).not.toBe(session.id);
  });
  test('leaves out what is dropped, and brings it back in its size and session', async () => {
    const { body, back } = await send({ drop: ['b'] });
    expect(body.drop).toEqual([{ id: 'b', version: 1 }]);
    expect(back.add[0]).toMatchObject({ session: session.id, recipe: millet?.id, portions: '8' });
  });
  test('sets meals, and sets back what they were, or nothing', async () => {
    const view = kitchen();
    const { back } = await send(
      {
        slots: [
          { ...dinner, guests: 5 },
          { ...dinner, meal: 'lunch' },
        ],
      },
      { ...view, week: { ...view.week, slots: [dinner] } },
    );
    expect(back.slots).toEqual([dinner, { day: today, meal: 'lunch', parts: [], guests: 0 }]);
  });
  test('that is refused says so to whoever asked', async () => {
    mockOk = false;
    expect((await send({ drop: ['b'] })).done).toBe(false);
  });
});

describe('a box that is moved', () => {
  const box = boxes(4, 'fridge');
  const view = kitchen({ lots: [box] });
  test('goes whole, or as many grams as are there, to the first place of its kind, with a way back', () => {
    const { result } = renderHook(() => useMoveLot(view, 'freezer'));
    result.current?.(box);
    result.current?.(box, 99_999);
    result.current?.(box, 150.4);
    expect(mockSent.map(({ body }) => (body as { amount: string; place: string }).amount)).toEqual([
      '640',
      '640',
      '150',
    ]);
    expect(
      mockSent.every(({ undo, body }) => undo !== undefined && (body as { place: string }).place === 'freezer'),
    ).toBe(true);
  });
  test('has nowhere to go in a kitchen without such a place', () => {
    const none = { ...view, kitchen: { ...view.kitchen, places: [] } };
    expect(renderHook(() => useMoveLot(none, 'freezer')).result.current).toBeUndefined();
  });
});
