import fc from 'fast-check';
import { bookFood, type Food } from '../food/index.ts';
import { addDays, day } from '../quantity/index.ts';
import {
  keepsUntil,
  labelLines,
  blockTimes,
  fillOf,
  portionsInBox,
  suggestBoxes,
  urgencyOf,
  type BoxAsk,
} from './index.ts';

const cooked = (days: number): Food => ({
  id: 'c',
  name: 'Borlotti',
  facts: {
    kind: 'component',
    base: 'g',
    keeps: {
      fridge: { value: days, source: 'USDA FSIS (from memory)' },
      freezer: { value: 60, source: 'FoodSafety.gov (from memory)' },
    },
  },
});

describe('keeps until', () => {
  // Source: computed from FDA Food Code 2022, 3-501.17 and USDA FSIS (from memory): the day of cooking is day 1.
  test.each([
    [3, '2026-03-03'],
    [4, '2026-03-04'],
    [7, '2026-03-07'],
  ])('cooked on Sunday 2026-03-01, %i days end on %s', (days, end) =>
    expect(keepsUntil(cooked(days), 'fridge', { madeOn: day('2026-03-01') })?.value).toBe(end),
  );

  test('frozen on day 2 of 4, thawed on Friday: the two days that were left, so Saturday', () => {
    const dates = { madeOn: day('2026-03-01'), frozenOn: day('2026-03-02'), thawedOn: day('2026-03-13') };
    expect(keepsUntil(cooked(4), 'fridge', dates)?.value).toBe('2026-03-14');
  });
  test('frozen at once and thawed: three days at the most', () => {
    const dates = { madeOn: day('2026-03-01'), frozenOn: day('2026-03-01'), thawedOn: day('2026-03-13') };
    expect(keepsUntil(cooked(7), 'fridge', dates)?.value).toBe('2026-03-15');
  });
  test('the freezer counts from the day it was frozen', () =>
    expect(keepsUntil(cooked(4), 'freezer', { madeOn: day('2026-03-01'), frozenOn: day('2026-03-02') })?.value).toBe(
      addDays(day('2026-03-02'), 59),
    ));
  test('a shut pack goes by its date, an opened one by the earlier', () => {
    const oil = bookFood('rapeseed oil');
    expect(keepsUntil(oil, 'cupboard', { boughtOn: day('2026-01-01'), bestBefore: day('2027-05-01') })?.value).toBe(
      '2027-05-01',
    );
    expect(
      keepsUntil(oil, 'cupboard', {
        boughtOn: day('2026-01-01'),
        openedOn: day('2026-02-01'),
        bestBefore: day('2027-05-01'),
      })?.value,
    ).toBe(addDays(day('2026-02-01'), 179));
    expect(
      keepsUntil(oil, 'cupboard', {
        boughtOn: day('2026-01-01'),
        openedOn: day('2026-02-01'),
        bestBefore: day('2026-03-01'),
      })?.value,
    ).toBe('2026-03-01');
  });
  test('where nothing is known, nothing is said', () =>
    expect(keepsUntil(bookFood('salt'), 'cupboard', { boughtOn: day('2026-01-01') })).toBeUndefined());

  test('law: frozen and thawed as often as you like, it never keeps beyond the freezer’s days and three', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 7 }), fc.nat({ max: 400 }), (days, later) => {
        const frozenOn = day('2026-03-01');
        // However often it went in and out: the first freezing counts, the last thawing is any day.
        const until = keepsUntil(cooked(days), 'fridge', {
          madeOn: frozenOn,
          frozenOn,
          thawedOn: addDays(frozenOn, later),
        });
        expect((until?.value ?? '') <= addDays(frozenOn, 60 + 3 - 1)).toBe(true);
      }),
    ));
  test('law: freezing never lets thawed food keep longer than fresh food would have kept', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        fc.nat({ max: 6 }),
        fc.nat({ max: 60 }),
        (days, before, frozenDays) => {
          const madeOn = day('2026-03-01');
          const frozenOn = addDays(madeOn, before);
          const thawedOn = addDays(frozenOn, frozenDays);
          const until = keepsUntil(cooked(days), 'fridge', { madeOn, frozenOn, thawedOn })?.value ?? '';
          // Days in the fridge before and after add up to what fresh food has, or one last day when that was used up.
          expect(until <= addDays(thawedOn, Math.max(1, days - before - 1) - 1)).toBe(true);
          expect(until >= thawedOn).toBe(true);
        },
      ),
    ));
});

test.each([
  ['2026-02-28', 'past'],
  ['2026-03-01', 'today'],
  ['2026-03-04', 'soon'],
  ['2026-03-05', 'later'],
])('what keeps until %s is %s on 2026-03-01', (until, urgency) =>
  expect(urgencyOf(day(until), day('2026-03-01'))).toBe(urgency),
);

