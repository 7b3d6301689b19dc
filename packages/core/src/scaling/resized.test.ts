import fc from 'fast-check';
import { resized, type PortionsOf } from './index.ts';

const size: fc.Arbitrary<PortionsOf> = fc
  .tuple(fc.integer({ min: 0, max: 40 }), fc.nat({ max: 40 }))
  .map(([fresh, freezePortions]) => ({ portions: Math.max(1, fresh + freezePortions), freezePortions }));
const portions = fc.integer({ min: 1, max: 200 });

describe('a size at other portions', () => {
  test('law: meals lose nothing while anything goes into the freezer, and nothing is frozen that is not cooked', () =>
    fc.assert(
      fc.property(size, portions, (kept, n) => {
        const now = resized(kept, kept, n);
        expect(now.freezePortions).toBeGreaterThanOrEqual(0);
        expect(now.freezePortions).toBeLessThanOrEqual(n);
        if (now.freezePortions > 0)
          expect(n - now.freezePortions).toBeGreaterThanOrEqual(kept.portions - kept.freezePortions);
      }),
    ));
  test('law: there and back, step by step, is what it was', () =>
    fc.assert(
      fc.property(size, fc.array(portions, { maxLength: 8 }), (kept, steps) => {
        const away = steps.reduce((tried, n) => resized(kept, tried, n), kept);
        expect(resized(kept, away, kept.portions)).toEqual(kept);
      }),
    ));
  test('law: what was typed to be frozen stays typed while there is enough', () =>
    fc.assert(
      fc.property(size, fc.nat({ max: 40 }), fc.nat({ max: 40 }), (kept, freeze, more) => {
        const typed = { portions: kept.portions, freezePortions: Math.min(freeze, kept.portions) };
        expect(resized(kept, typed, typed.portions + more).freezePortions).toBe(typed.freezePortions);
      }),
    ));
  test('of ten with four to freeze, six are six for meals', () =>
    expect(resized({ portions: 10, freezePortions: 4 }, { portions: 10, freezePortions: 4 }, 6)).toEqual({
      portions: 6,
      freezePortions: 0,
    }));
});
