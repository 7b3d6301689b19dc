import fc from 'fast-check';
import { addDays, day } from '../quantity/index.ts';
import { eatersOn, foldStrip, MEALS_A_DAY, type Supply } from './index.ts';

const days = Array.from({ length: 7 }, (_, n) => addDays(day('2026-03-02'), n));
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

const supply: fc.Arbitrary<Supply> = fc.record(
  {
    grams: fc.integer({ min: 0, max: 4000 }),
    fromMeal: fc.nat({ max: 13 }),
    frozen: fc.boolean(),
    until: fc.integer({ min: 0, max: 8 }).map((n) => addDays(day('2026-03-02'), n)),
  },
  { requiredKeys: ['grams', 'fromMeal', 'frozen'] },
);

test('law: supply is conserved: eaten, gone off or left', () =>
  fc.assert(
    fc.property(
      fc.array(supply, { maxLength: 6 }),
      fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 14, maxLength: 14 }),
      (pieces, want) => {
        const strip = foldStrip(days, pieces, want);
        expect(sum(strip.meals.map((meal) => meal.eaten)) + strip.spoiledGrams + strip.leftGrams).toBeCloseTo(
          sum(pieces.map((piece) => piece.grams)),
          6,
        );
        strip.meals.forEach((meal, n) => {
          expect(meal.eaten).toBeLessThanOrEqual(meal.cold + meal.frozen + 1e-9);
          expect(meal.eaten + meal.short).toBeCloseTo(want[n] ?? 0, 0);
        });
      },
    ),
  ));

test('law: nothing is eaten after its date', () =>
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 1, max: 5000 }), (keeps, grams) => {
      const until = addDays(days[0] ?? day('2026-03-02'), keeps);
      const strip = foldStrip(days, [{ grams, fromMeal: 0, frozen: false, until }], Array<number>(14).fill(100));
      for (const meal of strip.meals) if (meal.day > until) expect(meal.eaten).toBe(0);
    }),
  ));

test('12 portions for four at one portion a day last three days', () => {
  const strip = foldStrip(
    days,
    [{ grams: 12 * 160, fromMeal: 0, frozen: false }],
    Array<number>(14).fill((4 * 160) / MEALS_A_DAY),
  );
  expect(strip.lasts).toMatchObject({ day: '2026-03-04', meal: 'dinner' });
  expect(strip.firstShort).toMatchObject({ day: '2026-03-05', meal: 'lunch' });
  expect(strip.shortGrams).toBe(16 * 160);
});

test('the frozen boxes follow the cold ones, and do not go off in the week', () => {
  const strip = foldStrip(
    days,
    [
      { grams: 500, fromMeal: 0, frozen: true },
      { grams: 500, fromMeal: 0, frozen: false, until: addDays(day('2026-03-02'), 1) },
    ],
    Array<number>(14).fill(100),
  );
  expect(strip.meals[4]).toMatchObject({ cold: 0, frozen: 500, spoiled: 100 });
  expect(strip.spoiledGrams).toBe(100);
  expect(strip.meals[8]?.eaten).toBe(100);
  expect(strip.meals[9]).toMatchObject({ eaten: 0, short: 100 });
});

test('who eats: by weekday, unless that day says otherwise', () => {
  const eaters = [
    { id: 'a', name: 'Ilva', appetite: 1, weekdays: [0, 1, 2, 3, 4, 5, 6] },
    { id: 'b', name: 'volunteer', appetite: 1, weekdays: [5, 6] },
  ];
  const names = (on: string, exceptions = [] as { eater: string; day: ReturnType<typeof day>; here: boolean }[]) =>
    eatersOn(day(on), eaters, exceptions).map((eater) => eater.name);
  expect(names('2026-03-06')).toEqual(['Ilva']);
  expect(names('2026-03-07')).toEqual(['Ilva', 'volunteer']);
  expect(names('2026-03-07', [{ eater: 'a', day: day('2026-03-07'), here: false }])).toEqual(['volunteer']);
});
