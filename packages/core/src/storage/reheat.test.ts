import fc from 'fast-check';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { reheatOrder, type ToReheat } from './index.ts';

const item: fc.Arbitrary<ToReheat> = fc.record({
  food: fc.uuid(),
  name: fc.constantFrom('Millet', 'Borlotti', 'Kale', 'Sauce'),
  kind: fc.constantFrom('grain', 'legume', 'roots', 'sauce', 'greens', 'dish'),
  grams: fc.integer({ min: 1, max: 3000 }),
});
const kitchen = { ...STARTING_EQUIPMENT, microwave: { watts: 900, dishLitres: 2 }, burners: 2 };

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

test('a grain for four stands two minutes and is begun in time; without a microwave it is a pot', () => {
  const millet = { food: 'm', name: 'Millet', kind: 'grain' as const, grams: 640 };
  // By hand: 4 min × 640 / 400 = 6.4, to the minute, and 2 min of standing. Common practice, no published source (3 to 5 min for 400 g).
  expect(reheatOrder([millet], kitchen)).toEqual([
    expect.objectContaining({ where: 'microwave', minutes: 6, before: 8 }),
  ]);
  expect(reheatOrder([millet], { ...STARTING_EQUIPMENT, burners: 1 })[0]?.where).toBe('hob');
});
