import fc from 'fast-check';
import { BOOK, bookFood, bookFoodId } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction, inBase, quantityOf, type MeasureName } from '../quantity/index.ts';
import { STARTER_RECIPES, type Line, type Revision } from '../recipe/index.ts';
import {
  alcoholLeft,
  alcoholPerPortion,
  allergensOfSlots,
  assemble,
  doubtOf,
  fillsFor,
  leftAfter,
  ownGrainFigures,
  panArea,
  hasCorrections,
  promote,
  rangeOverSlots,
  scaleBatch,
  sizeForPan,
  swapsFor,
} from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const equipment = STARTING_EQUIPMENT;
const [millet, borlotti, , sauce] = STARTER_RECIPES;
if (!millet || !borlotti || !sauce) throw new Error('no recipes');

const lineOf = (name: string, n: string, unit: MeasureName, more: Partial<Line> = {}): Line => ({
  id: name,
  food: bookFoodId(name),
  amount: { n, unit },
  law: { law: 'in proportion' },
  into: [{ step: 'pot', share: '1' }],
  ...more,
});
const recipeOf = (lines: readonly Line[], minutes = 20): Revision => ({
  ...sauce,
  portions: 4,
  vessel: 'pot',
  lines,
  steps: [
    {
      kind: 'work',
      id: 'pot',
      name: 'Simmer',
      time: { law: 'fixed', minutes: { earliest: minutes, expected: minutes, latest: minutes } },
      attention: { needs: 'nobody' },
      after: [],
      per: 'batch',
    },
  ],
  uses: [{ station: 'burner', from: 'pot', to: 'pot' }],
});

describe('laws that ask for the pot', () => {
  const steam = lineOf('water', '150', 'mL', { law: { law: 'pot and minute', boil: 'strong simmer', minutes: 20 } });
  const onePot = { ...equipment, pots: [{ name: 'pot', litres: 5, acrossCm: 22 }] };
  const water = (portions: number) => {
    const scaled = scaleBatch(recipeOf([steam, lineOf('leek', '200', 'g')]), new Fraction(portions), foods, onePot);
    return inBase(scaled.lines[0]?.amount.value ?? quantityOf({ n: '0', unit: 'mL' })).valueOf();
  };
  // Common practice, no published source: a cup lost in 20 minutes from a pot of 22 cm is a strong simmer.
  test('a pot of 22 cm loses about a cup in twenty minutes, whatever is in it', () => {
    expect(water(4) / 236.6).toBeCloseTo(1.07, 1);
    expect(water(8)).toBe(water(4));
  });
  test('what boils off is not in the dish', () => {
    const scaled = scaleBatch(recipeOf([steam, lineOf('leek', '200', 'g')]), new Fraction(4), foods, equipment);
    expect(scaled.yields.value.g.valueOf()).toBeLessThanOrEqual(200);
  });
  test('to taste: half goes in first, and the whole grows as spices do', () => {
    const salt = lineOf('salt', '2', 'tsp', { law: { law: 'to taste', first: '1/2' } });
    const scaled = scaleBatch(recipeOf([salt]), new Fraction(8), foods, equipment).lines[0];
    expect(
      inBase(scaled?.amount.value ?? quantityOf({ n: '0', unit: 'mL' }))
        .div(inBase(quantityOf(salt.amount)))
        .valueOf(),
    ).toBe(1.5);
    expect(scaled?.first && inBase(scaled.first).mul(2).equals(inBase(scaled.amount.value))).toBe(true);
  });
});

describe('the kitchen’s own water', () => {
  test('law: what is taken up, poured off and lost is what was poured in', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 2000 }),
        fc.integer({ min: 100, max: 4000 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 0, max: 400 }),
        (dryG, taken, pouredOffMl, lost) => {
          const pot = { dryG, waterMl: taken + pouredOffMl + lost, pouredOffMl, cookedG: dryG + taken };
          expect(doubtOf(pot)).toBeUndefined();
          const own = ownGrainFigures(pot);
          expect(own.lossMl.value).toBe(lost);
          expect(own.uptake.value).toBeCloseTo(taken / dryG, 1);
        },
      ),
    ));
  test('grain that weighs no more than it did, or more than went in, is doubted', () => {
    expect(doubtOf({ dryG: 400, waterMl: 900, pouredOffMl: 0, cookedG: 400 })?.code).toBe('too light');
    expect(doubtOf({ dryG: 400, waterMl: 900, pouredOffMl: 90, cookedG: 1400 })?.code).toBe('too heavy');
  });
  test('an own loss stands before the book’s', () => {
    const own = {
      ...equipment,
      own: { grainLossMl: { 'sealed cooker': { value: 140, source: 'this kitchen, n = 1' } } },
    };
    const chosen = (e: typeof equipment) =>
      scaleBatch(millet, new Fraction(8), foods, e).water?.chosen.water.value.mL.valueOf() ?? 0;
    expect(chosen(own) - chosen(equipment)).toBe(100);
  });
});

