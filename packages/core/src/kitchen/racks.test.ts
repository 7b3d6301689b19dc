import fc from 'fast-check';
import { rackName, racksBestFirst, slowestRack } from './index.ts';

const oven = fc.integer({ min: 1, max: 6 }).chain((racks) =>
  fc.record({
    racks: fc.constant(racks),
    rackTimes: fc.array(fc.option(fc.double({ min: 0.8, max: 1.3, noNaN: true })), { maxLength: racks }),
  }),
);

test('the middle comes first, then the top; a rack that bakes as the oven does comes before one that does not', () => {
  expect(racksBestFirst({ racks: 3 })).toEqual([2, 1, 3]);
  expect(racksBestFirst({ racks: 4 })).toEqual([2, 3, 1, 4]);
  expect(racksBestFirst({ racks: 3, rackTimes: [null, 1.1, 1.02] })).toEqual([1, 3, 2]);
});

test('law: every rack comes once, and more trays never take less', () =>
  fc.assert(
    fc.property(oven, (each) => {
      expect([...racksBestFirst(each)].sort()).toEqual(Array.from({ length: each.racks }, (_, n) => n + 1));
      for (let trays = 1; trays < each.racks; trays++)
        expect(slowestRack(each, trays + 1)).toBeGreaterThanOrEqual(slowestRack(each, trays));
    }),
  ));

test('racks have names of their own', () => {
  for (const racks of [1, 2, 3, 4, 5, 6]) {
    const names = Array.from({ length: racks }, (_, n) => rackName(n + 1, racks));
    expect(new Set(names).size).toBe(racks);
  }
  expect([1, 2, 3].map((rack) => rackName(rack, 3))).toEqual(['top', 'middle', 'bottom']);
  expect([1, 2, 3, 4].map((rack) => rackName(rack, 4))).toEqual(['top', '2nd', '3rd', 'bottom']);
});
