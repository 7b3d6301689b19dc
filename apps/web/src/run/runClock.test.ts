import { runNow, runSpeed, setRunSpeed } from './runClock.ts';

const MINUTE = 60_000;

test('the clock of a run is the real one until the trainer makes it faster, and never goes back', () => {
  localStorage.clear();
  expect(runNow('a', 1000)).toBe(1000);
  setRunSpeed('a', 20, 0);
  expect(runSpeed('a')).toBe(20);
  expect(runNow('a', MINUTE)).toBe(20 * MINUTE);
  setRunSpeed('a', 1, MINUTE);
  expect(runNow('a', 2 * MINUTE)).toBe(21 * MINUTE);
  // Another run goes by the real clock.
  expect(runNow('b', 2 * MINUTE)).toBe(2 * MINUTE);
});
