import fc from 'fast-check';
import { BOOK, bookFood, bookFoodId } from '../food/index.ts';
import { Fraction, day } from '../quantity/index.ts';
import { choosePacks, inKilos, packsOverDays, SECTIONS, sectionOf, shopList, shopText, type Price } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const pack = (amount: number, minor: number) => ({ amount: new Fraction(amount), minor });

describe('whole packs that cover a need', () => {
  // Source: computed: packs of 400 g at 1.99 and 1 kg at 4.49: 730 g costs least as 2 × 400 (3.98), 900 g as 1 kg (4.49), 1300 g as 1 kg + 400 g (6.48).
  test.each([
    [730, 398, [[400, 2]]],
    [900, 449, [[1000, 1]]],
    [
      1300,
      648,
      [
        [1000, 1],
        [400, 1],
      ],
    ],
  ])('%i g for %i', (need, minor, packs) => {
    const choice = choosePacks(new Fraction(need), [pack(400, 199), pack(1000, 449)]);
    expect(choice?.minor).toBe(minor);
    expect(choice?.packs.map((each) => [each.pack.amount.valueOf(), each.count])).toEqual(packs);
  });
  test('law: they cover the need, what is left is what is over, and no single size costs less', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3000 }),
        fc.array(fc.tuple(fc.integer({ min: 100, max: 1500 }), fc.integer({ min: 20, max: 900 })), {
          minLength: 1,
          maxLength: 3,
        }),
        (need, sizes) => {
          const packs = sizes.map(([amount, minor]) => pack(amount, minor));
          const choice = choosePacks(new Fraction(need), packs);
          if (!choice) throw new Error('nothing chosen');
          expect(choice.amount.sub(need).equals(choice.left)).toBe(true);
          expect(choice.left.compare(0)).toBeGreaterThanOrEqual(0);
          expect(choice.packs.reduce((sum, each) => sum + each.pack.minor * each.count, 0)).toBe(choice.minor);
          for (const [amount, minor] of sizes)
            expect(choice.minor).toBeLessThanOrEqual(Math.ceil(need / amount) * minor);
        },
      ),
    ));
  test('where what is left is eaten later, the cheaper kilo wins; where nothing has a price, nothing is chosen', () => {
    const packs = [pack(400, 199), pack(1000, 449)];
    const eaten = (upTo: number) => ({ perUnit: new Fraction(449, 1000), upTo: new Fraction(upTo) });
    expect(choosePacks(new Fraction(730), packs, eaten(0))?.packs.map((each) => each.pack.minor)).toEqual([199]);
    expect(choosePacks(new Fraction(730), packs, eaten(2000))?.packs.map((each) => each.pack.minor)).toEqual([449]);
    expect(choosePacks(new Fraction(730), [])).toBeUndefined();
  });
});

describe('an opened pack over days', () => {
  const uses = (...amounts: readonly (readonly [string, number])[]) =>
    amounts.map(([on, amount]) => ({ on: day(on), amount: new Fraction(amount) }));
  test('two halves within its opened life are one tin', () => {
    const tins = packsOverDays(uses(['2026-03-01', 120], ['2026-03-03', 120]), new Fraction(240), 3);
    expect(tins).toMatchObject({ count: 1, past: [] });
    expect(tins.shared).toEqual([{ opened: '2026-03-01', on: '2026-03-03' }]);
  });
  test('beyond it they are two, and it is said what is past', () => {
    const tins = packsOverDays(uses(['2026-03-01', 120], ['2026-03-04', 120]), new Fraction(240), 3);
    expect(tins.count).toBe(2);
    expect(tins.past.map(({ opened, amount }) => [opened, amount.valueOf()])).toEqual([['2026-03-01', 120]]);
  });
  test('law: never fewer than the whole amount asks for, never more than each day by itself', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 28 }), fc.integer({ min: 1, max: 600 })), { maxLength: 6 }),
        (rows) => {
          const list = rows.map(([d, amount]) => [`2026-02-${String(d).padStart(2, '0')}`, amount] as const);
          const { count } = packsOverDays(uses(...list), new Fraction(240), 3);
          const whole = rows.reduce((sum, [, amount]) => sum + amount, 0);
          expect(count).toBeGreaterThanOrEqual(Math.ceil(whole / 240));
          expect(count).toBeLessThanOrEqual(rows.reduce((sum, [, amount]) => sum + Math.ceil(amount / 240), 0));
        },
      ),
    ));
});

