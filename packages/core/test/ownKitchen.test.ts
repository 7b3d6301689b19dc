import fc from 'fast-check';
import { STARTING_EQUIPMENT, type Equipment } from '../src/kitchen/index.ts';
import { figuresOf, goingBy, weighingsOf, type Weighed } from '../src/learn/index.ts';
import { Fraction, seeded } from '../src/quantity/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { cutOf, expandSession } from '../src/session/index.ts';
import { BOOK_BY_ID as foods, textDish } from './textDish.ts';

const dish = textDish(`Leek barley
Serves 4
300 g pearl barley
2 leeks
1 L water
Peel and slice the leeks, 10 minutes.
Simmer barley and leeks in the water for 30 minutes.`);
const KEY = { kind: 'yield', of: dish.component.id } as const;
const weighed = (times: number, n: number, reckonedG = 1500): Weighed => ({
  batch: `b${n}`,
  component: dish.component.id,
  name: dish.component.name,
  reckonedG,
  weighedG: reckonedG * times,
  at: n,
});
const cooked = (equipment: Equipment, portions = 4) => scaleBatch(dish, new Fraction(portions), foods, equipment);
const minutesOf = (equipment: Equipment, batch = dish) =>
  Object.values(
    expandSession('s', [{ id: 'b', scaled: scaleBatch(batch, new Fraction(4), foods, equipment) }], equipment, 1).about,
  ).map(({ step, window }) => [step, window.expected]);

describe('what a dish weighs here', () => {
  test('is claimed from weighings, of which one with the pot on the scale is none', () => {
    const figures = (...all: readonly Weighed[]) => figuresOf(weighingsOf(all), []);
    // By hand: the book counts like two weighings: (2 × 1 + 4 × 0.9) ÷ 6 = 0.93.
    const [figure] = figures(...[1, 2, 3, 4].map((n) => weighed(0.9, n)), weighed(1.9, 5));
    expect(figure).toMatchObject({ key: KEY, n: 4, value: 0.93 });
    expect(figure?.seen.map(({ real, book }) => [Math.round(real), book])).toEqual(Array(4).fill([1350, 1500]));
    expect(figures(weighed(1.9, 1))).toEqual([]);
  });

  test('is recovered within its interval in about four of five kitchens, with 30 weighings each', () => {
    const random = seeded(77);
    const held = Array.from({ length: 200 }, () => {
      const truth = 0.85 + 0.3 * random();
      // The sum of twelve even draws is nearly normal: here with a spread of 5 %.
      const noise = () => 0.05 * (Array.from({ length: 12 }, random).reduce((sum, each) => sum + each, 0) - 6);
      const all = Array.from({ length: 30 }, (_, n) => weighed(truth + noise(), n));
      const [figure] = figuresOf(weighingsOf(all), []);
      return figure && truth >= figure.least - 0.005 && truth <= figure.most + 0.005;
    }).filter(Boolean).length;
    expect(held).toBeGreaterThanOrEqual(145);
    expect(held).toBeLessThanOrEqual(190);
  });

  test('law: a plan that goes by it has so much more or less in each portion, at every size, and what is reckoned stays', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 60, max: 140 }), (portions, percent) => {
        const own = goingBy(STARTING_EQUIPMENT, KEY, { value: percent / 100, source: 'this kitchen, 4 weighings' });
        const [book, here] = [cooked(STARTING_EQUIPMENT, portions), cooked(own, portions)];
        expect(here.portionG).toBeCloseTo((book.portionG * percent) / 100, 3);
        expect(here.reckonedG).toBeCloseTo(book.reckonedG, 6);
        // By the book again: as it was.
        expect(goingBy(own, KEY, undefined)).toEqual({ ...STARTING_EQUIPMENT, own: STARTING_EQUIPMENT.own ?? {} });
      }),
    ));

  test('is no matter of a dish that boils down to where its recipe says', () => {
    const sauce = textDish('Tomato sauce\nServes 4\n800 g canned tomatoes\nSimmer the tomatoes, reduce by 200 ml.');
    const own = goingBy(STARTING_EQUIPMENT, { kind: 'yield', of: sauce.component.id }, { value: 0.8, source: 'x' });
    const grams = (equipment: Equipment) => scaleBatch(sauce, new Fraction(4), foods, equipment).portionG;
    expect(grams(own)).toBe(grams(STARTING_EQUIPMENT));
  });
});

describe('knife work on one food', () => {
  test.each([
    ['Peel and slice 2 leeks', ['leek'], 'peel and slice leek'],
    ['Chop leek and onion', ['leek', 'onion'], undefined],
    ['Chop the onion, chop it fine', ['onion'], 'chop onion'],
    ['Stir in the leek', ['leek'], undefined],
  ])('“%s” is %s', (name, cutFoods, key) =>
    expect(
      cutOf({
        name,
        attention: { needs: 'hands' },
        goesIn: cutFoods.map((food) => ({ line: food, food, amount: '1', comesOut: false, follows: 'stir in' })),
      }),
    ).toBe(key),
  );

  test('goes by its own figure where plans do, all other hands by theirs', () => {
    const hands = goingBy(STARTING_EQUIPMENT, { kind: 'hands', of: '' }, { value: 2, source: 'x' });
    const own = goingBy(hands, { kind: 'cut', of: 'peel and slice leek' }, { value: 1.5, source: 'x' });
    expect(minutesOf(STARTING_EQUIPMENT)[0]).toEqual(['step-1', 10]);
    expect(minutesOf(hands)[0]).toEqual(['step-1', 20]);
    expect(minutesOf(own)[0]).toEqual(['step-1', 15]);
    expect(minutesOf(own)[1]).toEqual(minutesOf(STARTING_EQUIPMENT)[1]);
  });
});
