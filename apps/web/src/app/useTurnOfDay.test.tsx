import { renderHook } from '@testing-library/react';
import { useTurnOfDay } from './useTurnOfDay.ts';

const mockFetchedAnew: unknown[] = [];
let mockToday = '2026-03-28';
jest.mock('../api/api.ts', () => ({
  EVERYTHING: ['kitchen', 'week'],
  api: { util: { invalidateTags: (tags: unknown) => ({ type: 'fetch anew', tags }) } },
  useKitchenQuery: () => ({ data: { today: mockToday, equipment: { zone: 'Europe/Berlin' } } }),
}));
jest.mock('./store.ts', () => ({ useAppDispatch: () => (action: unknown) => mockFetchedAnew.push(action) }));

const at = (iso: string) => jest.setSystemTime(new Date(iso));
beforeEach(() => {
  mockFetchedAnew.length = 0;
  mockToday = '2026-03-28';
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test('before midnight of the kitchen’s own zone nothing is fetched; after it all that hangs on the day is, until the day has turned', () => {
  // Midnight in Berlin is 23:00 UTC.
  at('2026-03-28T22:59:00Z');
  const { rerender } = renderHook(() => useTurnOfDay('k'));
  jest.advanceTimersByTime(40_000);
  expect(mockFetchedAnew).toEqual([]);
  jest.advanceTimersByTime(40_000);
  expect(mockFetchedAnew.length).toBeGreaterThan(0);
  mockToday = '2026-03-29';
  rerender();
  mockFetchedAnew.length = 0;
  jest.advanceTimersByTime(600_000);
  expect(mockFetchedAnew).toEqual([]);
});
test('a tablet that slept over midnight turns when it is looked at', () => {
  at('2026-03-28T20:00:00Z');
  renderHook(() => useTurnOfDay('k'));
  at('2026-03-29T06:00:00Z');
  document.dispatchEvent(new Event('visibilitychange'));
  expect(mockFetchedAnew).toHaveLength(1);
});
