import { bookFood } from '@kestrel-ridge/core/food';
import { Fraction, day } from '@kestrel-ridge/core/quantity';
import { bringsVitaminC } from '@kestrel-ridge/core/view';
import { kitchen } from '../app/kitchenForTests.ts';

// Source: USDA FoodData Central SR Legacy (from memory): red pepper 128 mg, kale 93, lemon juice 39, carrot 6, onion 7, in 100 g.
test('what brings vitamin C is named from the shelf, what must go first before the rest', () => {
  const [lot] = kitchen().lots;
  if (!lot) throw new Error('no lot');
  const there = (name: string, until: string, g = 300) => ({
    ...lot,
    food: bookFood(name),
    onHand: new Fraction(g),
    until: { value: day(until), because: { rule: 'set', figure: '' } },
  });
  const lots = [
    there('carrot', '2026-11-26'),
    there('red pepper', '2026-12-02'),
    there('kale', '2026-11-28'),
    there('lemon juice', '2026-12-09', 0),
  ];
  expect(bringsVitaminC({ lots })).toEqual(['kale', 'red pepper']);
});
