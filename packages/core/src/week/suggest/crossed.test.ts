import fc from 'fast-check';
import { seeded } from '../../quantity/index.ts';
import { crossed } from './crossed.ts';
import type { Draft } from './score.ts';

const DISHES = 6;
const draft = (meals: number): fc.Arbitrary<Draft> =>
  fc.record({
    meals: fc.array(fc.array(fc.integer({ min: -1, max: DISHES - 1 }), { minLength: 4, maxLength: 4 }), {
      minLength: meals,
      maxLength: meals,
    }),
    sizes: fc.array(fc.constantFrom(0, 4, 8), { minLength: DISHES, maxLength: DISHES }),
    into: fc.array(fc.integer({ min: 0, max: 1 }), { minLength: DISHES, maxLength: DISHES }),
  });

test('law: each day is as one of the two has it, and so is each batch; of a week and itself comes that week', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 14 }).chain((meals) => fc.tuple(draft(meals), draft(meals))),
      fc.nat(),
      ([one, other], seed) => {
        const child = crossed(one, other, seeded(seed));
        for (let day = 0; day * 2 < one.meals.length; day++)
          expect([one, other].map(({ meals }) => meals.slice(day * 2, day * 2 + 2))).toContainEqual(
            child.meals.slice(day * 2, day * 2 + 2),
          );
        child.sizes.forEach((size, c) => expect([one.sizes[c], other.sizes[c]]).toContain(size));
        child.into.forEach((session, c) => expect([one.into[c], other.into[c]]).toContain(session));
        expect(crossed(one, one, seeded(seed))).toEqual(one);
      },
    ),
  ));
