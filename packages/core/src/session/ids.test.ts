import fc from 'fast-check';
import {
  isThing,
  numberOf,
  ovenTask,
  resourceId,
  resourceOf,
  switchesOn,
  washId,
  washOf,
  type ResourceIs,
} from './ids.ts';

const typed = fc.string({ minLength: 1, unit: 'grapheme' });
const resource: fc.Arbitrary<ResourceIs> = fc.oneof(
  fc.record({
    is: fc.constant('thing' as const),
    kind: fc.constantFrom('oven', 'cooker', 'rice cooker', 'power'),
    n: fc.integer({ min: 1, max: 9 }),
  }),
  fc.record({ is: fc.constant('pot' as const), name: fc.oneof(typed, fc.constantFrom('oven 2', 'a/b', 'pot/x', '%')) }),
  fc.record({ is: fc.constant('hands' as const), of: fc.array(typed, { minLength: 1, maxLength: 3 }) }),
  fc.record({ is: fc.constant('one of' as const), kinds: fc.array(typed, { minLength: 1, maxLength: 3 }) }),
);

test('law: what is written as an id is read back, whatever people have typed; two things never share one', () => {
  fc.assert(
    fc.property(resource, resource, (one, other) => {
      expect(resourceOf(resourceId(one))).toEqual(one);
      expect(resourceId(one) === resourceId(other)).toBe(JSON.stringify(one) === JSON.stringify(other));
    }),
  );
});
test('a pot that is named as an oven is none', () => {
  expect(isThing(resourceId({ is: 'pot', name: 'oven 2' }), 'oven')).toBe(false);
  expect([numberOf('oven 2', 'oven'), numberOf('oven', 'oven'), numberOf('stock pot', 'oven')]).toEqual([2, 1, 1]);
});
test('each oven has its own switch, and a wash leads back to its use', () => {
  for (const n of [1, 2, 3]) {
    expect(switchesOn(ovenTask('on', n))).toBe(n);
    expect(switchesOn(ovenTask('off', n))).toBeUndefined();
  }
  expect([washOf(washId('b/cooker/brown/1')), washOf('b/brown/1')]).toEqual(['b/cooker/brown/1', undefined]);
});
