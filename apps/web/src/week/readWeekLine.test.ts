import { day } from '@kestrel-ridge/core/quantity';
import { readWeekLine, type WeekNames } from './readWeekLine.ts';

// A Sunday.
const names: WeekNames = {
  today: day('2026-03-01'),
  components: [
    { food: 'm', name: 'Millet' },
    { food: 'b', name: 'Borlotti' },
    { food: 'k', name: 'Kale and leek' },
    { food: 's', name: 'Sunflower sauce' },
  ],
  batches: [{ id: 'batch', name: 'Millet', portions: 16, freezePortions: 4 }],
  slots: [{ day: day('2026-03-05'), meal: 'dinner', parts: [{ food: 'm', portions: 1 }], guests: 0, serveAt: '19:00' }],
};
const read = (text: string) => readWeekLine(text, names);

test.each([
  [
    'thu dinner millet, borlotti',
    {
      day: '2026-03-05',
      meal: 'dinner',
      parts: [
        { food: 'm', portions: 1 },
        { food: 'b', portions: 1 },
      ],
    },
  ],
  [
    'Thursday din 1.5 millet, kale',
    {
      parts: [
        { food: 'm', portions: 1.5 },
        { food: 'k', portions: 1 },
      ],
      serveAt: '19:00',
    },
  ],
  ['today lunch open', { day: '2026-03-01', meal: 'lunch', parts: [] }],
  ['thu dinner 3 guests, at 20:15', { parts: [{ food: 'm', portions: 1 }], guests: 3, serveAt: '20:15' }],
  ['sun lunch sauce', { day: '2026-03-01', parts: [{ food: 's', portions: 1 }] }],
])('%s is a meal', (text, slot) => expect(read(text)).toMatchObject({ kind: 'meal', slot }));

test.each([
  ['millet 20', 20, 4],
  ['millet 20 freeze 6', 20, 6],
  ['Millet freeze 2', 16, 2],
  ['millet 14', 14, 2],
  ['millet 3', 3, 0],
])('%s is a size', (text, portions, freezePortions) =>
  expect(read(text)).toMatchObject({ kind: 'size', batch: 'batch', portions, freezePortions }),
);

test('another day for a dish', () =>
  expect([read('millet to fri'), read('millet to goose')?.kind]).toMatchObject([
    { kind: 'day', batch: 'batch', day: '2026-03-06' },
    'doubt',
  ]));

test.each(['thu millet', 'thu dinner', 'thu dinner goose', 'thu dinner l', 'millet', 'goose 4', 'millet 0'])(
  '%s is asked about',
  (text) => expect(read(text)?.kind).toBe('doubt'),
);
test('nothing is nothing', () => expect(read('  ')).toBeUndefined());
