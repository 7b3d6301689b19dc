import fc from 'fast-check';
import { plateSums } from '../src/learn/index.ts';
import { learnedFor, learnedOf, mealsApart } from '../src/view/index.ts';
import { MILLET, kitchenOf } from './inventKitchen.ts';

const FOOD = MILLET.component.id;
const base = kitchenOf({});
const WHO = base.week.eaters[0]?.id ?? '';
const eaten = (lunch: readonly number[], dinner: readonly number[]) => ({
  ...base,
  week: {
    ...base.week,
    plates: [
      { eater: WHO, food: FOOD, meal: 'lunch' as const, ...plateSums(lunch) },
      { eater: WHO, food: FOOD, meal: 'dinner' as const, ...plateSums(dinner) },
    ],
  },
});
const many = (each: number, n: number) => Array<number>(n).fill(each);

test('who takes twice as much at dinner is told of dinner; plates of one meal are drawn to those of all', () => {
  const view = eaten(many(1, 12), many(2, 12));
  expect(mealsApart(view, WHO, FOOD).map(({ meal }) => meal)).toEqual(['lunch', 'dinner']);
  const [all, lunch, dinner] = [undefined, 'lunch' as const, 'dinner' as const].map((meal) =>
    learnedFor(view, WHO, FOOD, meal),
  );
  // By hand, at a usual share of 1: (4 + 12 + 24) ÷ 28 = 1.43 of all; (4 × 1.43 + 12) ÷ 16 at lunch and (4 × 1.43 + 24) ÷ 16 at dinner.
  expect([all, lunch, dinner].map((each) => each?.times.toFixed(2))).toEqual(['1.43', '1.11', '1.86']);
  const learned = learnedOf(view);
  expect(learned(WHO, FOOD, 'dinner')).toBe(dinner?.times);
  expect(learned(WHO, FOOD)).toBe(all?.times);
  expect(learned('nobody', FOOD, 'dinner')).toBe(1);
});

test('two plates claim nothing, and where meals are alike none is apart', () => {
  expect(mealsApart(eaten(many(1, 2), many(2, 2)), WHO, FOOD)).toEqual([]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), fc.double({ min: 0.5, max: 2, noNaN: true }), (n, each) => {
      const noisy = Array.from({ length: n }, (_, at) => each * (at % 2 === 0 ? 0.8 : 1.2));
      expect(mealsApart(eaten(noisy, noisy), WHO, FOOD)).toEqual([]);
    }),
  );
});
