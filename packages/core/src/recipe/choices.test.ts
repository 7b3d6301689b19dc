import fc from 'fast-check';
import { BOOK, bookFoodId } from '../food/index.ts';
import { Fraction } from '../quantity/index.ts';
import {
  compareRevisions,
  cookedAs,
  faultsOf,
  restOf,
  skipSteps,
  STARTER_RECIPES,
  waysOf,
  wholeOf,
  type Line,
  type Revision,
} from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const named = (name: string): Revision => {
  const recipe = STARTER_RECIPES.find((each) => each.name === name);
  if (!recipe) throw new Error(name);
  return recipe;
};
const millet = named('Millet with bay');
const borlotti = named('Borlotti with onion');
const anyRecipe = fc.constantFrom(...STARTER_RECIPES);

describe('a recipe as one batch cooks it', () => {
  test('without a choice it is itself, less the choices', () => {
    const { methods: _m, methodName: _n, ...plain } = millet;
    expect(cookedAs(millet, {}, foods)).toEqual(plain);
  });
  test('a method brings its vessel, steps and stations', () => {
    const hob = cookedAs(millet, { method: 'hob' }, foods);
    expect(hob.vessel).toBe('pot');
    expect(hob.uses.map((use) => use.station)).toEqual(['burner']);
    expect(hob.lines.find((line) => line.id === 'water')?.form).toBe('boiling');
  });
  test('a version brings its foods and skips its steps; the dry beans are gone, and so is the sealed cooker', () => {
    const tins = cookedAs(borlotti, { version: 'tins' }, foods);
    expect(tins.lines.map((line) => line.food)).toContain(bookFoodId('canned borlotti'));
    expect(tins.lines.map((line) => line.food)).not.toContain(bookFoodId('borlotti beans'));
    expect(tins.steps.map((step) => step.kind)).not.toContain('ahead');
    expect(tins.vessel).toBe('pot');
    expect(tins.uses).toEqual([]);
  });
  test('a choice that the recipe does not know changes nothing', () =>
    expect(cookedAs(millet, { method: 'sun', version: 'cold', fills: [{ line: 'x', food: 'y' }] }, foods)).toEqual(
      cookedAs(millet, {}, foods),
    ));
  test('law: every way of every recipe can be cooked', () => {
    for (const recipe of STARTER_RECIPES)
      for (const way of waysOf(recipe)) expect(faultsOf(cookedAs(recipe, way, foods))).toEqual([]);
  });
  test('a slot is filled only by what it allows', () => {
    const [first, ...rest] = millet.lines;
    if (!first) throw new Error('no line');
    const allowed = [first.food, bookFoodId('quinoa')];
    const open: Revision = { ...millet, lines: [{ ...first, slot: { role: 'bulk', allowed } }, ...rest] };
    const filled = (food: string) => cookedAs(open, { fills: [{ line: first.id, food }] }, foods).lines[0]?.food;
    expect(filled(bookFoodId('quinoa'))).toBe(bookFoodId('quinoa'));
    expect(filled(bookFoodId('leek'))).toBe(first.food);
  });
  test('several foods share an open line: so much of one, the rest of another; the whole is what was written', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), fc.integer({ min: 1, max: 99 }), (first, second) => {
        const greens = bookFoodId('kale');
        const [chard, leek] = [bookFoodId('chard'), bookFoodId('leek')];
        const line: Line = {
          id: 'greens',
          food: greens,
          amount: { n: '500', unit: 'g' },
          law: { law: 'in proportion' },
          into: [{ step: millet.steps[0]?.id ?? '', share: '1' }],
          slot: { role: 'bulk', allowed: [greens, chard, leek] },
        };
        const open: Revision = { ...millet, lines: [...millet.lines, line] };
        const rest = restOf('greens');
        const fills = [
          { line: 'greens', food: chard, share: `${first}/100` },
          { line: rest, food: leek, share: `${second}/100` },
        ];
        const cooked = cookedAs(open, { fills }, foods);
        const parts = cooked.lines.filter(({ id }) => wholeOf(id) === 'greens');
        expect(parts.map(({ food, slot }) => [food, slot !== undefined])).toEqual([
          [chard, false],
          [leek, false],
          [greens, true],
        ]);
        const sum = parts.reduce((all, { amount }) => all.add(new Fraction(amount.n)), new Fraction(0));
        expect(sum.toFraction()).toBe('500');
        expect(faultsOf(cooked)).toEqual([]);
      }),
    ));
  test('eaten at once, nothing is stopped short', () => {
    const short: Revision = {
      ...millet,
      steps: millet.steps.map((step) => (step.kind === 'work' ? { ...step, stopAt: 0.8 } : step)),
    };
    expect(JSON.stringify(cookedAs(short, {}, foods).steps)).toContain('stopAt');
    expect(JSON.stringify(cookedAs(short, { eatenToday: true }, foods).steps)).not.toContain('stopAt');
  });
});

test('law: with any steps skipped, shares still add up, nothing waits for what is gone, and no station is held by it', () =>
  fc.assert(
    fc.property(
      anyRecipe
        .map((recipe) => cookedAs(recipe, {}, foods))
        .chain((recipe) =>
          fc.tuple(
            fc.constant(recipe),
            fc.subarray(
              recipe.steps.map((step) => step.id),
              { maxLength: recipe.steps.length - 1 },
            ),
          ),
        ),
      ([recipe, gone]) => {
        const rest = skipSteps(recipe, gone);
        const onlyAheadLeft = rest.steps.every((step) => step.kind === 'ahead');
        const faults = faultsOf(rest).filter(({ field }) => !(onlyAheadLeft && field.startsWith('lines')));
        expect(faults).toEqual([]);
        expect(rest.steps).toHaveLength(recipe.steps.length - gone.length);
      },
    ),
  ));

describe('two revisions compared', () => {
  test('law: a recipe says the same as itself, and a change that is taken back is none', () =>
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 1, max: 40 }), (recipe, portions) => {
        expect(compareRevisions(recipe, recipe, foods)).toEqual([]);
        const other = { ...recipe, portions: recipe.portions + portions };
        expect(compareRevisions(recipe, other, foods)).toMatchObject([{ part: 'recipe', what: 'portions' }]);
        expect(compareRevisions(other, recipe, foods)).toMatchObject([{ now: `${recipe.portions}` }]);
      }),
    ));
  test('a line added, one taken out, an amount, a time and a wait are each said by name', () => {
    const [first, second, ...rest] = borlotti.lines;
    if (!first || !second) throw new Error('no lines');
    const now: Revision = {
      ...borlotti,
      lines: [
        { ...first, amount: { n: '600', unit: 'g' } },
        ...rest,
        { ...second, id: 'leek', food: bookFoodId('leek') },
      ],
      steps: borlotti.steps.map((step) =>
        step.id === 'season' && step.kind === 'work'
          ? { ...step, time: { law: 'fixed', minutes: { earliest: 6, expected: 7, latest: 9 } } }
          : step,
      ),
    };
    const said = compareRevisions(borlotti, now, foods).map(({ of, what }) => `${of}: ${what}`);
    expect(said).toEqual([
      'onion: taken out',
      'borlotti beans: amount',
      'leek: added',
      'Season the borlotti, bay out, into shallow boxes: times',
    ]);
  });
});
