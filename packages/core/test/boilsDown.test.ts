import fc from 'fast-check';
import { BOOK, bookFoodId } from '../src/food/index.ts';
import {
  asRevision,
  indexFoods,
  nothingToBoilOff,
  readIngredientLine,
  readMethod,
  toRecipeText,
} from '../src/formats/index.ts';
import { openPotLoss } from '../src/heat/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import { faultsOf, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { expandSession } from '../src/session/index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const index = indexFoods(BOOK);
const ONE_POT = { ...STARTING_EQUIPMENT, pots: [{ name: 'pot', litres: 12, acrossCm: 24 }] };

const sauce = (step: string): Revision =>
  asRevision({
    name: 'Tomato sauce',
    portions: 4,
    lines: ['800 g canned tomatoes', '300 mL water'].map((line) => readIngredientLine(line, index)),
    method: ['Put tomatoes and water into the pot on the hob.', step],
  });
const made = (recipe: Revision, portions: number) => {
  const scaled = scaleBatch(recipe, new Fraction(portions), foods, ONE_POT);
  const tasks = expandSession('s', [{ id: 'b', scaled }], ONE_POT, 1);
  const about = Object.values(tasks.about).find(({ step }) => step === 'step-2');
  if (!about) throw new Error('no step');
  return { grams: scaled.yields.value.g.valueOf(), about };
};

test('“reduce by 200 ml” is a step that goes on until so much has boiled off, and says at which weight to stop', () => {
  const recipe = sauce('Reduce by 200 ml.');
  expect(faultsOf(recipe)).toEqual([]);
  expect(recipe.steps[1]).toMatchObject({ time: { law: 'boils down', off: { n: '200', unit: 'mL' } } });
  const { about, grams } = made(recipe, 4);
  // By hand: 800 g and 300 g less 200 g; at 20 kg from a square metre in an hour a pot of 24 cm loses 15.1 g a minute.
  expect(grams).toBeCloseTo(900, 0);
  expect(about.stopsAtG).toBe(900);
  expect(about.window.expected).toBe(Math.round(200 / openPotLoss('strong simmer', 24, 1)));
  expect(about.window.expected).toBe(13);
});

// Source: published: heat of evaporation of water at 100 °C, 2257 kJ/kg (IAPWS): a burner of 2 kW whose half reaches the water boils off 200 g in no less than 7.5 minutes.
test('it is never quicker than the heat allows', () => {
  const { about } = made(sauce('Reduce by 200 ml.'), 4);
  expect(about.window.expected).toBeGreaterThanOrEqual((0.2 * 2257) / (2 * 0.5) / 60);
});

test('law: twice the dish in the same pot boils off twice as much, in twice the time, and stops at twice the weight', () =>
  fc.assert(
    fc.property(fc.integer({ min: 50, max: 250 }), (off) => {
      const recipe = sauce(`Reduce by ${off} ml.`);
      const [once, twice] = [made(recipe, 4), made(recipe, 8)];
      expect(twice.grams).toBeCloseTo(2 * once.grams, 3);
      expect(Math.abs((twice.about.stopsAtG ?? 0) - 2 * (once.about.stopsAtG ?? 0))).toBeLessThanOrEqual(1);
      expect(Math.abs(twice.about.window.expected - 2 * once.about.window.expected)).toBeLessThanOrEqual(1);
    }),
  ));

test.each([
  ['Boil it down by 3/4 cup', '3/4', 'cup'],
  ['Simmer until 1 cup less', '1', 'cup'],
  ['Boil off about 100 ml', '100', 'mL'],
])('“%s” says how much', (text, n, unit) => {
  const [step] = readMethod([text]);
  expect([step?.off, step?.station]).toEqual([{ n, unit }, 'burner']);
});

test('what is written of it is read back', () => {
  const recipe = sauce('Reduce by 200 ml.');
  const [, said = ''] = toRecipeText(recipe, foods).method;
  expect(readMethod([said])[0]?.off).toEqual({ n: '200', unit: 'mL' });
  expect(recipe.lines.some(({ food }) => food === bookFoodId('water'))).toBe(true);
});

