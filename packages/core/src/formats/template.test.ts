import { LIMITS, within } from './limits.ts';
import { readTemplate } from './schema/index.ts';
import type { TemplateWeek } from './wire.ts';

const slot = {
  weekday: 2,
  meal: 'dinner',
  parts: [{ food: 'millet', portions: 1.5 }],
  guests: 3,
  serveAt: '19:30',
  locked: true,
  note: 'rangers',
} as const;
const week: TemplateWeek = { slots: [slot], dishes: [{ recipe: 'r', portions: 8, freezePortions: 2 }] };
const withSlot = (more: object) => ({ ...week, slots: [{ ...slot, ...more }] });
const withDish = (more: object) => ({ ...week, dishes: [{ ...week.dishes[0], ...more }] });

test('a kept week is read back whole; what it does not know of is left away', () => {
  expect(readTemplate(JSON.parse(JSON.stringify(week)))).toEqual({ ok: true, value: week });
  expect(readTemplate({ ...week, mood: 'calm' })).toEqual({ ok: true, value: week });
});

test.each([
  ['nothing', null, ''],
  ['an eighth day', withSlot({ weekday: 7 }), 'slots.0.weekday'],
  ['a meal that is not known', withSlot({ meal: 'tea' }), 'slots.0.meal'],
  ['more of a part than anybody eats', withSlot({ parts: [{ food: 'a', portions: 7 }] }), 'slots.0.parts.0.portions'],
  [
    'thirteen parts',
    withSlot({ parts: Array.from({ length: 13 }, (_, n) => ({ food: `${n}`, portions: 1 })) }),
    'slots.0.parts',
  ],
  ['half a guest', withSlot({ guests: 0.5 }), 'slots.0.guests'],
  ['a time that is none', withSlot({ serveAt: '25:00' }), 'slots.0.serveAt'],
  ['a note without an end', withSlot({ note: 'x'.repeat(201) }), 'slots.0.note'],
  ['more to freeze than is made', withDish({ freezePortions: 9 }), 'dishes.0'],
  ['portions without end', withDish({ portions: Infinity }), 'dishes.0.portions'],
  ['dishes that are no list', { ...week, dishes: 7 }, 'dishes'],
])('%s is refused, with its place', (_, said, field) => {
  const read = readTemplate(said);
  expect(read.ok ? [] : read.problem.map((fault) => fault.field)).toContain(field);
});

test('what is just at a limit is within it', () => {
  expect(
    [LIMITS.cooks, LIMITS.guests, LIMITS.partPortions].flatMap((span) => span.map((at) => within(at, span))),
  ).toEqual(Array.from({ length: 6 }, () => true));
  expect(within(5, LIMITS.cooks)).toBe(false);
});
