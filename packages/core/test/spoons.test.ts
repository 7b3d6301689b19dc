import fc from 'fast-check';
import { bookFoodId, BOOK } from '../src/food/index.ts';
import { Fraction, inBase, SCOOPS, type Quantity } from '../src/quantity/index.ts';
import { STARTER_RECIPES, growthOf, usualLaw, type Revision } from '../src/recipe/index.ts';
import { scaleBatch, showAmount, showFirst } from '../src/scaling/index.ts';
import { expandSession } from '../src/session/index.ts';
import { EQUIPMENT, FOODS } from './inventKitchen.ts';

const foods = new Map(FOODS.map((food) => [food.id, food]));
const book = (name: string) => {
  const food = BOOK.find(({ id }) => id === bookFoodId(name));
  if (!food) throw new Error(name);
  return food;
};
const grams = (quantity: Quantity) => inBase(quantity).valueOf();

test('law: what is measured load by load and step by step comes to the whole within 3 %, or the rest is said with the last of it', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTER_RECIPES),
      fc.integer({ min: 2, max: 60 }),
      fc.subarray([...SCOOPS], { minLength: 1 }),
      fc.constantFrom(1, 5),
      (recipe, portions, scoops, scaleStepG) => {
        const equipment = { ...EQUIPMENT, scoops, scaleStepG };
        const scaled = scaleBatch(recipe, new Fraction(portions), foods, equipment);
        const { about } = expandSession('s', [{ id: 'b', scaled }], equipment, 1);
        for (const line of scaled.lines) {
          const doses = Object.values(about).flatMap(({ goesIn }) =>
            goesIn.filter((into) => into.line === line.line.id),
          );
          if (doses.length < 2) continue;
          // Read back from the words as a cook would read them: spoons by their volume.
          const texts = doses.map(({ amount }) => amount);
          const measured = texts.map((text) => spoons(text));
          if (measured.some((each) => each === undefined)) continue;
          const perCup = line.food.facts.gramsPerCup?.value;
          const wholeMl =
            line.amount.value.kind === 'volume'
              ? line.amount.value.mL.valueOf()
              : perCup
                ? (grams(line.amount.value) / perCup) * 236.588
                : undefined;
          if (wholeMl === undefined) continue;
          const sum = measured.reduce<number>((all, each) => all + (each ?? 0), 0);
          const off = sum / wholeMl - 1;
          if (Math.abs(off) > 0.031) expect(doses.some((dose) => dose.off !== undefined)).toBe(true);
        }
      },
    ),
    { numRuns: 120 },
  );
});

/** "1 1/2 tsp + 1/4 tsp" in mL; undefined where it is no spoon. US spoons: 4.929 mL, 14.787 mL, 236.588 mL. Source: NIST Handbook 44 (from memory). */
function spoons(text: string): number | undefined {
  let mL = 0;
  for (const part of text.split(' + ')) {
    const [, n, unit] = /^([\d/ ]+) (tsp|tbsp|cups?)$/.exec(part) ?? [];
    if (!n || !unit) return undefined;
    mL += new Fraction(n).valueOf() * (unit === 'tsp' ? 4.92892 : unit === 'tbsp' ? 14.78676 : 236.588);
  }
  return mL;
}

test('law: the first dose to taste is never more than the whole of it, as both can be measured', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('salt', 'chilli flakes', 'caraway', 'soy sauce'),
      fc.integer({ min: 1, max: 4000 }),
      fc.integer({ min: 1, max: 99 }),
      fc.subarray([...SCOOPS], { minLength: 1 }),
      (name, tenths, percent, scoops) => {
        const food = book(name);
        const whole: Quantity = { kind: 'mass', g: new Fraction(tenths, 100) };
        const first: Quantity = { kind: 'mass', g: whole.g.mul(percent).div(100) };
        const equipment = { ...EQUIPMENT, scoops };
        expect(grams(showFirst(whole, first, food, equipment).measured)).toBeLessThanOrEqual(
          grams(showAmount(whole, food, equipment).measured) + 1e-9,
        );
      },
    ),
  );
});

test('laws go by role: a spice is held back, a sweetener, a leaven and a flour are not', () => {
  const laws = (...names: readonly string[]) => names.map((name) => usualLaw(book(name)).law);
  expect(laws('caraway', 'chilli flakes', 'salt', 'soy sauce', 'cinnamon', 'turmeric')).toEqual(
    Array(6).fill('slower'),
  );
  // A doubling brings 1.5 times the chilli, 1.87 times the soy sauce. Common practice, no published source.
  const exponents = ['chilli flakes', 'cumin', 'soy sauce', 'miso'].map((name) => {
    const law = usualLaw(book(name));
    return law.law === 'slower' ? law.exponent : 1;
  });
  expect(exponents).toEqual([0.585, 0.585, 0.9, 0.9]);
  expect(laws('tomato paste', 'cider vinegar', 'olive oil', 'nutritional yeast', 'parsley', 'dill')).toEqual(
    Array(6).fill('in proportion'),
  );
  for (const food of foods.values()) expect(growthOf(food).why.length).toBeGreaterThan(10);
  expect(
    laws('sugar', 'maple syrup', 'molasses', 'jam', 'baking powder', 'baking soda', 'dried yeast', 'millet'),
  ).toEqual(Array(8).fill('in proportion'));
});

test('what is held back stands beside what it would be: twice the dish, one and a half times the caraway', () => {
  const spiced: Revision = STARTER_RECIPES.find(({ lines }) =>
    lines.some(({ law }) => law.law === 'slower'),
  ) as Revision;
  const scaled = scaleBatch(spiced, new Fraction(spiced.portions * 2), foods, EQUIPMENT);
  const line = scaled.lines.find(({ line: { law } }) => law.law === 'slower');
  const written = scaleBatch(spiced, new Fraction(spiced.portions), foods, EQUIPMENT).lines.find(
    (each) => each.line.id === line?.line.id,
  );
  const once = grams(written?.amount.value as Quantity);
  expect(written?.inProportion).toBeUndefined();
  expect(grams(line?.inProportion as Quantity)).toBeCloseTo(once * 2, 9);
  expect(grams(line?.amount.value as Quantity)).toBeCloseTo(once * 1.5, 9);
});
