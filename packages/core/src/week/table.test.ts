import { NO_ALLERGENS } from '../food/index.ts';
import fc from 'fast-check';
import { addDays, day, momentAt } from '../quantity/index.ts';
import {
  demandOf,
  eatersAt,
  foldStrip,
  freezeBy,
  becauseOfPlates,
  platesFrom,
  refusalOf,
  takeOuts,
  tooOften,
  varietyOf,
  type Demanded,
  type Eater,
  type Supply,
  type Table,
} from './index.ts';

const SUNDAY = day('2026-03-01');
const days = Array.from({ length: 7 }, (_, n) => addDays(SUNDAY, n));
const EVERY_DAY = [0, 1, 2, 3, 4, 5, 6];
const eater = (id: string, tastes: Eater['tastes'] = {}): Eater => ({
  id,
  name: id,
  appetite: 1,
  weekdays: EVERY_DAY,
  tastes,
});
const millet: Demanded = {
  id: 'millet',
  kind: 'grain',
  portionG: 160,
  portionsADay: 1,
  allergens: NO_ALLERGENS,
  foods: [{ id: 'millet seed', name: 'millet', groups: [] }],
};
const table = (more: Partial<Table> = {}): Table => ({
  eaters: [eater('a'), eater('b')],
  attendance: [],
  slots: [],
  ...more,
});
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

describe('who eats what', () => {
  test('an open meal takes half a day’s portion of everything, a meal with parts takes those and nothing else', () => {
    const slots = [{ day: SUNDAY, meal: 'dinner' as const, parts: [{ food: 'millet', portions: 1.5 }], guests: 2 }];
    const other = [{ day: SUNDAY, meal: 'dinner' as const, parts: [{ food: 'borlotti', portions: 1 }], guests: 0 }];
    // By hand: two eaters, half a portion each; with two guests and one and a half portions, 4 × 1.5 × 160 g.
    expect(demandOf(millet, [SUNDAY], table())).toEqual([160, 160]);
    expect(demandOf(millet, [SUNDAY], table({ slots }))).toEqual([160, 960]);
    expect(demandOf(millet, [SUNDAY], table({ slots: other }))).toEqual([160, 0]);
  });
  test('appetite goes by kind; who does not eat it takes none; what was learned counts', () => {
    const eaters = [eater('a', { groups: { grain: 1.5 } }), eater('b', { never: ['millet seed'] })];
    expect(demandOf(millet, [SUNDAY], table({ eaters }))).toEqual([120, 120]);
    expect(demandOf(millet, [SUNDAY], table({ eaters }), () => 2)).toEqual([240, 240]);
    const hungryAtDinner = (_eater: string, _food: string, meal?: string) => (meal === 'dinner' ? 2 : 1);
    expect(demandOf(millet, [SUNDAY], table({ eaters }), hungryAtDinner)).toEqual([120, 240]);
  });
  test('allergens and foods are refused, by name; what is eaten in spite of it is eaten', () => {
    const sauce = {
      id: 'sauce',
      allergens: { contains: ['mustard' as const], may: ['nuts' as const], unknown: ['bought paste'] },
      foods: [{ id: 'leek', name: 'leek', groups: [] }],
    };
    expect(refusalOf(eater('a', { allergens: ['mustard'] }), sauce)).toBe('contains mustard');
    // Not sure is not safe: what may be in it, and what nobody knows, is refused to whoever must not have it.
    expect(refusalOf(eater('a', { allergens: ['nuts'] }), sauce)).toBe('may contain nuts');
    expect(refusalOf(eater('a', { allergens: ['celery'] }), sauce)).toBe('allergens unknown: bought paste');
    expect(refusalOf(eater('a', { never: ['leek'] }), sauce)).toBe('never eats leek');
    expect(refusalOf(eater('a', { never: ['leek'], inSpite: ['sauce'] }), sauce)).toBeUndefined();
    expect(refusalOf(eater('a'), sauce)).toBeUndefined();
  });
  test('who takes only dinner is not at lunch; a guest of a day that is not theirs takes both', () => {
    const evening = { ...eater('a', { meals: { lunch: [] } }), weekdays: [6] };
    const at = (on: string, meal: 'lunch' | 'dinner', here = false) =>
      eatersAt(day(on), meal, [evening], here ? [{ eater: 'a', day: day(on), here: true }] : []).length;
    expect([at('2026-03-01', 'lunch'), at('2026-03-01', 'dinner')]).toEqual([0, 1]);
    expect([at('2026-03-03', 'lunch', true), at('2026-03-03', 'lunch')]).toEqual([1, 0]);
  });
});

