import { addDays, day } from '@kestrel-ridge/core/quantity';
import { foldStrip } from '@kestrel-ridge/core/week';
import { stripShape } from './stripShape.ts';
import { weekDays } from '@kestrel-ridge/core/view';

const days = weekDays(day('2026-03-02'));
const box = { widthPx: 700, heightPx: 60 };

test('seven days from today', () => expect([days[0], days.at(-1)]).toEqual(['2026-03-02', '2026-03-08']));

test('a strip falls by the meal, frozen at its foot, within its box', () => {
  const supply = [
    { grams: 800, fromMeal: 0, frozen: false, until: addDays(day('2026-03-02'), 2) },
    { grams: 400, fromMeal: 0, frozen: true },
  ];
  const shape = stripShape({ strip: foldStrip(days, supply, Array<number>(14).fill(100)), portionG: 100 }, 1200, box);
  expect(shape.cold.map((rect) => rect.height)).toEqual(
    [...shape.cold.map((rect) => rect.height)].sort((a, b) => b - a),
  );
  for (const rect of [...shape.cold, ...shape.frozen]) {
    expect(rect.y).toBeGreaterThanOrEqual(0);
    expect(rect.x + rect.width).toBeLessThanOrEqual(box.widthPx + 0.001);
  }
  // 600 g are eaten cold in three days, 200 g go off on the fourth; then 400 g frozen last two days.
  expect(shape.spoilsAtX).toBe(300);
  expect(shape.short?.x).toBe(500);
});

test('nothing planned and nothing wanted draws nothing', () =>
  expect(stripShape({ strip: foldStrip(days, [], Array<number>(14).fill(0)), portionG: 100 }, 0, box)).toMatchObject({
    cold: [],
    frozen: [],
    short: undefined,
    spoilsAtX: undefined,
  }));
