import fc from 'fast-check';
import { cell, readTable } from '../../test/readTable.ts';
import { BOOK, bookFood } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction, MEASURES, inBase, mass, quantityOf } from '../quantity/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { loadsFor, multiplier, perLoad, scaleBatch, showAmount, waterForGrain, type GrainWater } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const cups = (n: string) => inBase(quantityOf({ n, unit: 'cup' }));

describe('water for grain', () => {
  const gramsOf = (food: string, n: string) =>
    mass(new Fraction(bookFood(food).facts.gramsPerCup?.value ?? 0).mul(new Fraction(n)));
  const sealed = (more: Partial<GrainWater>): GrainWater => ({
    grain: gramsOf('brown rice', '2'),
    gramsPerCup: { value: 185, source: 'USDA FoodData Central SR Legacy (from memory)' },
    packet: { grainCups: '2', waterCups: '2 1/2' },
    pot: { kind: 'sealed cooker', loads: 1 },
    ...more,
  });
  const school = (ask: GrainWater, which: string) =>
    waterForGrain(ask).schools.find((each) => each.school === which)?.water.value.mL;

  // Common practice, no published source: 2 cups brown rice to 2 1/2, 1/2 cup pearl barley to 1: both are "own volume plus half a cup".
  test('own volume plus half a cup gives both rows of the sealed cooker', () => {
    expect(school(sealed({}), 'B')?.equals(cups('5/2'))).toBe(true);
    const barley = sealed({ grain: mass(100), gramsPerCup: { value: 200, source: 'USDA (from memory)' } });
    expect(school(barley, 'B')?.equals(cups('1'))).toBe(true);
  });

  test('a school that the cook chose is used, and what it would be by itself is said; words speak of the pot it is in', () => {
    const uptake = { value: 1.97, source: 'table' };
    const own = waterForGrain(sealed({ uptake, school: 'A' }));
    expect(own.chosen.school).toBe('A');
    expect(own.why).toContain('a balance');
    expect(waterForGrain(sealed({ uptake })).why).toContain('sealed cooker');
    expect(waterForGrain(sealed({ uptake, pot: { kind: 'hob', loads: 1 } })).why).not.toContain('sealed');
  });

  // Common practice, no published source: hob quinoa, 1 cup to 2 cups.
  test('a packet’s ratio scales with the amount', () => {
    const quinoa = (n: string) =>
      sealed({
        grain: mass(new Fraction(170).mul(new Fraction(n))),
        gramsPerCup: { value: 170, source: 'USDA (from memory)' },
        packet: { grainCups: '1', waterCups: '2' },
        pot: { kind: 'hob', loads: 1 },
      });
    expect(school(quinoa('1'), 'A')?.equals(cups('2'))).toBe(true);
    expect(school(quinoa('3'), 'A')?.equals(cups('6'))).toBe(true);
  });

  // Source: computed from yields.csv (USDA water contents, from memory): the balance gives the table's cooked mass, and the loss on top.
  test.each(
    readTable('yields').filter((row) =>
      ['millet', 'brown rice long grain', 'quinoa', 'pearl barley'].includes(row['food'] ?? ''),
    ),
  )('the balance for $food: uptake and the loss of the pot', (row) => {
    const dry = 400;
    const uptake = Number(cell(row, 'water_taken_up_g_per_g'));
    const ask = sealed({
      grain: mass(dry),
      gramsPerCup: { value: Number(cell(row, 'g_cup_dry')), source: 'table' },
      uptake: { value: uptake, source: 'table' },
    });
    const water = school(ask, 'C')?.valueOf() ?? 0;
    expect(water).toBeCloseTo(dry * uptake + 40, 6);
    // What stays in the pot: the cooked mass of the table, within the 10 % it is good for.
    expect((dry + water - 40) / dry / Number(cell(row, 'mass_factor'))).toBeCloseTo(1, 1);
  });

  // Source: computed: 370 g of brown rice in 591 g of water can become 961 g at most, 2.60 times: firmer than the table's 2.97.
  test('where all water stays, two and a half cups on two of brown rice are below its uptake, and it is said by how much', () => {
    const answer = waterForGrain(sealed({ uptake: { value: 1.97, source: 'yields.csv' } }));
    const packet = answer.schools.find((each) => each.school === 'A');
    const mL = packet?.water.value.mL.valueOf() ?? 0;
    expect(mL).toBeCloseTo(591.47, 1);
    expect((370 + mL) / 370).toBeCloseTo(2.6, 2);
    expect(packet?.belowUptakeMl).toBeCloseTo(370 * 1.97 - mL, 6);
    expect(answer.chosen.school).toBe('C');
    expect(answer.chosen.belowUptakeMl).toBe(0);
  });

  test('the default: the balance where it can be, a rice cooker by its lines, else A up to the packet and B above', () => {
    expect(waterForGrain(sealed({ uptake: { value: 1.97, source: 't' } })).chosen.school).toBe('C');
    expect(
      waterForGrain(sealed({ uptake: { value: 1.97, source: 't' }, pot: { kind: 'rice cooker', loads: 1 } })).chosen
        .school,
    ).toBe('A');
    expect(waterForGrain(sealed({})).chosen.school).toBe('A');
    expect(waterForGrain(sealed({ grain: gramsOf('brown rice', '3') })).chosen.school).toBe('B');
  });
});

