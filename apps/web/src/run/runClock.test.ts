import { setDeviceOff } from '../parts/appNow.ts';
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

test('a device whose clock is wrong goes by the server’s, also when time runs faster', () => {
  localStorage.clear();
  setDeviceOff(-3 * 60 * MINUTE);
  expect(runNow('a', 200 * MINUTE)).toBe(20 * MINUTE);
  setRunSpeed('a', 20, 200 * MINUTE);
  expect(runNow('a', 201 * MINUTE)).toBe(40 * MINUTE);
  localStorage.clear();
});
