import { day, mass, show } from '@kestrel-ridge/core/quantity';
import { clockAt, clockWords, dateWords, dayClockAt } from './times.ts';
import { onWrites, writeSo, writesIn } from './writes.ts';

afterEach(() => writeSo(undefined));

const NOON = Date.parse('2026-03-01T12:05:00Z');

test('hours and days are written as the kitchen writes them', () => {
  expect([clockAt(NOON, 'UTC'), dateWords(day('2026-03-01'))]).toEqual(['12:05', '1 Mar']);
  writeSo({ clock: '12 h', date: 'month first' });
  expect([clockAt(NOON, 'UTC'), dateWords(day('2026-03-01'))]).toEqual(['12:05 pm', 'Mar 1']);
  expect(['00:10', '09:05', '11:59', '12:00', '23:30'].map(clockWords)).toEqual([
    '12:10 am',
    '9:05 am',
    '11:59 am',
    '12:00 pm',
    '11:30 pm',
  ]);
  expect(dayClockAt(NOON, 'America/New_York')).toBe('Sun 7:05 am');
});

test('figures are written as the kitchen writes them, on every page at once', () => {
  expect(show(mass(1276))).toBe('1.28 kg');
  writeSo({ decimal: ',' });
  expect(show(mass(1276))).toBe('1,28 kg');
  writeSo({ mass: 'oz' });
  expect(show(mass(1276))).toBe('2 lb 13 oz');
});

test('who listens is told at once, and when it changes', () => {
  const told: unknown[] = [];
  onWrites((writes) => told.push(writes.weekFrom ?? 'Monday'));
  writeSo({ weekFrom: 'Sunday' });
  expect(told).toEqual(['Monday', 'Sunday']);
});

// Unicode CLDR, as the browser and Node carry it.
test.each([
  ['en-US', { clock: '12 h', date: 'month first', weekFrom: 'Sunday', degrees: '°F', mass: 'oz' }],
  ['en-GB', {}],
  ['de-DE', { decimal: ',' }],
  ['sv-SE', { decimal: ',' }],
  ['en-AU', { clock: '12 h' }],
])('what is usual in %s', (locale, usual) => expect(writesIn(locale)).toMatchObject(usual));
