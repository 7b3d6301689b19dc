import fc from 'fast-check';
import { expandSession } from '../src/session/index.ts';
import { check, search } from '../src/schedule/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { BOOK, bookFoodId } from '../src/food/index.ts';
import { Fraction, inBase } from '../src/quantity/index.ts';
import { promote, scaleBatch } from '../src/scaling/index.ts';
import { cookedAs, faultsOf, hotLines, STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const sauce = STARTER_RECIPES.find(({ component }) => component.name === 'Sunflower sauce') as Revision;
const mild = (share: string) => ({ mild: { share, who: ['Tarek'] } });
const parts = fc.tuple(fc.integer({ min: 1, max: 11 }), fc.integer({ min: 2, max: 12 })).filter(([n, of]) => n < of);

describe('somebody’s part stays mild', () => {
  test('what is hot goes in after their part is out, so much less of it, before the last step', () => {
    const cooked = cookedAs(sauce, mild('1/4'), foods);
    const [hot] = hotLines(cooked, foods);
    expect(hot?.amount).toEqual({ n: '1 1/2', unit: 'tsp' });
    expect(hot?.into).toEqual([{ step: 'mild part', share: '1' }]);
    expect(cooked.steps.map(({ id }) => id)).toEqual(['pan', 'simmer', 'blend', 'mild part', 'pour']);
    expect(cooked.steps.find(({ id }) => id === 'mild part')?.name).toBe(
      'Take 1/4 of it out, mild, for Tarek; mustard into the rest',
    );
  });
  test('a dish without heat, and a batch without a mild part, are as written', () => {
    for (const recipe of STARTER_RECIPES) {
      expect(cookedAs(recipe, {}, foods)).toEqual(
        cookedAs(recipe, { ...mild('1/4'), mild: undefined } as object, foods),
      );
      if (hotLines(recipe, foods).length === 0)
        expect(cookedAs(recipe, mild('1/4'), foods)).toEqual(cookedAs(recipe, {}, foods));
    }
  });
  test('law: whatever is hot, the parts add up, the recipe is sound, and the day can be planned', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...STARTER_RECIPES),
        fc.nat(),
        parts,
        fc.integer({ min: 2, max: 30 }),
        (recipe, n, [over, under], portions) => {
          const lines = recipe.lines.filter(({ optional, law }) => !optional && law.law !== 'water for grain');
          const line = lines[n % lines.length];
          const chilli = bookFoodId('chilli flakes');
          const hot: Revision = {
            ...recipe,
            lines: recipe.lines.map((each) => {
              const { slot: _slot, ...rest } = each;
              return each === line
                ? { ...rest, food: chilli, law: { law: 'in proportion' }, amount: { n: '3', unit: 'g' } }
                : each;
            }),
          };
          const share = `${over}/${under}`;
          const cooked = cookedAs(hot, mild(share), foods);
          expect(faultsOf(cooked)).toEqual(faultsOf(cookedAs(hot, {}, foods)));
          const grams = (of: Revision) =>
            scaleBatch(of, new Fraction(portions), foods, STARTING_EQUIPMENT)
              .lines.filter(({ food }) => food.id === chilli)
              .reduce((sum, { amount }) => sum.add(inBase(amount.value)), new Fraction(0));
          expect(grams(cooked).equals(grams(cookedAs(hot, {}, foods)).mul(new Fraction(under - over, under)))).toBe(
            true,
          );
          const scaled = scaleBatch(cooked, new Fraction(portions), foods, STARTING_EQUIPMENT);
          const { problem, about } = expandSession('s', [{ id: 'b', scaled }], STARTING_EQUIPMENT, 1);
          const plan = search(problem, { seed: 1, rounds: 20 });
          expect(check(problem, plan)).toEqual([]);
          const apart = Object.values(about).filter(({ step }) => step === 'mild part');
          expect(apart.every(({ goesIn }) => goesIn.some(({ food }) => food === 'chilli flakes'))).toBe(true);
          // The heat is nowhere but in that step.
          expect(
            Object.values(about).filter(
              ({ step, goesIn }) => step !== 'mild part' && goesIn.some(({ food }) => food === 'chilli flakes'),
            ),
          ).toEqual([]);
        },
      ),
      { numRuns: 60 },
    ));
  test('what went into the hot part is learned for the whole recipe', () => {
    const finals = [{ line: 'mustard', amount: { n: '3', unit: 'tsp' as const } }];
    const batch = { portions: new Fraction(sauce.portions), loads: 1, choice: mild('1/4'), finals };
    expect(promote(sauce, batch, foods).lines.find(({ id }) => id === 'mustard')?.amount).toEqual({
      n: '4',
      unit: 'tsp',
    });
  });
});
