import {
  becomeOpenWords,
  itOrThem,
  freezeMoreWords,
  keepWords,
  brokenWords,
  daysWithinWords,
  eatWords,
  eatersHead,
  fedDayPart,
  firstBrokenWords,
  bandWords,
  batchWords,
  aPortionWords,
  learntOnWords,
  loadsWords,
  moreCookedWords,
  nextAheadWords,
  notHoldingWords,
  plateWords,
  platesWords,
  startsWords,
  stillShortWords,
  templateWords,
  weekHead,
} from './weekWords.ts';
import type { Day } from '@kestrel-ridge/core/quantity';

const day = (n: number): Day => `2026-11-${String(n).padStart(2, '0')}` as Day;
const strip = (name: string, on?: number) => ({
  name,
  strip: { ...({} as object), firstShort: on === undefined ? undefined : { day: day(on), meal: 'dinner' as const } },
});
const head = (...strips: ReturnType<typeof strip>[]) => weekHead(strips as unknown as Parameters<typeof weekHead>[0]);
const lack = (name: string, portions: number) => ({ food: name, name, portions });

test('a week’s head says what runs out first', () => {
  expect(head()).toBe('What will you eat this week?');
  expect(head(strip('Rice'))).toBe('Everything reaches to the end of the week');
  expect(head(strip('Rice', 27), strip('Slaw', 25))).toBe('Slaw runs out on Wednesday at dinner');
});

test.each([
  [1, '1 meal does not hold as planned'],
  [3, '3 meals do not hold as planned'],
])('%i meals', (n, said) => {
  expect(notHoldingWords(n)).toBe(said);
});

test('meals that do not hold are told with what they lack', () => {
  const broken = [
    { day: day(24), meal: 'dinner' as const, lacks: [lack('rice', 2), lack('beans', 0)] },
    { day: day(25), meal: 'lunch' as const, lacks: [lack('slaw', 1)] },
  ];
  expect(becomeOpenWords(broken)).toContain('Tue dinner and Wed lunch become open:');
  expect(becomeOpenWords(broken.slice(1))).toContain('Wed lunch becomes open:');
  expect(firstBrokenWords([])).toBe('');
  expect(firstBrokenWords(broken)).toBe('Tue dinner, rice and beans; Wed lunch, slaw');
  expect(brokenWords(broken)).toBe(
    'Tuesday dinner: 2 portions of rice short and no beans. Wednesday lunch: 1 portion of slaw short.',
  );
  expect(stillShortWords([])).toBe('Nothing is short then.');
  expect(stillShortWords(broken)).toBe('3 portions still missing across 2 meals.');
  expect(stillShortWords(broken.slice(1))).toBe('1 portion still missing across 1 meal.');
});

test.each([
  [2, 2, undefined, undefined, 'in the boxes.'],
  [2, 5, undefined, undefined, 'after the cooking, 2 now.'],
  [
    0,
    4,
    'greens',
    { food: 'kale', plates: 3 },
    'after the cooking, 0 now: greens are short; half a kilo more of kale would make 3 more.',
  ],
  [1, 1, 'greens', { food: 'kale', plates: 0 }, 'in the boxes: greens are short.'],
])('%i plates now, %i cooked', (now, cooked, short, best, said) => {
  expect(platesWords(now, cooked, short, best)).toBe(said);
});

test('batches, loads, eaters', () => {
  expect(batchWords(1, 0)).toBe('1 portion');
  expect(batchWords(6, 2)).toBe('6 portions, 2 to freeze');
  expect(loadsWords(1)).toBe('portions');
  expect(loadsWords(2)).toBe('portions, 2 loads');
  expect(eatWords(0)).toBe('0 eat');
  expect(eatWords(1)).toBe('1 eats');
  expect(eatWords(4, 'on the ridge')).toBe('4 eat; on the ridge');
  expect(eatersHead(0)).toBe('Who eats here?');
  expect(eatersHead(1)).toBe('1 eats here');
  expect(eatersHead(2)).toBe('2 eat here');
});

