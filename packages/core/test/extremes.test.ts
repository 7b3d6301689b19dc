import fc from 'fast-check';
import { BOOK } from '../src/food/index.ts';
import { openPotTimes, softeningTimes } from '../src/heat/index.ts';
import { STARTING_EQUIPMENT, type Equipment } from '../src/kitchen/index.ts';
import { Fraction, celsius, metres } from '../src/quantity/index.ts';
import { STARTER_RECIPES, type Revision } from '../src/recipe/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { expandSession } from '../src/session/index.ts';
import { BOOK_BY_ID as foods, textDish } from './textDish.ts';

const at = (altitudeM: number): Equipment => ({ ...STARTING_EQUIPMENT, altitudeM });
const tasksOf = (recipe: Revision, portions: number, altitudeM: number) => {
  const equipment = at(altitudeM);
  const scaled = scaleBatch(recipe, new Fraction(portions), foods, equipment);
  return { scaled, ...expandSession('s', [{ id: 'b', scaled }], equipment, 1) };
};
const [, borlotti] = STARTER_RECIPES;
if (!borlotti) throw new Error('no borlotti');
const peas = textDish(
  'Split peas\nServes 4\n400 g split peas\n1.6 L water\nSimmer the split peas in the water for 45 minutes.',
);
const DISHES = [...STARTER_RECIPES, peas];

test('law: from 0.2 to 6 kg and from the sea to 3000 m every figure is a number, none below nothing, and windows are in order', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...DISHES),
      fc.integer({ min: 1, max: 120 }),
      fc.integer({ min: 0, max: 3000 }),
      (recipe, portions, altitude) => {
        const { about, scaled } = tasksOf(recipe, portions, altitude);
        expect(Number.isFinite(scaled.portionG) && scaled.portionG > 0).toBe(true);
        expect(scaled.loads.value.loads).toBeGreaterThanOrEqual(1);
        for (const { window } of Object.values(about)) {
          for (const minutes of Object.values(window)) expect(Number.isFinite(minutes) && minutes >= 0).toBe(true);
          expect(window.earliest).toBeLessThanOrEqual(window.expected);
          expect(window.expected).toBeLessThanOrEqual(window.latest);
        }
      },
    ),
    { numRuns: 60 },
  ));

describe('open pots at a height', () => {
  test('split peas at 3000 m do not take 45 min, and the window says how little is known', () => {
    const window = (altitude: number) =>
      Object.values(tasksOf(peas, 4, altitude).about).find(({ name }) => name.startsWith('Simmer'))?.window;
    expect(window(0)?.expected).toBe(45);
    // Computed: water boils at 89.97 °C there (ICAO, IAPWS); ten times as slow for 30 °C less: × 2.16; for 42 °C × 1.73.
    expect(window(3000)?.expected).toBeGreaterThan(45 * 1.7);
    expect(window(3000)?.expected).toBeLessThan(45 * 2.9);
    expect((window(3000)?.latest ?? 0) - (window(3000)?.earliest ?? 0)).toBeGreaterThan(20);
  });
  test('law: higher up nothing gets soft sooner', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3500 }), fc.integer({ min: 0, max: 500 }), (low, more) => {
        const [here, above] = [openPotTimes(metres(low)), openPotTimes(metres(low + more))];
        for (const key of ['least', 'expected', 'most'] as const)
          expect(above[key]).toBeGreaterThanOrEqual(here[key] - 1e-9);
        expect(here.least).toBeLessThanOrEqual(here.expected);
        expect(here.expected).toBeLessThanOrEqual(here.most);
      }),
    ));
  test('boiling at 100 °C is the book itself', () => expect(softeningTimes(celsius(100)).expected).toBe(1));
});

