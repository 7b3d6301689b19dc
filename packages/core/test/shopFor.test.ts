import fc from 'fast-check';
import { Fraction, addDays } from '../src/quantity/index.ts';
import { missingOf, newestPrices, promisesOf, shopFor } from '../src/view/index.ts';
import { KALE, MILLET, TODAY, anyKitchen, batchOf, kitchenOf, lotOf, sessionOf } from './inventKitchen.ts';

test('law: the shop lists what the week says is missing: the same foods, the same amounts, and no dish of the kitchen’s own', () => {
  fc.assert(
    fc.property(anyKitchen, (view) => {
      const { lines } = shopFor(view, view.costs);
      const unkept = new Map<string, Fraction>();
      for (const { food, missing } of promisesOf(view).promises.unkept)
        unkept.set(food, (unkept.get(food) ?? new Fraction(0)).add(missing));
      for (const { food, missing } of lines) {
        expect(food.facts.kind).not.toBe('component');
        expect(
          missing
            .sub(unkept.get(food.id) ?? 0)
            .abs()
            .valueOf(),
        ).toBeLessThan(0.11);
      }
      const raw = missingOf(view).filter(({ food }) => food.facts.kind !== 'component');
      const listed = new Set(lines.map(({ food }) => food.id));
      for (const { food } of raw) expect(listed.has(food.id)).toBe(true);
    }),
  );
});

describe('half a pack in two sessions', () => {
  const salt = MILLET.lines.find(({ food }) => KALE.lines.some((line) => line.food === food))?.food ?? '';
  const view = (lots: Parameters<typeof kitchenOf>[0]['lots']) =>
    kitchenOf({
      sessions: [sessionOf('early', TODAY, '09:00'), sessionOf('late', addDays(TODAY, 5), '09:00')],
      batches: [batchOf('m', 'early', MILLET, 8), batchOf('k', 'late', KALE, 8)],
      lots: lots ?? [],
    });
  const missing = (of: ReturnType<typeof view>) =>
    shopFor(of, of.costs)
      .lines.find(({ food }) => food.id === salt)
      ?.missing.valueOf() ?? 0;
  const needs = promisesOf(view([]))
    .reservations.filter(({ food }) => food === salt)
    .map(({ amount }) => amount.valueOf());

  test('is bought once while it keeps for both', () => {
    expect(needs).toHaveLength(2);
    const whole = needs.reduce((sum, n) => sum + n, 0);
    expect(missing(view([lotOf('pack', salt, 'cupboard', Math.ceil(whole))]))).toBe(0);
  });
  test('and again where it is past by the second: the first still uses it', () => {
    const pack = lotOf('pack', salt, 'cupboard', 5000, {
      dates: { boughtOn: addDays(TODAY, -9), useBy: addDays(TODAY, 2) },
    });
    expect(missing(view([pack]))).toBeCloseTo(needs[1] ?? 0, 1);
  });
});

test('the newest price counts by its own day, whatever comes first on the list, bought or entered', () => {
  const food = MILLET.lines[0]?.food ?? '';
  const price = (on: number, minor: number) => ({
    id: `${on}`,
    food,
    on: addDays(TODAY, on),
    minor,
    amount: '1000',
    shop: null,
    from: 'entered' as const,
  });
  const pack = lotOf('pack', food, 'cupboard', 500, {
    dates: { boughtOn: addDays(TODAY, -4) },
    priced: { minor: 250, amount: '1000' },
  });
  fc.assert(
    fc.property(fc.shuffledSubarray([price(-2, 300), price(-6, 100), price(-9, 900)], { minLength: 3 }), (prices) => {
      const view = kitchenOf({ lots: [pack], costs: { prices, floors: [], thrown: [] } });
      expect(newestPrices(view).get(food)?.minor).toBe(300);
    }),
  );
  const bought = kitchenOf({ lots: [pack], costs: { prices: [price(-6, 100)], floors: [], thrown: [] } });
  expect(newestPrices(bought).get(food)?.minor).toBe(250);
});
