import { Fraction, inBase, quantityOf } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { NO_WISHES } from '@kestrel-ridge/core/session';
import fc from 'fast-check';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { foods, kitchen, lot, recipes, session } from '../app/kitchenForTests.ts';
import { tasksOf } from '@kestrel-ridge/core/view';
import { readWork } from './AddWork.tsx';
import { readCorrection, type Correction } from './readCorrection.ts';

/** Borlotti, greens and a sauce in one run: twice the size they are written in. */
const base = kitchen();
const batches = ['Borlotti with onion', 'Kale with leek', 'Sunflower-seed sauce with mustard'].map((name, n) => {
  const recipe = recipes.find((each) => each.name === name);
  const [batch] = base.batches;
  if (!recipe || !batch) throw new Error(name);
  const portions = new Fraction(recipe.document.portions * 2);
  return {
    ...batch,
    state: { ...batch.state, id: `b${n}`, recipe: recipe.id, portions: portions.toFraction() },
    recipe,
    written: recipe.document,
    scaled: scaleBatch(recipe.document, portions, foods, base.kitchen.equipment),
  };
});
const view = { ...base, batches, lots: [lot(bookFoodId('onion'), 3000)] };
const { about } = tasksOf(session, batches, base.kitchen.equipment, 1, NO_WISHES).tasks;
const at = (batch: string, food: string) =>
  Object.values(about).find((task) => task.batch === batch && task.goesIn.some((into) => into.food === food));
const read = (text: string, current = at('b0', 'onion')) => readCorrection(text, view, about, current);
const more = (correction: Correction | undefined) => {
  if (correction?.kind !== 'more') throw new Error(`not more: ${JSON.stringify(correction)}`);
  return correction;
};

describe('what went in otherwise, in one line', () => {
  test.each([
    ['+1 tsp salt', 'salt', '1', 'tsp'],
    ['another 100 mL water', 'water', '100', 'mL'],
    ['plus 20 g garlic', 'garlic', '20', 'g'],
    ['more 2 tbsp of cider vinegar', 'cider vinegar', '2', 'tbsp'],
  ] as const)('%s', (text, food, n, unit) =>
    expect(more(read(text))).toMatchObject({ food, plus: { n, unit }, guessed: false }),
  );
  test('pieces of what the recipe weighs are weighed', () => {
    const { plus } = more(read('+2 onions'));
    expect(plus.unit).toBe('g');
    expect(Number(plus.n)).toBe(2 * (foods.get(bookFoodId('onion'))?.facts.gramsEach?.value ?? 0));
  });
  test('a little more is a tenth of what was planned, and is said to be a guess', () => {
    const { plus, guessed, line } = more(read('a little more vinegar'));
    const planned = batches[0]?.scaled.lines.find((each) => each.line.id === line)?.amount.value;
    expect(guessed).toBe(true);
    expect(inBase(quantityOf(plus)).valueOf()).toBeCloseTo((planned ? inBase(planned).valueOf() : 0) / 10, 1);
  });
  test('the dish at hand is meant before the others', () => {
    expect(more(read('+1 tsp salt', at('b1', 'salt'))).task.startsWith('b1')).toBe(true);
    expect(more(read('+1 tsp mustard', at('b1', 'salt'))).task.startsWith('b2')).toBe(true);
  });
  test('out of one, used another: in equal strength, where that is known', () => {
    expect(read('out of leeks, used onions', at('b1', 'leek'))).toMatchObject({
      kind: 'instead',
      was: 'leek',
      food: 'onion',
      swap: { food: bookFoodId('onion') },
    });
    expect(read('out of leeks, used walnuts', at('b1', 'leek'))).toMatchObject({ kind: 'not so' });
  });
  test.each(['+1 tsp moondust', 'another 100 mL oat milk', 'a little more of it'])(
    '%s: it is asked, not guessed',
    (text) => expect(read(text)).toMatchObject({ kind: 'not so' }),
  );
  test.each(['boil swede 20 min', 'also boil swede 20 min', 'salt', '', 'more'])('“%s” is no correction', (text) =>
    expect(read(text)).toBeUndefined(),
  );
  test('work stays work', () =>
    expect(readWork('also boil swede 20 min')).toEqual({ name: 'Boil swede', minutes: 20, hands: false }));
  test('law: what is said in the line’s own measure is what is logged', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (grams) =>
        expect(more(read(`+${grams} g garlic`)).plus).toEqual({ n: `${grams}`, unit: 'g' }),
      ),
      { numRuns: 30 },
    ));
});
