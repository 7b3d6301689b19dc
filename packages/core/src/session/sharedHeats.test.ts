import fc from 'fast-check';
import { sharedHeats } from './sharedHeats.ts';

const wishes = fc
  .array(fc.record({ celsius: fc.integer({ min: 28, max: 48 }), toleranceC: fc.nat({ max: 30 }) }), { maxLength: 8 })
  .map((all) => all.map(({ celsius, toleranceC }, n) => ({ id: `${n}`, celsius: celsius * 5, toleranceC })));

test('law: every dish gets a temperature that it bears', () =>
  fc.assert(
    fc.property(wishes, (all) => {
      const heats = sharedHeats(all);
      for (const { id, celsius, toleranceC } of all)
        expect(Math.abs((heats.get(id) ?? 0) - celsius)).toBeLessThanOrEqual(toleranceC);
    }),
  ));

test('law: there are never more temperatures than were written', () =>
  fc.assert(
    fc.property(wishes, (all) =>
      expect(new Set(sharedHeats(all).values()).size).toBeLessThanOrEqual(
        new Set(all.map(({ celsius }) => celsius)).size,
      ),
    ),
  ));

test('two that bear each other share, a third that does not stands alone', () =>
  expect(
    Object.fromEntries(
      sharedHeats([
        { id: 'roots', celsius: 200, toleranceC: 15 },
        { id: 'bake', celsius: 190, toleranceC: 10 },
        { id: 'oats', celsius: 160, toleranceC: 10 },
      ]),
    ),
  ).toEqual({ oats: 160, bake: 190, roots: 190 }));