describe('what keeps and what is frozen', () => {
  test('twelve boxes for three people over six days: four are frozen by Wednesday and reach Thursday', () => {
    // Source: USDA FSIS, 3 to 4 days (from memory); FDA Food Code 2022, 3-501.17: cooked on Sunday, day 1, "4 days" end on Wednesday 03-04.
    const until = day('2026-03-04');
    const supply: Supply[] = [{ grams: 12, fromMeal: 0, frozen: false, until }];
    // Two boxes a day for the three of them: eight by Wednesday.
    const strip = foldStrip(days.slice(0, 6), supply, Array<number>(12).fill(1));
    expect(freezeBy(supply, strip)).toEqual([{ piece: 0, grams: 4, by: until, reaches: day('2026-03-05') }]);
    const frozen: Supply[] = [
      { grams: 8, fromMeal: 0, frozen: false, until },
      { grams: 4, fromMeal: 0, frozen: true },
    ];
    const mended = foldStrip(days.slice(0, 6), frozen, Array<number>(12).fill(1));
    expect(mended).toMatchObject({ shortGrams: 0, spoiledGrams: 0 });
    expect(sum(mended.meals.map(({ thawed }) => thawed))).toBe(4);
  });
  test('grain for four people that runs out on Thursday is said on Sunday', () => {
    const strip = foldStrip(
      days,
      [{ grams: 16 * 160, fromMeal: 0, frozen: false }],
      Array<number>(14).fill((4 * 160) / 2),
    );
    expect(strip.firstShort).toMatchObject({ day: day('2026-03-05'), meal: 'lunch' });
  });
  test('law: what is frozen in time does not go off, and nothing else is asked to be frozen', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ grams: fc.integer({ min: 1, max: 900 }), keeps: fc.nat({ max: 6 }) }), { maxLength: 4 }),
        fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 14, maxLength: 14 }),
        (pieces, want) => {
          const supply = pieces.map(({ grams, keeps }): Supply => ({
            grams,
            fromMeal: 0,
            frozen: false,
            until: addDays(SUNDAY, keeps),
          }));
          const strip = foldStrip(days, supply, want);
          const asked = freezeBy(supply, strip);
          const moved = supply.flatMap((piece, n): Supply[] => {
            const grams = asked.find((each) => each.piece === n)?.grams ?? 0;
            return [
              { ...piece, grams: piece.grams - grams },
              { grams, fromMeal: 0, frozen: true },
            ];
          });
          expect(foldStrip(days, moved, want).spoiledGrams).toBeLessThan(4.01);
          for (const { grams, piece } of asked) expect(grams).toBeLessThanOrEqual(supply[piece]?.grams ?? 0);
        },
      ),
    ));
});

