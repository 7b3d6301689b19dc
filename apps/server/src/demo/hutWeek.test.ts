import { HOUR_MS, dayAt, daysBetween, weekday, type Day } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import fc from 'fast-check';
import { hutWeek } from './hutWeek.ts';

const heads = (day: Day): number => (weekday(day) >= 5 ? 6 : 4);
const zones = fc.constantFrom('Europe/Berlin', 'Pacific/Auckland', 'America/St_Johns', 'UTC');
/** Full hours of three years. */
const starts = fc.nat(3 * 365 * 24).map((hour) => new Date(Date.UTC(2026, 0, 1) + hour * HOUR_MS));

test('law: on any day and hour the week is planned ahead, feeds all who are there, at a weekend with a little more, and lacks greens for two', () =>
  fc.assert(
    fc.property(starts, zones, (start, zone) => {
      const { slots, sizes } = hutWeek(start, zone, 'soup', heads);
      const today = dayAt(start, zone);
      for (const { day } of slots) {
        expect(daysBetween(today, day)).toBeGreaterThanOrEqual(0);
        expect(daysBetween(today, day)).toBeLessThan(7);
      }
      expect(new Set(slots.map(({ day, meal }) => `${day} ${meal}`)).size).toBe(slots.length);
      for (const { name, component } of STARTER_RECIPES) {
        const meals = slots.filter(({ parts }) => parts.some(({ food }) => food === component.id));
        const more = meals.some(({ day }) => weekday(day) >= 5) ? 1 : 0;
        const eaten = meals.reduce((sum, { day, guests }) => sum + heads(day) + guests, 0);
        const [portions] = (sizes[name] ?? ['0', '0']).map(Number);
        // A pot of two portions is no pot: what begins late has its greens whole.
        const gap = name !== 'Kale with leek' ? -more : eaten < 6 ? 0 : 2;
        expect((portions ?? 0) + gap).toBe(Math.max(name === 'Kale with leek' ? 0 : 4, eaten));
      }
    }),
    { numRuns: 300 },
  ));

test('law: guests come on Saturday once, and to no dinner that is over', () =>
  fc.assert(
    fc.property(starts, zones, (start, zone) => {
      const { slots } = hutWeek(start, zone, 'soup', heads);
      const withGuests = slots.filter(({ guests }) => guests > 0);
      expect(withGuests.length).toBeLessThanOrEqual(1);
      for (const { day } of withGuests) expect(weekday(day)).toBe(5);
      // They are missed only where it is Saturday, and too late to cook for its dinner.
      if (withGuests.length === 0) expect(weekday(dayAt(start, zone))).toBe(5);
    }),
    { numRuns: 300 },
  ));

test('begun late, nothing of it is on the table today', () => {
  const evening = new Date('2026-11-25T18:00:00Z');
  const { slots } = hutWeek(evening, 'Europe/Berlin', 'soup', heads);
  expect(slots.every(({ day }) => day > '2026-11-25')).toBe(true);
});