describe('the list of what to buy', () => {
  const on = day('2026-03-01');
  const price = (food: string, amount: number, minor: number): Price => ({
    food: bookFoodId(food),
    on,
    minor,
    amount: new Fraction(amount),
    from: 'entered',
  });
  const list = (there: Readonly<Record<string, number>>, more: Partial<Parameters<typeof shopList>[0]> = {}) =>
    shopList({
      wanted: [
        { food: bookFoodId('millet'), amount: new Fraction(800), for: 'Millet', on },
        { food: bookFoodId('leek'), amount: new Fraction(700), for: 'Kale with leek', on },
      ],
      onHand: (food) => new Fraction(there[foods.get(food)?.name ?? ''] ?? 0),
      floors: [],
      prices: [price('millet', 500, 140), price('millet', 1000, 260)],
      foods,
      currency: 'EUR',
      ...more,
    });

  test('what is there is taken off first; what is enough is not on the list', () => {
    const { lines, tillMinor, unpriced } = list({ millet: 400, leek: 700 });
    expect(lines.map(({ food, missing }) => [food.name, missing.valueOf()])).toEqual([['millet', 400]]);
    // Millet keeps: the rest of a kilo is eaten some day, and 1.20 more buy 600 g worth 1.56.
    expect(tillMinor).toBe(260);
    expect(unpriced).toEqual([]);
    expect(lines[0]?.usedMinor).toBe(104);
  });
  test('a food with no price is on the list, and the till is not silently cheaper', () => {
    const { unpriced, tillMinor } = list({});
    expect(unpriced.map(({ name }) => name)).toEqual(['leek']);
    expect(shopText(list({}), 'EUR')).toContain('at least €2.60');
    expect(tillMinor).toBe(260);
  });
  test('what the plan draws below its floor is bought up to it', () => {
    const floors = [{ food: bookFoodId('millet'), amount: new Fraction(500) }];
    expect(list({ millet: 1000, leek: 700 }, { floors }).lines.map(({ missing }) => missing.valueOf())).toEqual([300]);
    expect(list({ millet: 1300, leek: 700 }, { floors }).lines).toEqual([]);
  });
  test('law: what is there and what is bought is what is used and what is left', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1500 }), fc.integer({ min: 0, max: 900 }), (there, floor) => {
        const floors = [{ food: bookFoodId('millet'), amount: new Fraction(floor) }];
        const line = list({ millet: there }, { floors }).lines.find(({ food }) => food.name === 'millet');
        const bought = line?.choice?.amount.valueOf() ?? 0;
        const after = there + bought - 800;
        expect(after).toBeGreaterThanOrEqual(floor);
        if (!line) expect(there - 800).toBeGreaterThanOrEqual(floor);
      }),
    ));
  test('tins are carried whole', () => {
    const tins = shopList({
      wanted: [{ food: bookFoodId('canned borlotti'), amount: new Fraction(400), for: 'x', on }],
      onHand: () => new Fraction(0),
      floors: [],
      prices: [price('canned borlotti', 240, 95)],
      foods,
      currency: 'EUR',
    });
    expect(tins).toMatchObject({ tillMinor: 190, carryG: 800 });
  });
});

test('a price by the kilo is exact', () => {
  expect(inKilos({ minor: 199, amount: new Fraction(400) }, 'g').equals(new Fraction(4975, 10))).toBe(true);
  expect(inKilos({ minor: 30, amount: new Fraction(1) }, 'each').valueOf()).toBe(30);
});

test('every food of the book has a section', () => {
  for (const food of BOOK) expect(SECTIONS).toContain(sectionOf(food));
  expect(sectionOf(bookFood('leek'))).toBe('vegetables and fruit');
  expect(sectionOf(bookFood('canned chickpeas'))).toBe('tins and jars');
});
