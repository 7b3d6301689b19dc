import { BOOK, addedBy, bookFood, statementOf, type Food } from '../food/index.ts';
import { indexFoods, readIngredientLine } from './index.ts';

const index = indexFoods(BOOK);
const read = (line: string) => readIngredientLine(line, index);
const asks = ({ doubts }: ReturnType<typeof read>) => doubts.some(({ about }) => about === 'food');
const namesOf = ({ name, facts }: Food) => [name, ...(facts.names ?? [])];
/** Roughly the singular. */
const bare = (word: string) => word.replace(/s$/, '');
const known = new Set(BOOK.flatMap(namesOf));

/** Words that stand before or behind a food's name and make another food of it. */
const QUALIFIERS = (
  'almond peanut celery lupin soya mustard sesame cashew barley rye malt hemp tiger vegan smoked salted pickled frozen powder powdered flour oil butter milk ' +
  'paste sauce salt sprouts seeds vinegar cheese cream noodles bread stock spread syrup flakes crisps yoghurt mince sausages dumplings'
).split(' ');

/** All pairs of the book's foods are tens of thousands: each food meets every fourth, another quarter for each that follows. */
const everyFourth = <Each>(all: readonly Each[], from: number) => all.filter((_, n) => (n + from) % 4 === 0);

describe('an allergen never vanishes in a name', () => {
  test('law: a food with an allergen beside every fourth food’s name is read as a food that has it, or is asked about', () => {
    const lost: string[] = [];
    for (const [n, first] of BOOK.filter(({ facts }) => (facts.allergens ?? []).length > 0).entries())
      for (const second of everyFourth(BOOK, n)) {
        const line = `100 g ${first.name} ${second.name}`;
        const found = read(line);
        const { food } = found;
        if (asks(found) || !food) continue;
        if (addedBy(statementOf(first), statementOf(food)).contains.length > 0) lost.push(`${line} → ${food.name}`);
      }
    expect(lost).toEqual([]);
  });
  test('law: a word that makes another food of every fourth is asked about, unless that food is known by this name', () => {
    const unasked: string[] = [];
    for (const [n, qualifier] of QUALIFIERS.entries())
      for (const food of everyFourth(BOOK, n))
        for (const phrase of [`${qualifier} ${food.name}`, `${food.name} ${qualifier}`]) {
          const line = read(`100 g ${phrase}`);
          if (!asks(line)) {
            const { food: found } = line;
            // Known by this very name, or the word is one of the food's own ("salt", "celery salt").
            const own = new Set(
              found
                ? namesOf(found)
                    .flatMap((name) => name.split(/[\s-]/))
                    .map(bare)
                : [],
            );
            if (!known.has(phrase) && !own.has(bare(qualifier))) unasked.push(`${phrase} → ${found?.name}`);
          }
        }
    expect(unasked).toEqual([]);
  });
  // Each was once read as the food behind the arrow, without a doubt.
  test.each([
    ['almond flour', 'nuts'],
    ['lupin flour', 'lupin'],
    ['soya flour', 'soybeans'],
    ['peanut oil', 'peanuts'],
    ['walnut oil', 'nuts'],
    ['celery salt', 'celery'],
    ['oat milk', 'gluten'],
    ['soya milk', 'soybeans'],
    ['almond milk', 'nuts'],
    ['malt vinegar', 'gluten'],
  ])('%s holds %s', (name, allergen) => {
    const line = read(`100 g ${name}`);
    expect(asks(line)).toBe(false);
    expect(line.food?.facts.allergens).toContain(allergen);
  });
  test('rice flour is no wheat flour, and sprouts of mung are neither dry mung nor Brussels sprouts', () => {
    expect(statementOf(read('100 g rice flour').food ?? bookFood('wheat flour')).contains).toEqual([]);
    expect(read('100 g bean sprouts').food?.name).toBe('bean sprouts');
    expect(read('100 g mung bean sprouts').food?.name).toBe('bean sprouts');
  });
  test.each(['1 onion, finely chopped', '200 g fresh spinach leaves', '2 large ripe tomatoes', '1 tsp ground cumin'])(
    '“%s” says how, not what: nothing is asked',
    (line) => expect(read(line).doubts).toEqual([]),
  );
});