// Source: computed, inch 2.54 cm: 9 × 13 in is 754.8 cm², round 20 cm 314.2, 23 cm 415.5, 25 cm 490.9 (0.650 of 9 × 13).
test.each([
  [{ shape: 'rectangle', lengthCm: 13 * 2.54, widthCm: 9 * 2.54 }, 754.8],
  [{ shape: 'rectangle', lengthCm: 8 * 2.54, widthCm: 8 * 2.54 }, 412.9],
  [{ shape: 'round', acrossCm: 20 }, 314.2],
  [{ shape: 'round', acrossCm: 23 }, 415.5],
  [{ shape: 'round', acrossCm: 25 }, 490.9],
] as const)('%j holds %f cm²', (pan, area) => expect(panArea(pan)).toBeCloseTo(area, 1));
test('law: to another tin and back is the same, to a quarter of a portion', () =>
  fc.assert(
    fc.property(fc.integer({ min: 8, max: 60 }), fc.integer({ min: 15, max: 40 }), (portions, acrossCm) => {
      const from = { shape: 'rectangle', lengthCm: 30, widthCm: 20 } as const;
      const to = { shape: 'round', acrossCm } as const;
      const back = sizeForPan(sizeForPan(portions, from, to).portions, to, from).portions;
      expect(Math.abs(back - portions)).toBeLessThanOrEqual(0.125 + (0.125 * panArea(from)) / panArea(to));
    }),
  ));

// Source: USDA retention table (from memory): 15 min 40 %, 30 min 35 %, 1 h 25 %, 2.5 h 5 %.
test.each([
  [15, 0.4],
  [30, 0.35],
  [60, 0.25],
  [150, 0.05],
])('after %i min of simmering %f of the alcohol is left', (minutes, left) =>
  expect(alcoholLeft(minutes)).toBeCloseTo(left, 9),
);
test('alcohol is counted by the portion, never nothing, and only where there is some', () => {
  const wine = scaleBatch(recipeOf([lineOf('white wine', '200', 'mL')], 15), new Fraction(4), foods, equipment);
  const grams = (200 / 236.588) * (bookFood('white wine').facts.gramsPerCup?.value ?? 0);
  expect(alcoholPerPortion(wine)?.value).toBeCloseTo((grams * 0.103 * 0.4) / 4, 2);
  expect(alcoholPerPortion(scaleBatch(millet, new Fraction(4), foods, equipment))).toBeUndefined();
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 600 }), (minutes) => expect(alcoholLeft(minutes)).toBeGreaterThan(0)),
  );
});

describe('an open line', () => {
  const open = recipeOf([
    lineOf('kale', '200', 'g', { slot: { role: 'bulk', allowed: ['kale', 'celeriac', 'lentils'].map(bookFoodId) } }),
    lineOf('salt', '1', 'tsp'),
  ]);
  const weight = (recipe: Revision) => {
    const id = recipe.lines[0]?.food ?? '';
    return foods.get(id)?.facts.composition?.value.proteinG ?? 0;
  };
  test('law: the range holds what every filling comes to', () => {
    const { low, high } = rangeOverSlots(open, foods, weight);
    for (const food of open.lines[0]?.slot?.allowed ?? []) {
      const value = foods.get(food)?.facts.composition?.value.proteinG ?? 0;
      expect(value).toBeGreaterThanOrEqual(low - 1e-9);
      expect(value).toBeLessThanOrEqual(high + 1e-9);
    }
    expect(high).toBeCloseTo(bookFood('lentils').facts.composition?.value.proteinG ?? 0, 6);
  });
  test('an allergen that hangs on the filling is not always there', () =>
    expect(allergensOfSlots(open, foods)).toEqual({ contains: ['celery'], may: [], unknown: [] }));
  test('what must go first comes first, what is not there last', () => {
    const shelf = new Map([
      [bookFoodId('celeriac'), { onHandG: 400, daysLeft: 2 }],
      [bookFoodId('lentils'), { onHandG: 500, daysLeft: 200 }],
    ]);
    const offers = fillsFor(open.lines[0]?.slot?.allowed ?? [], foods, (food) => shelf.get(food) ?? { onHandG: 0 });
    expect(offers.map(({ food }) => food.name)).toEqual(['celeriac', 'lentils', 'kale']);
  });
});