describe('out of the freezer', () => {
  const zone = 'Europe/Berlin';
  const strip = foldStrip(
    days,
    [{ grams: 900, fromMeal: 0, frozen: true }],
    [0, 0, 0, 0, 0, 300, ...Array<number>(8).fill(0)],
  );
  const box = { lot: 'box', grams: 320, aheadHours: 30 };
  const sundayNoon = momentAt(SUNDAY, '12:00', zone);

  test('a block that takes 30 hours comes out on the evening that leaves them', () => {
    const [out] = takeOuts(strip, [box], [], zone, sundayNoon);
    // By hand: dinner on Tuesday at 18:30 less 30 h is Monday 12:30; the evening before that is Sunday 20:00.
    expect(out).toMatchObject({ day: day('2026-03-03'), meal: 'dinner', tooLate: false });
    expect(out?.at).toBe(momentAt(SUNDAY, '20:00', zone));
  });
  test('too late for the fridge is said', () =>
    expect(takeOuts(strip, [box], [], zone, momentAt(day('2026-03-03'), '09:00', zone))[0]?.tooLate).toBe(true));
  test('a night in which the clocks change is no hour too early or too late', () => {
    // Source: clocks in the EU go on at 02:00 on 2026-03-29 (from memory): the night has 23 hours.
    const spring = Array.from({ length: 3 }, (_, n) => addDays(day('2026-03-28'), n));
    const one = foldStrip(spring, [{ grams: 300, fromMeal: 0, frozen: true }], [0, 0, 0, 300, 0, 0]);
    const [out] = takeOuts(one, [{ ...box, aheadHours: 22 }], [], zone, momentAt(day('2026-03-28'), '08:00', zone));
    // By hand: 18:30 on the 29th is 21.5 real hours after 20:00 on the 28th: an evening too late for 22 hours.
    expect(out?.at).toBe(momentAt(day('2026-03-28'), '08:00', zone));
  });
  test('law: no box comes out twice, and as much comes out as is eaten of it', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 50, max: 400 }), { maxLength: 8 }),
        fc.array(fc.integer({ min: 0, max: 250 }), { minLength: 14, maxLength: 14 }),
        (grams, want) => {
          const boxes = grams.map((each, n) => ({ lot: `${n}`, grams: each, aheadHours: 24 }));
          const folded = foldStrip(
            days,
            boxes.map((each) => ({ grams: each.grams, fromMeal: 0, frozen: true })),
            want,
          );
          const out = takeOuts(folded, boxes, [], zone, sundayNoon);
          expect(new Set(out.map(({ lot }) => lot)).size).toBe(out.length);
          const thawed = sum(folded.meals.map((meal) => meal.thawed));
          expect(sum(out.map((each) => each.grams))).toBeGreaterThanOrEqual(thawed - 1.01 * 14);
        },
      ),
    ));
});

test('plates: as many as the scarcest part, a dish is one by itself, and half a kilo says what it would buy', () => {
  const box = (food: string, kind: Demanded['kind'], portions: number, portionG: number) => ({
    food,
    kind,
    portions,
    portionG,
  });
  const boxes = [
    box('millet', 'grain', 8, 160),
    box('borlotti', 'legume', 3, 150),
    box('sauce', 'sauce', 6, 60),
    box('soup', 'dish', 2, 400),
  ];
  const plates = platesFrom(boxes);
  const because = becauseOfPlates(boxes, (food) => food);
  expect([because.figure, ...(because.parts ?? []).map(({ figure }) => figure)]).toEqual([
    '5 plates',
    '2 portions',
    '8 portions',
    '3 portions',
    '6 portions',
  ]);
  expect(plates).toMatchObject({ plates: 5, short: 'protein' });
  // By hand: 500 g of borlotti are 3.3 portions more: six plates of parts instead of three.
  expect(plates.more[0]).toEqual({ food: 'borlotti', plates: 3 });
  expect(platesFrom([])).toMatchObject({ plates: 0, short: undefined });
});

test('variety is counted: following days, and stretches longer than somebody likes', () => {
  const on = (n: number, ...foods: string[]) => ({ day: addDays(SUNDAY, n), foods });
  const variety = varietyOf([on(0, 'millet', 'kale'), on(1, 'millet'), on(2, 'millet'), on(4, 'millet')]);
  expect(variety).toMatchObject({ repeats: 2, of: 5, different: 2 });
  expect(variety.inARow.get('millet')).toBe(3);
  expect(tooOften([eater('a', { repeats: 2 }), eater('b')], variety)).toEqual([
    expect.objectContaining({ food: 'millet', days: 3 }),
  ]);
});
