import fc from 'fast-check';
import { bookFood, type Food } from '../food/index.ts';
import { addDays, day } from '../quantity/index.ts';
import { keepsUntil, labelLines, portionsInBox, splitIntoBoxes, urgencyOf } from './index.ts';

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

test('law: no portion is lost between pot and boxes', () =>
  fc.assert(
    fc.property(fc.nat({ max: 200 }), fc.integer({ min: 1, max: 20 }), (portions, perBox) => {
      const boxes = splitIntoBoxes(portions, perBox);
      expect(boxes.reduce((a, b) => a + b, 0)).toBe(portions);
      for (const box of boxes) expect(box >= 1 && box <= perBox).toBe(true);
    }),
  ));
test('a box is not filled to the brim, and takes at least one portion', () => {
  expect(portionsInBox({ name: 'large', mL: 1000 }, 160)).toBe(5);
  expect(portionsInBox({ name: 'small', mL: 100 }, 160)).toBe(1);
});
test('a label says name, date, until when, allergens and what to do', () => {
  const lines = labelLines({
    name: 'Roast roots',
    madeOn: day('2026-03-01'),
    keepsUntil: day('2026-03-03'),
    place: 'fridge',
    portions: 4,
    allergens: ['celery'],
    beforeEating: 'Crisp again.',
  });
  expect(lines).toEqual([
    'Roast roots',
    '4 portions · made Sun 1 Mar',
    'eat by Tue 3 Mar',
    'contains celery',
    'Crisp again.',
  ]);
});