describe('put together by the piece', () => {
  const wrap: Revision = {
    ...recipeOf([
      lineOf('flatbread', '4', 'each'),
      lineOf('kale', '200', 'g'),
      lineOf('sauerkraut', '80', 'g', { optional: true }),
    ]),
    unit: { name: 'wrap' },
  };
  test('law: so many can be made, one more cannot, and what is left is not below nothing', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 2000 }), (bread, kale) => {
        const there = (food: string) => (food === bookFoodId('flatbread') ? bread : kale);
        const { pieces, parts, limit } = assemble(wrap, foods, equipment, there);
        for (const { left } of leftAfter(parts, pieces)) expect(left).toBeGreaterThan(-1e-6);
        expect(leftAfter(parts, pieces + 1).some(({ left }) => left < -1e-6)).toBe(true);
        expect(parts.find((part) => part.food.id === limit?.food.id)?.enoughFor).toBe(pieces);
      }),
    ));
});

describe('what a batch teaches', () => {
  const amounts = (recipe: Revision, portions: number) =>
    scaleBatch(recipe, new Fraction(portions), foods, equipment).lines.map(
      ({ line, amount }) => [line.id, inBase(amount.value).valueOf()] as const,
    );
  test('law: the promoted recipe asks, at the batch’s size, for what went in, as near as a scale shows', () =>
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 60 }), fc.integer({ min: 100, max: 900 }), (portions, grams) => {
        const finals = [{ line: 'sunflower seeds', amount: { n: `${grams}`, unit: 'g' as const } }];
        const batch = { portions: new Fraction(portions), loads: 1, choice: {}, finals };
        const learned = promote(sauce, batch, foods);
        const asked = new Map(amounts(learned, portions)).get('sunflower seeds') ?? 0;
        expect(Math.abs(asked - grams)).toBeLessThanOrEqual((0.55 * portions) / sauce.portions + 0.1);
        const others = (recipe: Revision) => amounts(recipe, portions).filter(([id]) => id !== 'sunflower seeds');
        expect(others(learned)).toEqual(others(sauce));
      }),
    ));
  test('a version that has an amount of its own learns it, the recipe does not', () => {
    const finals = [{ line: 'borlotti beans', amount: { n: '1500', unit: 'g' as const } }];
    const batch = { portions: new Fraction(8), loads: 1, choice: { version: 'tins' }, finals };
    const learned = promote(borlotti, batch, foods);
    expect(learned.lines).toEqual(borlotti.lines);
    expect(learned.versions?.[0]?.lines[0]?.amount).toEqual({ n: '1500', unit: 'g' });
  });
  test('water that follows from the pot is not learned by the recipe', () => {
    const finals = [{ line: 'water', amount: { n: '3', unit: 'L' as const } }];
    expect(promote(millet, { portions: new Fraction(8), loads: 1, choice: {}, finals }, foods)).toEqual(millet);
  });
  test('what was noted at a step stands with it, once, and is nothing more to learn then', () => {
    const [step] = millet.steps;
    const notes = [{ step: step?.id ?? '', text: 'a little dry' }];
    const batch = { portions: new Fraction(8), loads: 1, choice: {}, finals: [], notes };
    const learned = promote(millet, batch, foods);
    expect(learned.steps[0]?.note).toBe('a little dry');
    expect(promote(learned, batch, foods)).toEqual(learned);
    expect([hasCorrections(millet, batch), hasCorrections(learned, batch)]).toEqual([true, false]);
  });
});

test('tinned beans for dry ones save the soak and the sealed cooker, with their water, when something else is left to do', () => {
  const beans = borlotti.lines[0];
  const tin = beans && swapsFor(beans, foods, () => 0, borlotti).find((offer) => offer.food.name === 'canned borlotti');
  // Onion and garlic go under pressure too, so that stage stays; the soak is only for the beans.
  expect(tin?.swap.skips).toEqual(['soak']);
  expect(tin?.changes.join()).toContain('Soak the borlotti');
});
