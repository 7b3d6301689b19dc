import fc from 'fast-check';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { heatToReheat, reheatOne, reheatOrder, type ToReheat } from './index.ts';

const item: fc.Arbitrary<ToReheat> = fc.record({
  food: fc.uuid(),
  name: fc.constantFrom('Millet', 'Borlotti', 'Kale', 'Sauce'),
  kind: fc.constantFrom('grain', 'legume', 'roots', 'sauce', 'greens', 'dish'),
  grams: fc.integer({ min: 1, max: 6000 }),
  frozen: fc.boolean(),
  crisp: fc.boolean(),
});
const kitchen = {
  ...STARTING_EQUIPMENT,
  microwave: { watts: 900, dishLitres: 2 },
  airFryer: { basketCm2: 500 },
  burners: 2,
};
const warm = (more: Partial<ToReheat>, at = kitchen) =>
  reheatOne({ food: 'm', name: 'Millet', kind: 'grain', grams: 400, ...more }, at);

test('law: one microwave warms one thing at a time, burners no more than there are, and nothing is done after the meal', () =>
  fc.assert(
    fc.property(fc.array(item, { maxLength: 8 }), (items) => {
      const steps = reheatOrder(items, kitchen);
      expect(steps).toHaveLength(items.length);
      for (const { before, minutes } of steps) expect(before).toBeGreaterThanOrEqual(minutes);
      for (const [where, most] of [
        ['microwave', 1],
        ['hob', 2],
      ] as const)
        for (const { before } of steps) {
          const at = steps.filter(
            (each) => each.where === where && each.before >= before && each.before - each.minutes < before,
          );
          expect(at.length).toBeLessThanOrEqual(most);
        }
    }),
  ));

test('law: more takes longer, frozen longer than cold, and never less than the power allows', () =>
  fc.assert(
    fc.property(item, fc.integer({ min: 1, max: 3000 }), (one, more) => {
      const step = reheatOne(one, kitchen);
      const larger = reheatOne({ ...one, grams: one.grams + more }, kitchen);
      expect(larger.minutes).toBeGreaterThanOrEqual(step.minutes);
      expect(reheatOne({ ...one, frozen: true }, kitchen).minutes).toBeGreaterThanOrEqual(
        reheatOne({ ...one, frozen: false }, kitchen).minutes,
      );
      // 2000 W at the most in any of these: nothing is hot before the heat could arrive.
      expect(step.minutes * 60 * 2).toBeGreaterThanOrEqual(heatToReheat(one.grams, one.frozen ?? false));
      expect(Number.isFinite(step.minutes) && step.minutes > 0).toBe(true);
    }),
  ));

// Common practice, no published source: a box of 400 g takes 3 to 5 min in a microwave, 6 to 10 in a pot from cold, 15 to 20 from frozen.
test.each([
  ['microwave, cold', warm({}), [3, 5]],
  ['pot, cold', warm({ kind: 'legume' }), [6, 10]],
  ['oven, crisp', warm({ kind: 'roots', crisp: true }, { ...kitchen, airFryer: undefined as never }), [8, 35]],
] as const)('400 g, %s', (_how, step, [least, most]) => {
  expect(step.minutes).toBeGreaterThanOrEqual(least);
  expect(step.minutes).toBeLessThanOrEqual(most);
});
test('from frozen a pot takes longer than from cold by the ice', () => {
  const frozen = warm({ kind: 'dish', frozen: true });
  expect(frozen.minutes).toBeGreaterThan(warm({ kind: 'dish' }).minutes);
  expect(frozen.how).toContain('from frozen');
});
test('six kilos of greens are not hot in three minutes, and go in turns where the pot is too small', () => {
  const step = warm({ kind: 'greens', grams: 6000 });
  // By hand: 6 kg × 3.56 × 70 = 1496 kJ ÷ 900 W are 28 min, and two turns.
  expect(step.minutes).toBeGreaterThanOrEqual(30);
  expect(step.turns).toBe(2);
  expect(step.how).toContain('2 turns');
});
test('mash does not go into an air fryer, crisp pieces do, and frozen ones go into the oven', () => {
  expect(warm({ kind: 'roots' }).where).toBe('microwave');
  expect(warm({ kind: 'roots', crisp: true }).where).toBe('air fryer');
  expect(warm({ kind: 'roots', crisp: true, frozen: true }).where).toBe('oven');
});
test('a grain for four stands two minutes and is begun in time; without a microwave it is a pot', () => {
  const millet = { food: 'm', name: 'Millet', kind: 'grain' as const, grams: 640 };
  const [step] = reheatOrder([millet], kitchen);
  expect(step?.where).toBe('microwave');
  expect(step?.before).toBe((step?.minutes ?? 0) + 2);
  expect(reheatOrder([millet], { ...STARTING_EQUIPMENT, burners: 1 })[0]?.where).toBe('hob');
});