test('one is it', () => {
  expect([itOrThem(1), itOrThem(1.04), itOrThem(2)]).toEqual(['it', 'it', 'them']);
  expect([freezeMoreWords(1), freezeMoreWords(3)]).toEqual(['Freeze it', 'Freeze 3 of them']);
});

test('a template says what it does', () => {
  expect(templateWords(1, 0, 2, 0)).toBe('1 meal is set, 0 dishes added, 2 sizes changed. It can be taken back.');
  expect(templateWords(9, 1, 0, 1)).toBe(
    '9 meals are set, 1 dish added, 0 sizes changed; 1 dish is there as it is, or no longer in the book. It can be taken back.',
  );
});

test('starts and costs', () => {
  expect(startsWords('15:00', true)).toBe('starts 15:00');
  expect(startsWords('15:00', false)).toBe('starts 15:00; looking for a shorter plan …');
  expect(aPortionWords('1.20 €', [])).toBe('1.20 € a portion');
  expect(aPortionWords('1.20 €', ['kale'])).toBe('at least: no price for kale; 1.20 € a portion');
  expect(aPortionWords('1.20 €', ['kale', 'millet'])).toBe('at least: no price for kale and millet; 1.20 € a portion');
  expect(aPortionWords('1.20 €', ['kale', 'millet', 'dill', 'oil'])).toBe(
    'at least: no price for kale, millet and 2 more; 1.20 € a portion',
  );
});

test('what is learned, and what is on a plate', () => {
  expect(learntOnWords(1, [])).toBe('on 1 plate');
  expect(learntOnWords(4, [{ meal: 'lunch', times: 1.2 }])).toBe('on 4 plates; at lunch 1.20 times');
  expect(plateWords([])).toBe('open');
  expect(
    plateWords([
      { name: 'rice', portions: 1 },
      { name: 'slaw', portions: 2 },
    ]),
  ).toBe('rice, slaw × 2');
});

test('what is cooked beside the plan', () => {
  expect(moreCookedWords([], undefined)).toBe('Nothing more is cooked.');
  expect(moreCookedWords([{ name: 'rice', portions: 1 }], '0.40 €')).toBe(
    'Cooked beside the plan: 1 portion more of rice; 0.40 € more of ingredients.',
  );
  expect(
    moreCookedWords(
      [
        { name: 'rice', portions: 2, atOnce: true },
        { name: 'slaw', portions: 3 },
      ],
      undefined,
    ),
  ).toBe('Cooked beside the plan: 2 portions more of rice, in a small session now; 3 portions more of slaw.');
});

test('what is kept', () => {
  expect(keepWords(1, false)).toBe('Keep this size');
  expect(keepWords(2, false)).toBe('Keep these sizes');
  expect(keepWords(0, true)).toBe('Keep it so');
});

test('what comes next ahead', () => {
  expect(nextAheadWords('20:00', 'soak the beans', undefined)).toBe('Next at 20:00: soak the beans');
  expect(nextAheadWords('20:00', 'soak the beans', 'Fri')).toBe('Next on Fri at 20:00: soak the beans');
});

test('bands and days within them', () => {
  expect(bandWords(['Ilva', 'Bero'], { leastKJ: 4000, mostKJ: 6200, proteinG: 31.6 })).toBe(
    'Ilva and Bero: 4.0 MJ to 6.2 MJ, 32 g protein',
  );
  expect(daysWithinWords([])).toBe('0 of 0 days');
  expect(daysWithinWords([{ within: true }, undefined])).toBe('1 of 1 day');
  expect(daysWithinWords([{ within: true }, { within: false }])).toBe('1 of 2 days');
  const fed = { kJ: 4210, proteinG: 30, fibreG: 14.4, saltG: 2.36 };
  expect(fedDayPart({ ...fed, within: true }, 0)).toEqual({
    rule: 'day 1',
    figure: '4.2 MJ, 30 g protein, 14 g fibre, 2.4 g salt',
  });
  expect(fedDayPart({ ...fed, within: false }, 2).rule).toBe('day 3, outside');
});
