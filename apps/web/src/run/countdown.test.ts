import { countdown } from './countdown.ts';

test.each([
  [200_000, '3:20'],
  [59_400, '1:00'],
  [0, '0:00'],
  [-5000, '0:00'],
  [600_000, '10 min'],
  [3_599_000, '60 min'],
  [7_320_000, '2 h 02'],
])('%i ms are shown as %s', (ms, shown) => expect(countdown(ms)).toBe(shown));
