import fc from 'fast-check';
import { keptTicks } from '../cost/shopTicks.ts';
import { nextSequence } from '../run/device.ts';
import { runNow, setRunSpeed } from '../run/runClock.ts';
import { keepPlan, keptPlan } from '../session/planAtHand.ts';
import { keepLooks, keptLooks, surprises } from '../stock/countSteps.ts';
import { day } from '@kestrel-ridge/core/quantity';
import { keep, readKept } from './kept.ts';

const NOW = Date.parse('2026-03-02T08:00:00Z');
beforeEach(() => localStorage.clear());

const plan = {
  instance: 's',
  makespan: 40,
  starts: { boil: 0 },
  washes: [{ resource: 'jug', after: 'a', before: 'b', start: 3 }],
};
const looked = { a: { food: 'millet', was: '500', now: '250', base: 'g' as const, command: 'c' } };

test('what a device keeps comes back as it was', () => {
  keepPlan('a day', plan);
  keepLooks('k', day('2026-03-02'), NOW, looked);
  setRunSpeed('r', 20, NOW);
  expect(keptPlan('a day')).toEqual(plan);
  expect(keptPlan('another day')).toBeUndefined();
  expect(keptLooks('k', NOW + 1)).toEqual(looked);
  expect(keptLooks('k', NOW + 13 * 3_600_000)).toEqual({});
  expect(runNow('r', NOW + 1000)).toBe(NOW + 20_000);
});

test('law: whatever stands in its place, every page opens: what is read is of the right kind, or nothing', () => {
  const names = ['plan at hand', 'shop k', 'stocktake k', 'kestrel-ridge.run-clock', 'kestrel-ridge.sequence'];
  const digest = 'a day';
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.oneof(
        fc.string(),
        fc.json(),
        fc.json().map((text) => `{"r":${text},"at":${NOW},"looked":{"a":${text}},"got":${text}}`),
      ),
      (name, text) => {
        localStorage.clear();
        localStorage.setItem(name, text);
        expect(() => keptPlan(digest)).not.toThrow();
        const { got, notHad } = keptTicks('k');
        for (const each of [...got, ...notHad]) expect(typeof each).toBe('string');
        expect(() => surprises(keptLooks('k', NOW))).not.toThrow();
        expect(Number.isFinite(runNow('r', NOW))).toBe(true);
        expect(Number.isSafeInteger(nextSequence())).toBe(true);
      },
    ),
  );
});

test('a device without room keeps nothing, and breaks nothing: its taps still count up', () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(keep('x', 1)).toBe(false);
  expect(() => keepPlan('a day', plan)).not.toThrow();
  expect(() => setRunSpeed('r', 20, NOW)).not.toThrow();
  const [first, second] = [nextSequence(), nextSequence()];
  expect(second).toBe(first + 1);
  full.mockRestore();
  expect(readKept('x', (value) => value)).toBeUndefined();
});
