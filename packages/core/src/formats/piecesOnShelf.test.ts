import { BOOK } from '../food/index.ts';
import { day, Fraction, inBase } from '../quantity/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import { asRevision, indexFoods, readIngredientLine, readShelfLine } from './index.ts';

const foods = indexFoods(BOOK);
const byId = new Map(BOOK.map((food) => [food.id, food]));
const shelf = { foods: BOOK, places: [{ id: 'p', name: 'cupboard' }], today: day('2026-03-02') };
const counted = BOOK.filter(({ facts }) => facts.gramsEach && facts.base === 'g' && facts.kind === 'vegetable');

test.each(counted.map((food) => [food.name, food] as const))(
  'as many pieces of %s as a recipe wants are enough for it',
  (name, food) => {
    const line = readIngredientLine(`3 ${name}`, foods);
    const onShelf = readShelfLine(`3 ${name} cupboard`, shelf);
    // Where the text is asked about, or names another food, there is nothing to compare.
    if (line.food !== food || onShelf.food !== food || line.doubts.length > 0 || !onShelf.amount) return;
    const recipe = asRevision({ name: 'Three of it', portions: 4, lines: [line], method: ['Cut it.'] });
    const { lines } = scaleBatch(recipe, new Fraction(4), byId, STARTING_EQUIPMENT);
    const wanted = lines[0]?.fromShelf?.value;
    const over = inBase(onShelf.amount).valueOf() - (wanted ? inBase(wanted).valueOf() : NaN);
    // Whole grams are put there.
    expect(over).toBeGreaterThanOrEqual(0);
    expect(over).toBeLessThan(1);
  },
);

test('most of what is counted is compared so', () => {
  const compared = counted.filter(({ name }) => readIngredientLine(`3 ${name}`, foods).doubts.length === 0);
  expect(compared.length).toBeGreaterThan(20);
});