describe('the sealed cooker', () => {
  const stage = (recipe: Revision, portions: number, altitude: number, name: string) =>
    Object.values(tasksOf(recipe, portions, altitude).about).find((task) => task.stage === name);
  test('a hold of nothing is a number', () => {
    const quick: Revision = {
      ...borlotti,
      steps: borlotti.steps.map((step) =>
        step.kind === 'pressure' ? { ...step, hold: { earliest: 0, expected: 0, latest: 0 } } : step,
      ),
    };
    expect(stage(quick, 4, 3000, 'hold')?.window).toEqual({ earliest: 0, expected: 0, latest: 0 });
  });
  test('a full pot vents longer than a nearly empty one', () => {
    const quick: Revision = {
      ...borlotti,
      steps: borlotti.steps.map((step) => (step.kind === 'pressure' ? { ...step, release: { how: 'quick' } } : step)),
    };
    const vent = (portions: number) => stage(quick, portions, 0, 'vent')?.window.expected ?? 0;
    expect(vent(1)).toBe(1);
    expect(vent(9)).toBeGreaterThan(vent(1));
  });
  test('what goes in frozen comes up later, by the heat of melting', () => {
    const vegetables = (food: string): Revision => ({
      ...borlotti,
      lines: borlotti.lines.map((line) =>
        line.food === borlotti.lines[0]?.food
          ? { ...line, food: BOOK.find(({ name }) => name === food)?.id ?? '' }
          : line,
      ),
    });
    const up = (food: string) => stage(vegetables(food), 8, 0, 'come up')?.window.expected ?? 0;
    expect(up('frozen peas')).toBeGreaterThan(up('green peas'));
  });
  test('the kettle pours cooler water uphill, so coming up there gains less', () => {
    const because = (altitude: number) => JSON.stringify(stage(borlotti, 8, altitude, 'come up')?.because);
    expect(because(3000)).not.toBe(because(0));
  });
});

test('pans are filled side by side: twice the fritters are twice the panfuls, the oil and the minutes', () => {
  const fritters = textDish(
    'Fritters\nMakes 4 portions\n800 g parsnips, grated\n100 g chickpea flour\n2 tbsp sunflower oil\nMix parsnips and chickpea flour.\nFry spoonfuls in the oil for 14 minutes.',
  );
  const kitchen: Equipment = { ...at(0), pots: [{ name: 'pan', litres: 2.5, acrossCm: 28, pan: true }] };
  const scaled = (portions: number) => scaleBatch(fritters, new Fraction(portions), foods, kitchen);
  const [once, twice] = [scaled(4), scaled(8)];
  expect(once.loads.value.loads).toBe(2);
  expect(twice.loads.value.loads).toBe(3);
  const oil = (batch: typeof once) =>
    batch.lines.find(({ food }) => food.name === 'sunflower oil')?.grams?.g.valueOf() ?? 0;
  expect(oil(twice) / oil(once)).toBeCloseTo(3 / 2, 6);
  const fry = (portions: number) =>
    Object.values(expandSession('s', [{ id: 'b', scaled: scaled(portions) }], kitchen, 1).about).find(({ name }) =>
      name.startsWith('Fry'),
    )?.window.expected;
  expect(fry(4)).toBe(28);
  expect(fry(8)).toBe(42);
});

test('a tray is filled by what lies on it: tofu and flour take room, oil takes none', () => {
  const tray = (line: string) =>
    scaleBatch(
      textDish(`Tray\nServes 4\n${line}\nBake everything at 200 °C for 20 minutes.`),
      new Fraction(4),
      foods,
      at(0),
    ).loads.value.fullest;
  expect(tray('600 g tofu')).toBeCloseTo(600, 0);
  expect(tray('600 g tofu\n100 mL rapeseed oil')).toBeCloseTo(600, 0);
  expect(tray('300 g spinach')).toBeGreaterThan(tray('300 g carrots'));
});
test('raw vegetables are loose: a kilo of cut cabbage does not fit where a kilo of water does', () => {
  const fullest = (line: string) =>
    scaleBatch(textDish(`Pot\nServes 4\n${line}\nSimmer everything for 20 minutes.`), new Fraction(4), foods, at(0))
      .loads.value.fullest;
  // 1000 g × 80 % edible ÷ 89 g a cup × 236.6 mL.
  expect(fullest('1 kg cabbage')).toBeCloseTo((800 / 89) * 236.588, -1);
  expect(fullest('1 L water')).toBeCloseTo(1000, 0);
});