describe('laws of growth', () => {
  // Common practice, no published source: 1.5 times for each doubling: 3× → 1.90, 4× → 2.25.
  test.each([
    [2, 1.5],
    [3, 1.9],
    [4, 2.25],
    [0.5, 0.5],
  ])('spices at %f times the batch: %f', (factor, times) =>
    expect(multiplier({ law: 'slower', exponent: 0.585 }, new Fraction(factor), 1).value.valueOf()).toBeCloseTo(
      times,
      2,
    ),
  );

  test('law: no more than in proportion going up, and growing with the batch', () =>
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 1000 }), fc.integer({ min: 1, max: 400 }), (hundredths, more) => {
        const at = (n: number) => multiplier({ law: 'slower', exponent: 0.585 }, new Fraction(n, 100), 1).value;
        expect(at(hundredths).compare(new Fraction(hundredths, 100))).toBeLessThanOrEqual(0);
        expect(at(hundredths + more).compare(at(hundredths))).toBeGreaterThanOrEqual(0);
      }),
    ));
});

describe('a batch', () => {
  const recipe = fc.constantFrom(...STARTER_RECIPES);
  const scaled = (of: (typeof STARTER_RECIPES)[number], portions: Fraction) =>
    scaleBatch(of, portions, foods, STARTING_EQUIPMENT);

  test('law: scaled there and back, every amount is what was written', () =>
    fc.assert(
      fc.property(recipe, fc.integer({ min: 1, max: 120 }), (of, portions) => {
        const there = scaled(of, new Fraction(portions));
        const back = scaled(of, there.portions.div(there.factor));
        back.lines.forEach((line, n) => {
          const written = of.lines[n];
          if (!written || written.law.law === 'water for grain' || written.law.law === 'per load') return;
          expect(inBase(line.amount.value).equals(inBase(quantityOf(written.amount)))).toBe(true);
        });
      }),
    ));

  test('law: what is in proportion doubles with the batch, exactly; and so does the yield of a recipe all in proportion', () =>
    fc.assert(
      fc.property(recipe, fc.integer({ min: 1, max: 60 }), (of, portions) => {
        const one = scaled(of, new Fraction(portions));
        const two = scaled(of, new Fraction(2 * portions));
        one.lines.forEach((line, n) => {
          const other = two.lines[n];
          if (line.line.law.law === 'in proportion' && other)
            expect(inBase(other.amount.value).equals(inBase(line.amount.value).mul(2))).toBe(true);
        });
      }),
    ));

  test('law: the loads together are the batch', () =>
    fc.assert(
      fc.property(recipe, fc.integer({ min: 1, max: 120 }), (of, portions) => {
        const batch = scaled(of, new Fraction(portions));
        const { loads } = batch.loads.value;
        for (const line of batch.lines)
          expect(inBase(perLoad(line, loads)).mul(loads).equals(inBase(line.amount.value))).toBe(true);
      }),
    ));

  test('millet for 8: 400 g, its water by the balance, 1276 g cooked, and its salt', () => {
    const millet = STARTER_RECIPES.find((each) => each.component.name === 'Millet');
    if (!millet) throw new Error('no millet');
    const batch = scaled(millet, new Fraction(8));
    // By hand: 2 cups × 200 g; 400 × 2.19 + 40 = 916 mL; 400 × 3.19 = 1276 g and 1¾ teaspoons of salt, 292/48 g each.
    expect(inBase(batch.lines[0]?.grams ?? mass(0)).valueOf()).toBe(400);
    expect(batch.water?.chosen.water.value.mL.valueOf()).toBe(916);
    expect(batch.yields.value.g.valueOf()).toBeCloseTo(1276 + (292 / 48) * 1.75, 6);
    expect(batch.loads.value.loads).toBe(1);
  });

  // Source: USDA refuse figures (from memory): 500 g of leek need 1136 g bought.
  test('what is prepared leaves the shelf with its peel', () => {
    const greens = STARTER_RECIPES.find((each) => each.component.kind === 'greens');
    if (!greens) throw new Error('no greens');
    const leek = scaled(greens, new Fraction(10)).lines.find((line) => line.food.name === 'leek');
    expect(inBase(leek?.amount.value ?? mass(0)).valueOf()).toBe(500);
    expect(inBase(leek?.fromShelf?.value ?? mass(0)).valueOf()).toBeCloseTo(1136, 0);
  });

  test('allergens are those of all lines, and a missing bridge is named', () => {
    const sauce = STARTER_RECIPES.find((each) => each.component.kind === 'sauce');
    if (!sauce) throw new Error('no sauce');
    expect(scaled(sauce, new Fraction(12)).allergens).toEqual({
      contains: ['mustard', 'sulphites'],
      may: ['peanuts', 'nuts', 'sesame'],
      unknown: [],
    });
    const bare = new Map(
      [...foods].map(([id, food]) => [
        id,
        food.name === 'salt' ? { ...food, facts: { kind: food.facts.kind, base: food.facts.base } } : food,
      ]),
    );
    expect(scaleBatch(sauce, new Fraction(12), bare, STARTING_EQUIPMENT).missing).toMatchObject([{ food: 'salt' }]);
  });
});

