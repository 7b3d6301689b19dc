import { HOUR_MS, hourAt } from '@kestrel-ridge/core/quantity';
import fc from 'fast-check';
import { nextStart } from './nextStart.ts';

const zones = fc.constantFrom('Europe/Berlin', 'Pacific/Auckland', 'America/St_Johns', 'UTC');
const moments = fc.nat(3 * 365 * 24 * 60).map((minute) => new Date(Date.UTC(2026, 0, 1) + minute * 60_000));

test('law: the hut never begins in the night, nor before now, nor later than the next morning', () =>
  fc.assert(
    fc.property(moments, zones, (now, zone) => {
      const start = nextStart(now, zone).getTime();
      expect(start).toBeGreaterThanOrEqual(now.getTime());
      expect(start - now.getTime()).toBeLessThanOrEqual(11 * HOUR_MS);
      expect(hourAt(start, zone)).toBeGreaterThanOrEqual(8);
    }),
    { numRuns: 300 },
  ));

test.each([
  ['2026-11-30T00:51:00Z', '2026-11-30T08:00:00Z'],
  ['2026-11-30T14:20:00Z', '2026-11-30T15:00:00Z'],
  ['2026-11-30T23:10:00Z', '2026-12-01T08:00:00Z'],
])('at %s it begins at %s', (now, start) => {
  expect(nextStart(new Date(now), 'UTC')).toEqual(new Date(start));
});
