import type { ProblemDetails } from '@kestrel-ridge/core/formats';
import { renderHook } from '@testing-library/react';
import type { Ask, Sent } from './useCommand.ts';
import { useSaveSeen } from './useSaveSeen.ts';

/** A server that compares what was seen, and takes its time: answers come when the test lets them. */
let mockThere: number | null = null;
const mockSeen: unknown[] = [];
let mockWaiting: (() => void)[] = [];
const mockStale = (now: unknown) => ({ code: 'stale', now }) as unknown as ProblemDetails;
function mockTake(body: unknown): ProblemDetails | undefined {
  const { seen, value } = body as { seen: number | null; value: number };
  mockSeen.push(seen);
  if (seen !== mockThere) return mockStale(mockThere);
  mockThere = value;
  return undefined;
}
jest.mock('./useCommand.ts', () => {
  const send = async (ask: Ask): Promise<Sent<unknown>> => {
    await new Promise<void>((go) => mockWaiting.push(go));
    let problem = mockTake(ask.body);
    const instead = problem && ask.ownDoing?.(problem.now);
    if (instead) problem = mockTake(instead);
    return problem ? { ok: false, problem } : { ok: true, value: undefined, key: 'key' };
  };
  return { useCommand: () => send };
});
const line = async () => {
  for (let n = 0; n < 10; n++) {
    for (const go of mockWaiting.splice(0)) go();
    await Promise.resolve();
    await Promise.resolve();
  }
};

let n = 0;
let thing = '';
beforeEach(() => {
  thing = `floor ${++n}`;
  mockThere = null;
  mockSeen.length = 0;
  mockWaiting = [];
});
const save = (value: number, seen: number | null, of = thing) =>
  renderHook(() => useSaveSeen()).result.current({
    path: 'floors',
    body: { value },
    touches: ['cost'],
    thing: of,
    seen,
    saved: value,
  });

test('two quick taps on one thing, both before the page has fetched the first: both are saved, in their order', async () => {
  const [one, two, three] = [save(1, null), save(2, null), save(3, null)];
  await line();
  expect((await Promise.all([one, two, three])).map(({ ok }) => ok)).toEqual([true, true, true]);
  expect(mockThere).toBe(3);
});

test('what another device has set meanwhile is not written over: it is told', async () => {
  mockThere = 7;
  const sent = save(1, null);
  await line();
  expect(await sent).toEqual({ ok: false, problem: mockStale(7) });
  expect([mockThere, mockSeen]).toEqual([7, [null]]);
});

test('nor what another device has set after the first of two taps', async () => {
  const one = save(1, null);
  await line();
  await one;
  mockThere = 9;
  const two = save(2, null);
  await line();
  expect((await two).ok).toBe(false);
  expect(mockThere).toBe(9);
});

test('a tap that is refused holds up none behind it, and other things wait for nobody', async () => {
  mockThere = 7;
  const [one, two] = [save(1, null), save(2, 7)];
  const elsewhere = save(5, null, `${thing} elsewhere`);
  await Promise.resolve();
  expect(mockWaiting).toHaveLength(2);
  await line();
  expect([(await one).ok, (await two).ok, (await elsewhere).ok]).toEqual([false, true, false]);
  expect(mockThere).toBe(2);
});