describe('does it fit', () => {
  // Source: computed: 1 kg dry chickpeas are 3.35 L cooked; the half line of a 6 L cooker is 3.0 L: two loads.
  test('1 kg dry chickpeas in a 6 L cooker are two loads', () => {
    const row = readTable('yields').find((each) => each['food'] === 'chickpeas');
    if (!row) throw new Error('no chickpeas');
    const fullest =
      ((1000 * Number(cell(row, 'mass_factor'))) / Number(cell(row, 'g_cup_cooked'))) * MEASURES.cup.factor.valueOf();
    expect(fullest / 1000).toBeCloseTo(3.35, 1);
    expect(loadsFor({ vessel: 'cooker', fullest, swells: true, liquidMl: 2000 }, STARTING_EQUIPMENT).value.loads).toBe(
      2,
    );
    expect(loadsFor({ vessel: 'cooker', fullest, swells: false, liquidMl: 2000 }, STARTING_EQUIPMENT).value.loads).toBe(
      1,
    );
  });

  test('law: a load never passes its line', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60_000 }),
        fc.boolean(),
        fc.constantFrom('cooker', 'jug', 'pot', 'tray'),
        (fullest, swells, vessel) => {
          const { loads, limit, trays } = loadsFor(
            { vessel, fullest, swells, liquidMl: 1000 },
            STARTING_EQUIPMENT,
          ).value;
          expect(fullest / loads / (vessel === 'tray' ? trays : 1)).toBeLessThanOrEqual(limit + 1e-9);
        },
      ),
    ));

  test('too little for the blades or the cooker is said', () => {
    expect(
      loadsFor({ vessel: 'jug', fullest: 120, swells: false, liquidMl: 100 }, STARTING_EQUIPMENT).value.warnings,
    ).toHaveLength(1);
    expect(
      loadsFor({ vessel: 'cooker', fullest: 500, swells: false, liquidMl: 100 }, STARTING_EQUIPMENT).value.warnings,
    ).toHaveLength(1);
  });
});

test('a metric cup holds more: the same grain is fewer of them', () => {
  // Common national usage (from memory): 250 mL; 400 g of millet at 200 g in 236.6 mL are 473.2 mL.
  expect(
    showAmount(mass(400), bookFood('millet'), { scoops: ['1 cup', '1/4 cup', '1 tbsp'], units: 'metric cup' }).second,
  ).toBe('1 3/4 cups + 2 tbsp');
});

test('an amount is shown in measures the kitchen has, the better one first', () => {
  const owned = STARTING_EQUIPMENT;
  expect(showAmount(mass(400), bookFood('millet'), owned)).toMatchObject({ first: '400 g', second: '2 cups' });
  expect(showAmount(quantityOf({ n: '1/2', unit: 'tsp' }), bookFood('salt'), owned)).toMatchObject({
    first: '1/2 tsp',
  });
  expect(showAmount(mass(330), bookFood('onion'), owned)).toEqual({ first: '330 g', measured: mass(330) });
  // Less than the smallest spoon: the error is shown.
  expect(
    Math.abs(showAmount(quantityOf({ n: '3/8', unit: 'tsp' }), bookFood('salt'), { scoops: ['1/2 tsp'] }).error ?? 0),
  ).toBeGreaterThan(0.02);
});

test('how full it is opens line by line, and the lines make the whole', () => {
  const [millet] = STARTER_RECIPES.filter(
    ({ vessel, lines }) => vessel === 'cooker' && lines.some(({ law }) => law.law === 'water for grain'),
  );
  if (!millet) throw new Error('no grain in the cooker');
  const { because, value } = scaleBatch(millet, new Fraction(8), foods, STARTING_EQUIPMENT).loads;
  const fullest = because.parts?.find(({ rule }) => rule.startsWith('at its fullest'));
  const lines = fullest?.parts?.filter(({ rule }) => rule.includes(':')) ?? [];
  expect(lines.length).toBeGreaterThanOrEqual(2);
  const mL = (figure = '') => Number(/^-?\d+/.exec(figure)?.[0] ?? NaN);
  const swollen = mL(fullest?.parts?.find(({ rule }) => rule.startsWith('swollen'))?.figure);
  const beside = mL(fullest?.parts?.at(-1)?.figure);
  expect(Math.abs(swollen + beside - value.fullest)).toBeLessThanOrEqual(1);
});
