import fc from 'fast-check';
import { BOOK, addedBy, allergenWords, bookFood, statementOf, uniteStatements } from './index.ts';

describe('what is known of the fourteen', () => {
  test('every food of the book says what it holds; what stands for several, or is nameless, says unknown', () => {
    const unknown = BOOK.filter((food) => statementOf(food).unknown.length > 0).map(({ name }) => name);
    expect(unknown.sort()).toEqual(['nameless box', 'plant milk']);
    expect(allergenWords(statementOf(bookFood('plant milk')))).toContain('unknown');
  });
  // Usual labels, from memory.
  test.each([
    ['stock powder', 'gluten'],
    ['tamari', 'gluten'],
    ['miso', 'gluten'],
    ['plant margarine', 'milk'],
    ['dates', 'sulphites'],
    ['lemon juice', 'sulphites'],
    ['seaweed', 'crustaceans'],
  ])('%s may contain %s', (name, allergen) => expect(bookFood(name).facts.mayContain).toContain(allergen));
  test('law: a dish says whatever any of its foods says, in whichever order they come', () => {
    const foods = fc.array(fc.constantFrom(...BOOK), { maxLength: 8 });
    fc.assert(
      fc.property(foods, (some) => {
        const dish = uniteStatements(some.map(statementOf));
        for (const food of some) {
          const added = addedBy(statementOf(food), dish);
          expect([added.contains, added.may, added.unknown]).toEqual([[], [], []]);
        }
        expect(uniteStatements([...some].reverse().map(statementOf))).toEqual(dish);
      }),
    );
  });
});
