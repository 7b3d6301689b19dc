import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction } from '@kestrel-ridge/core/quantity';
import {
  componentFood,
  cookedAs,
  faultsOf,
  isEatenCold,
  STARTER_RECIPES,
  waysOf,
  type Revision,
} from '@kestrel-ridge/core/recipe';
import { massBalance, perPortion, scaleBatch, sizeForLeastFill, withComposition } from '@kestrel-ridge/core/scaling';
import { check, search } from '@kestrel-ridge/core/schedule';
import { expandSession } from '@kestrel-ridge/core/session';
import { textRecipes } from '@kestrel-ridge/core/starters';
import { HUT_DISHES } from '../src/demo/dishes/index.ts';

const hut: readonly Revision[] = [...STARTER_RECIPES, ...textRecipes(), ...HUT_DISHES];
const bought = new Map(BOOK.map((food) => [food.id, food]));
const foods = new Map([
  ...bought,
  ...hut.map((recipe) => [recipe.component.id, componentFood(recipe, bought)] as const),
]);
const equipment = { ...STARTING_EQUIPMENT, riceCooker: { litres: 1.8 }, airFryer: { basketCm2: 500 } };

const ways = hut.flatMap((recipe) =>
  waysOf(recipe).map(
    (way) => [`${recipe.name} ${Object.values(way).join(' ')}`.trim(), cookedAs(recipe, way, foods)] as const,
  ),
);

test.each(ways)('%s has no fault, scales, and can be planned', (_, recipe) => {
  expect(faultsOf(recipe)).toEqual([]);
  const scaled = scaleBatch(recipe, new Fraction(recipe.portions), foods, equipment);
  expect(scaled.missing).toEqual([]);
  expect(scaled.portionG).toBeGreaterThan(25);
  expect(scaled.portionG).toBeLessThan(700);
  const { problem } = expandSession('s', [{ id: 'b', scaled }], equipment, 1);
  expect(check(problem, search(problem, { seed: 1, rounds: 20 }))).toEqual([]);
});

/** A recipe at its own size, with what the dishes that go into it hold. */
const scaledAsEaten = (recipe: (typeof hut)[number]) =>
  scaleBatch(
    recipe,
    new Fraction(recipe.portions),
    withComposition(
      foods,
      hut,
      equipment,
      hut.map(({ component }) => component.id),
    ),
    equipment,
  );

/** Sweet, plain, or seasoned by what it is put together from. */
const UNSALTED = ['Oat and apple breakfast'];
/** Of a finished dish: what tastes of something, and what nobody would eat. Common practice, no published source. */
const SALT = { least: 0.007, most: 0.02 };

test.each(ways)('%s: what goes in is what comes out and what leaves, and it is salted as a cook would', (_, recipe) => {
  const scaled = scaledAsEaten(recipe);
  const { parts, beside, leaves, outG } = massBalance(
    recipe,
    scaled.lines,
    { factor: scaled.factor.valueOf(), loads: scaled.loads.value.loads },
    equipment,
  );
  const sum = (flows: readonly { readonly g: number }[]) => flows.reduce((all, { g }) => all + g, 0);
  expect(outG + sum(leaves)).toBeCloseTo(parts.reduce((all, part) => all + part.in, 0) + sum(beside), 3);
  if (UNSALTED.includes(recipe.name)) return;
  const portion = perPortion(scaled);
  const salt =
    (portion.nutrients.find(({ key }) => key === 'salt')?.perPortion ?? 0) +
    portion.toTaste.filter(({ food }) => food === 'salt').reduce((all, { usualG }) => all + usualG, 0);
  expect(salt / scaled.portionG).toBeGreaterThan(SALT.least);
  expect(salt / scaled.portionG).toBeLessThan(SALT.most);
});

test.each(hut.filter(({ component }) => component.kind === 'dish').map((recipe) => [recipe.name, recipe] as const))(
  '%s is a meal by itself, not a side: above 1100 kJ a portion',
  (_, recipe) => {
    const scaled = scaledAsEaten(recipe);
    expect(perPortion(scaled).nutrients.find(({ key }) => key === 'energy')?.perPortion).toBeGreaterThan(1100);
  },
);

test('what is never heated is not frozen, nor told to be heated through', () => {
  const cold = hut.filter((recipe) => isEatenCold(recipe));
  expect(cold.map(({ name }) => name).sort()).toEqual([
    'Farro salad with the leaf that must go',
    'Hazelnut and garlic cream',
    'Kohlrabi and apple salad',
    'Rye crackers with seeds',
  ]);
  for (const { component } of cold) expect(component.beforeEating).not.toMatch(/heat right through/i);
  for (const { name, component } of cold.filter((recipe) => /salad/i.test(recipe.name)))
    expect(`${name} ${component.freezerDays.value}`).toBe(`${name} 0`);
});

describe('the hut’s book shows what a recipe can say', () => {
  const laws = new Set(hut.flatMap((recipe) => recipe.lines.map((line) => line.law.law)));
  const times = new Set(
    hut.flatMap((recipe) => recipe.steps.flatMap((step) => (step.kind === 'work' ? [step.time.law] : []))),
  );
  test('every law of growth', () =>
    expect([...laws].sort()).toEqual(
      ['in proportion', 'per load', 'pot and minute', 'slower', 'to taste', 'water for grain'].sort(),
    ));
  test('every law of time', () =>
    expect([...times].sort()).toEqual(['by amount', 'by load', 'by piece size', 'fixed']));
  test('methods, versions, slots, kept water, shares, pieces, a tin, something cooked short', () => {
    const some = (has: (recipe: Revision) => unknown) => hut.some((recipe) => has(recipe));
    expect(some((recipe) => recipe.methods?.length)).toBe(true);
    expect(some((recipe) => recipe.versions?.length)).toBe(true);
    expect(some((recipe) => recipe.lines.some((line) => line.slot))).toBe(true);
    expect(some((recipe) => recipe.lines.some((line) => line.into.length > 1))).toBe(true);
    expect(some((recipe) => recipe.steps.some((step) => step.gives?.some(({ goes }) => goes.to === 'step')))).toBe(
      true,
    );
    expect(some((recipe) => recipe.unit)).toBe(true);
    expect(some((recipe) => recipe.pan)).toBe(true);
    expect(some((recipe) => recipe.steps.some((step) => step.kind === 'work' && step.stopAt))).toBe(true);
  });
  test('one cream is too little for the blades', () => {
    const cream = hut.find((recipe) => recipe.name === 'Hazelnut and garlic cream');
    const size = cream && sizeForLeastFill({ recipe: cream, foods, equipment }, cream.portions);
    expect(size?.portions).toBeGreaterThan(cream?.portions ?? 99);
    expect(size?.freezePortions).toBe((size?.portions ?? 0) - (cream?.portions ?? 0));
  });
});
