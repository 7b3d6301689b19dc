import type { EventsTaken } from '@kestrel-ridge/core/formats';
import type { RunEvent } from '@kestrel-ridge/core/run';
import fc from 'fast-check';
import { dropTaps, keepTap, keptTaps } from './keptTaps.ts';
import { answered, runOutboxSlice, tapped, tapsKept } from './runOutboxSlice.ts';
import { sendTaps } from './sendTaps.ts';

const idOf = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const event = (n: number): RunEvent => ({
  id: idOf(n),
  device: 'tablet',
  deviceSeq: n,
  clock: n,
  at: 1_700_000_000_000 + n,
  what: { kind: 'done', task: `task ${n}` },
});
const tapOf = (n: number, run = 'a') => ({ run, event: event(n) });
beforeEach(() => localStorage.clear());

describe('taps kept on a device', () => {
  test('law: two tabs that keep and drop beside each other lose nothing that was not answered', () => {
    const step = fc.record({ tab: fc.constantFrom(0, 1), n: fc.integer({ min: 1, max: 12 }), drop: fc.boolean() });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        localStorage.clear();
        const there = new Set<number>();
        for (const { n, drop } of steps) {
          if (drop) dropTaps([idOf(n)]);
          else keepTap(tapOf(n));
          if (drop) there.delete(n);
          else there.add(n);
        }
        expect(keptTaps().map(({ event: { clock } }) => clock)).toEqual([...there].sort((a, b) => a - b));
      }),
    );
  });
  test('what was kept by a page of before is taken over; what cannot be understood harms nothing', () => {
    localStorage.setItem('kestrel-ridge.outbox', JSON.stringify({ a: [event(1), { id: 'x' }], b: [event(2)] }));
    localStorage.setItem('kestrel-ridge.tap.broken', '{');
    localStorage.setItem('kestrel-ridge.tap.poison', JSON.stringify({ run: 'a', event: { ...event(3), clock: 1e12 } }));
    expect(keptTaps().map(({ run, event: { id } }) => [run, id])).toEqual([
      ['a', idOf(1)],
      ['b', idOf(2)],
    ]);
    expect(localStorage.getItem('kestrel-ridge.outbox')).toBeNull();
  });
});

test('a device that has no room for a tap loses the page nothing', () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(keepTap(tapOf(1))).toBe(false);
  full.mockRestore();
  expect(keptTaps()).toEqual([]);
});

describe('the outbox', () => {
  const { reducer } = runOutboxSlice;
  const begun = reducer(undefined, { type: 'none' });
  test('what is kept, had or refused leaves it; what was refused is told until it is seen', () => {
    const three = [1, 2, 3, 4].reduce((state, n) => reducer(state, tapped(tapOf(n))), begun);
    const refused = [{ id: idOf(3), field: 'at', fault: 'Days away.', remedy: 'Set the clock.' }];
    const after = reducer(three, answered({ run: 'a', taken: { kept: [idOf(1)], had: [idOf(2)], refused } }));
    expect(after.pending['a']?.map(({ clock }) => clock)).toEqual([4]);
    expect(after.refused).toEqual(refused);
  });
  test('a tap that found no room on the device stays on its page, whatever another tab reports, until it is answered', () => {
    const own = reducer(begun, tapped({ ...tapOf(2), stored: false }));
    const both = reducer(own, tapsKept([tapOf(1)]));
    expect(both.pending['a']?.map(({ clock }) => clock)).toEqual([1, 2]);
    const sent = reducer(both, answered({ run: 'a', taken: { kept: [idOf(2)], had: [], refused: [] } }));
    expect(reducer(sent, tapsKept([tapOf(1)])).pending['a']?.map(({ clock }) => clock)).toEqual([1]);
  });
  test('another tab’s taps are shown beside one’s own; the same list stays the same', () => {
    const own = reducer(begun, tapped(tapOf(2)));
    const both = reducer(own, tapsKept([tapOf(1), tapOf(2), tapOf(7, 'b')]));
    expect(both.pending['a']?.map(({ clock }) => clock)).toEqual([1, 2]);
    expect(both.pending['b']?.map(({ clock }) => clock)).toEqual([7]);
    expect(reducer(both, tapsKept([tapOf(1), tapOf(2), tapOf(7, 'b')])).pending['a']).toBe(both.pending['a']);
  });
});

describe('sending taps', () => {
  const all = Array.from({ length: 450 }, (_, n) => event(n + 1));
  const took = (events: readonly { readonly id: string }[]): EventsTaken => ({
    kept: events.map(({ id }) => id),
    had: [],
    refused: [],
  });
  const body = (sent: { readonly events: readonly unknown[] }) => sent.events as readonly RunEvent[];

  test('a long queue goes in parts, the first first; times go as ISO 8601', async () => {
    const answer = await sendTaps(all, (sent) => Promise.resolve({ data: took(body(sent)) }));
    expect(answer?.kept).toEqual(all.slice(0, 200).map(({ id }) => id));
    await sendTaps(all.slice(0, 1), (sent) => {
      expect(body(sent)[0]?.at).toBe(new Date(all[0]?.at ?? 0).toISOString());
      return Promise.resolve({ data: took(body(sent)) });
    });
  });
  test.each([['FETCH_ERROR'], ['TIMEOUT_ERROR'], [500], [502], [503], [429]])(
    'an answer that is none (%s): nobody knows, and all of them wait on',
    async (status) => expect(await sendTaps(all, () => Promise.resolve({ error: { status } }))).toBeUndefined(),
  );
  test('a request refused as a whole: the tap that cannot be taken is found, and the others get through', async () => {
    let waiting = all.slice(0, 5);
    const kept: string[] = [];
    const lost: string[] = [];
    for (let n = 0; n < 20 && waiting.length > 0; n++) {
      const answer = await sendTaps(waiting, (sent) =>
        Promise.resolve(
          body(sent).some(({ clock }) => clock === 3)
            ? {
                error: {
                  status: 422,
                  data: { code: 'invalid', status: 422, title: 'No', detail: 'Not so.', errors: [] },
                },
              }
            : { data: took(body(sent)) },
        ),
      );
      kept.push(...(answer?.kept ?? []));
      lost.push(...(answer?.refused ?? []).map(({ id }) => id));
      waiting = waiting.filter(({ id }) => !kept.includes(id) && !lost.includes(id));
    }
    expect(kept.sort()).toEqual([1, 2, 4, 5].map(idOf));
    expect(lost).toEqual([idOf(3)]);
  });
});