describe('boxes', () => {
  const kinds = [
    { name: 'small box', mL: 500 },
    { name: 'large box', mL: 1000 },
  ];
  const ask: fc.Arbitrary<BoxAsk> = fc.record({
    portions: fc.integer({ min: 1, max: 80 }),
    portionG: fc.integer({ min: 30, max: 450 }),
    component: fc.constantFrom('grain', 'sauce', 'dish', 'roots'),
    eatenInTime: fc.double({ min: 0, max: 90, noNaN: true }),
    until: fc.constant(day('2026-03-04')),
    atATime: fc.double({ min: 0.2, max: 12, noNaN: true }),
    askedToFreeze: fc.nat({ max: 20 }),
    freezes: fc.boolean(),
    boxes: fc
      .tuple(fc.option(fc.nat({ max: 12 })), fc.option(fc.nat({ max: 12 })))
      .map((free) => kinds.map((box, n) => ({ ...box, free: free[n] ?? undefined }))),
  });
  test('law: no portion is lost, no box is used that is not free, none is fuller than it may be', () =>
    fc.assert(
      fc.property(ask, (asked) => {
        const { boxes, frozen } = suggestBoxes(asked);
        const sum = (place?: string) =>
          boxes.filter((box) => !place || box.place === place).reduce((all, box) => all + box.portions, 0);
        expect(sum()).toBe(asked.portions);
        expect(sum('freezer')).toBe(frozen);
        expect(frozen).toBeGreaterThanOrEqual(Math.min(asked.portions, asked.askedToFreeze));
        if (!asked.freezes) expect(frozen).toBe(Math.min(asked.portions, asked.askedToFreeze));
        for (const { name, free } of asked.boxes)
          expect(boxes.filter(({ box }) => box === name).length).toBeLessThanOrEqual(free ?? Infinity);
        for (const { box, portions, place } of boxes) {
          const kind = kinds.find(({ name }) => name === box);
          if (kind)
            expect(fillOf(kind, portions * asked.portionG, asked.component, place)).toBeLessThanOrEqual(1 + 1e-6);
        }
      }),
    ));
  test('twelve boxes for three people: what they do not eat by the last day is frozen, a meal to a box', () => {
    // By hand: 3 people × 3 days at one portion a day are 9 of 12; the rest is frozen. Dates as in FDA Food Code 2022, 3-501.17.
    const { boxes, frozen, because } = suggestBoxes({
      portions: 12,
      portionG: 160,
      component: 'grain',
      eatenInTime: 9,
      until: day('2026-03-03'),
      atATime: 1.5,
      askedToFreeze: 0,
      freezes: true,
      boxes: kinds.map((box) => ({ ...box, free: undefined })),
    });
    expect(frozen).toBe(3);
    expect(boxes.filter(({ place }) => place === 'freezer').map(({ portions }) => portions)).toEqual([2, 1]);
    expect(because.rule).toBe('what is not eaten while the fridge keeps it');
  });
  test('a salad that nobody freezes stays in the fridge, and what will not be eaten in time is told', () => {
    const { frozen, because } = suggestBoxes({
      portions: 6,
      portionG: 270,
      component: 'greens',
      eatenInTime: 2,
      until: day('2026-03-12'),
      atATime: 1,
      askedToFreeze: 0,
      freezes: false,
      boxes: [],
    });
    expect(frozen).toBe(0);
    expect(because.figure).toBe('4 of 6 not eaten in time, and it does not freeze');
    expect(because.parts).toContainEqual({ rule: 'last day in the fridge', figure: 'Thu 12 Mar' });
  });
  test('grain has air between it and takes more room than its weight; a sauce that freezes needs headroom', () => {
    const large = { name: 'large', mL: 1000 };
    // By hand: 1000 mL × 0.95 × 0.74 g/mL ÷ 160 g = 4.4; 1000 mL × 0.85 ÷ 100 g = 8.5 frozen, 9.5 cold.
    expect(portionsInBox(large, 160, 'grain', 'fridge')).toBe(4);
    expect(portionsInBox(large, 100, 'sauce', 'freezer')).toBe(8);
    expect(portionsInBox(large, 100, 'sauce', 'fridge')).toBe(9);
    expect(portionsInBox({ name: 'small', mL: 100 }, 160, 'grain', 'fridge')).toBe(0);
  });
  test('a box is moved to the fridge a full day ahead at least, a flat pack overnight', () => {
    // Source: Plank 1913 with 5 cm: 58 h from two sides, about 29 h from all; USDA FSIS: a full day at least (from memory).
    expect(blockTimes(5).aheadHours).toBeGreaterThanOrEqual(28);
    expect(blockTimes(5).aheadHours).toBeLessThanOrEqual(31);
    expect(blockTimes(3).aheadHours).toBe(24);
    expect(blockTimes(1).aheadHours).toBe(12);
  });
  test('law: a deeper box is moved no later, and a little deeper only a little earlier', () =>
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 150 }), (mm) => {
        const [here, deeper] = [blockTimes(mm / 10).aheadHours, blockTimes(mm / 10 + 0.1).aheadHours];
        expect(deeper).toBeGreaterThanOrEqual(here);
        expect(deeper - here).toBeLessThanOrEqual(3);
      }),
    ));
});

test('a label says name, date, until when, allergens and what to do', () => {
  const lines = labelLines({
    name: 'Roast roots',
    madeOn: day('2026-03-01'),
    keepsUntil: day('2026-03-03'),
    place: 'fridge',
    portions: 4,
    allergens: { contains: ['celery'], may: [], unknown: [] },
    beforeEating: 'Crisp again.',
  });
  expect(lines).toEqual([
    'Roast roots',
    '4 portions · made Sun 1 Mar',
    'eat by Tue 3 Mar',
    'Contains celery.',
    'Crisp again.',
  ]);
});
