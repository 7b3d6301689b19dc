import fc from 'fast-check';
import { learnAppetite, plateSums } from './index.ts';

test('nothing eaten is the usual portion; one large plate changes little, many change it', () => {
  expect(learnAppetite(plateSums([]))).toMatchObject({ times: 1, n: 0 });
  // By hand: (4 × 1 + 2) / 5 and (4 × 1 + 20 × 2) / 24.
  expect(learnAppetite(plateSums([2])).times).toBeCloseTo(1.2, 6);
  expect(learnAppetite(plateSums(Array<number>(20).fill(2))).times).toBeCloseTo(44 / 24, 6);
});

test('law: it lies between the usual and what was eaten, in its range, and more plates make it surer', () =>
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 3, noNaN: true }), fc.integer({ min: 1, max: 40 }), (each, n) => {
      const learned = learnAppetite(plateSums(Array<number>(n).fill(each)));
      expect(learned.times).toBeGreaterThanOrEqual(Math.min(1, each) - 1e-9);
      expect(learned.times).toBeLessThanOrEqual(Math.max(1, each) + 1e-9);
      expect(learned.least).toBeLessThanOrEqual(learned.times);
      expect(learned.most).toBeGreaterThanOrEqual(learned.times);
      const surer = learnAppetite(plateSums(Array<number>(n * 4).fill(each)));
      expect(surer.most - surer.times).toBeLessThan(learned.most - learned.times);
    }),
  ));
