import { act, renderHook } from '@testing-library/react';
import type { RunTask } from '@kestrel-ridge/core/run';
import { useUnderHand } from './useUnderHand.ts';

const task = (id: string, start: number): RunTask => ({ id, status: 'ready', start, end: start + 5 });
const all = () => true;

function hand(ready: readonly RunTask[], now = 100, mine: (task: RunTask) => boolean = all) {
  const { result, rerender } = renderHook(
    (props: { ready: readonly RunTask[]; now: number; mine: (task: RunTask) => boolean }) =>
      useUnderHand(props.ready, props.mine, props.now),
    { initialProps: { ready, now, mine } },
  );
  return { at: () => result.current[0]?.id, takeUp: (id: string) => act(() => result.current[1](id)), rerender };
}

test('what is due and under the finger stays, though something earlier in the plan becomes ready', () => {
  const { at, rerender } = hand([task('chop', 90)]);
  expect(at()).toBe('chop');
  rerender({ ready: [task('vent', 80), task('chop', 90)], now: 101, mine: all });
  expect(at()).toBe('chop');
  rerender({ ready: [task('vent', 80)], now: 102, mine: all });
  expect(at()).toBe('vent');
});
test('what is not due yet makes way for what is', () => {
  const { at, rerender } = hand([task('later', 500)]);
  expect(at()).toBe('later');
  rerender({ ready: [task('vent', 100), task('later', 500)], now: 101, mine: all });
  expect(at()).toBe('vent');
});
test('what the cook takes up stands before both, and somebody else’s is not kept on one’s own screen', () => {
  const { at, takeUp, rerender } = hand([task('chop', 90), task('rinse', 95)]);
  takeUp('rinse');
  rerender({ ready: [task('chop', 90), task('rinse', 95)], now: 101, mine: all });
  expect(at()).toBe('rinse');
  const other = hand([task('chop', 90), task('rinse', 95)]);
  other.rerender({ ready: [task('chop', 90), task('rinse', 95)], now: 101, mine: ({ id }) => id === 'rinse' });
  expect(other.at()).toBe('rinse');
});