// By hand: of 150 mL of wine (about 149 g) and 600 mL of stock, half of the wine, not of the stock that follows; a third of all that went in before.
test.each([
  ['Pour in the wine and reduce by half. Then add the stock.', 0, 74],
  ['Add wine and stock, boil down to two thirds.', 0, 250],
  ['Reduce by three quarters.', 1, 562],
])('“%s” boils off a share of what it names, or of what is in the pot', (step, at, off) => {
  const recipe = asRevision({
    name: 'Wine sauce',
    portions: 4,
    lines: ['150 mL red wine', '600 mL vegetable stock', '2 tbsp rapeseed oil'].map((line) =>
      readIngredientLine(line, index),
    ),
    method: at === 0 ? [step] : ['Pour wine, stock and oil into a pot.', step],
  });
  const reduced = recipe.steps[at];
  expect(faultsOf(recipe)).toEqual([]);
  expect(reduced).toMatchObject({ time: { law: 'boils down', off: { unit: 'mL' } } });
  const said = reduced?.kind === 'work' && reduced.time.law === 'boils down' ? Number(reduced.time.off.n) : 0;
  expect(Math.abs(said - off)).toBeLessThanOrEqual(off * 0.02);
});

test('a reduction with nothing liquid in it stays the minutes that were read', () => {
  const recipe = asRevision({
    name: 'Onions',
    portions: 4,
    lines: [readIngredientLine('4 onions', index)],
    method: ['Reduce the onions by half, 20 minutes.'],
  });
  expect(recipe.steps[0]).toMatchObject({ time: { law: 'fixed', minutes: { expected: 20 } } });
});

// By hand, with the table's figures for tomato (94.8 % water) and passata: what is dry stays, so all × dry share before = (all − off) × the wanted one.
// Source: tomato paste has at least 24 % soluble solids (Codex CXS 57-1981).
test.each([
  ['Simmer down to 24 % dry matter.', 0.24],
  ['Cook until it is about 12% solids.', 0.12],
])('“%s” goes on until so much of what is in the pot is dry', (step, share) => {
  const recipe = sauce(step);
  const time = recipe.steps[1]?.kind === 'work' ? recipe.steps[1].time : undefined;
  const off = time?.law === 'boils down' ? Number(time.off.n) : NaN;
  const {
    proteinG = 0,
    fatG = 0,
    carbohydrateG = 0,
    sodiumMg = 0,
  } = foods.get(bookFoodId('canned tomatoes'))?.facts.composition?.value ?? {};
  const dry = 8 * (proteinG + fatG + carbohydrateG + sodiumMg / 400);
  expect(dry).toBeGreaterThan(30);
  expect((1100 - off) * share).toBeCloseTo(dry, 0);
  expect(made(recipe, 4).about.stopsAtG).toBe(1100 - off);
});

// By hand: 150 mL of wine and 600 mL of stock are 149 + 609 g and no tap water; what was reckoned off is gone from the dish, and stands at no more than that.
test('what boils down without any water poured in is gone from the dish, too', () => {
  const dish = (step: string) =>
    asRevision({
      name: 'Wine sauce',
      portions: 4,
      lines: ['150 mL red wine', '600 mL vegetable stock'].map((line) => readIngredientLine(line, index)),
      method: ['Pour wine and stock into a pot.', step],
    });
  const whole = made(dish('Stir it.'), 8).grams;
  for (const [said, left] of [
    ['Reduce by half.', 1 / 2],
    ['Reduce to a third.', 1 / 3],
  ] as const)
    expect(Math.abs(made(dish(said), 8).grams - whole * left)).toBeLessThan(3);
});

test('while its amount is being typed, nothing is off', () => {
  const recipe = sauce('Reduce by 200 ml.');
  const typed = {
    ...recipe,
    steps: recipe.steps.map((step) =>
      step.kind === 'work' && step.time.law === 'boils down'
        ? { ...step, time: { ...step.time, off: { n: '', unit: 'mL' as const } } }
        : step,
    ),
  };
  expect(scaleBatch(typed, new Fraction(4), foods, ONE_POT).yields.value.g.valueOf()).toBeCloseTo(1100, 0);
});

test('what is thicker already, or of unknown foods, is asked for its minutes', () => {
  const asked = (lines: readonly string[]) =>
    nothingToBoilOff(
      readMethod(['Warm it on the hob.', 'Reduce to 12 % dry matter.']),
      lines.map((line) => readIngredientLine(line, index)),
    );
  expect(asked(['200 g tomato paste'])).toEqual([1]);
  expect(asked(['200 g canned tomatoes'])).toEqual([]);
});
