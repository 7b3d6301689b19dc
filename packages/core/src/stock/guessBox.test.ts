import fc from 'fast-check';
import { addDays, day } from '../quantity/index.ts';
import { guessBox, type Block, type FrozenOnce } from './index.ts';

const TODAY = day('2026-03-11');
const box = (food: string, portionG: number, more: Partial<FrozenOnce> = {}): FrozenOnce => ({
  food,
  grams: portionG * 2,
  portionG,
  place: 'upper',
  box: null,
  frozenOn: addDays(TODAY, -14),
  gone: false,
  ...more,
});
const block = (grams: number, rough = false): Block => ({ grams, rough, place: 'upper', box: null });

test('a weighed block is the food whose portions it is a whole number of', () => {
  const { guesses, cannotTell } = guessBox(block(890), [box('soup', 445), box('beans', 240)], TODAY);
  expect(guesses[0]?.food).toBe('soup');
  expect(guesses[0]?.probability).toBeGreaterThan(0.7);
  expect(cannotTell).toBe(false);
});

test('two that fit alike cannot be told apart; one of them that is eaten already is the less likely', () => {
  expect(guessBox(block(480), [box('soup', 240), box('beans', 240)], TODAY)).toMatchObject({ cannotTell: true });
  const told = guessBox(block(480), [box('soup', 240, { gone: true }), box('beans', 240)], TODAY);
  expect([told.guesses[0]?.food, told.cannotTell]).toEqual(['beans', false]);
});

test('it is rather where it was put, in the box it was put in, and of late', () => {
  const first = (a: Partial<FrozenOnce>, b: Partial<FrozenOnce>, of = block(480)) =>
    guessBox(of, [box('a', 240, a), box('b', 240, b)], TODAY).guesses[0]?.food;
  expect(first({ place: 'lower' }, {})).toBe('b');
  expect(first({ box: 'large' }, { box: 'small' }, { ...block(480), box: 'small' })).toBe('b');
  expect(first({ frozenOn: addDays(TODAY, -300) }, {})).toBe('b');
});

test('of an empty freezer nothing is guessed, nor of what is far from any box', () => {
  expect(guessBox(block(480), [], TODAY)).toEqual({ guesses: [], cannotTell: false });
  expect(guessBox(block(5000), [box('soup', 240)], TODAY).guesses).toEqual([]);
});

test('law: chances are chances, in order, and a box more of a food never makes that food less likely', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 50, max: 3000 }),
      fc.boolean(),
      fc.array(
        fc.record({
          food: fc.constantFrom('a', 'b', 'c'),
          portionG: fc.integer({ min: 80, max: 600 }),
          gone: fc.boolean(),
          ago: fc.integer({ min: 0, max: 400 }),
        }),
        { minLength: 1, maxLength: 8 },
      ),
      (grams, rough, made) => {
        const boxes = made.map(({ food, portionG, gone, ago }) =>
          box(food, portionG, { gone, frozenOn: addDays(TODAY, -ago) }),
        );
        const { guesses } = guessBox(block(grams, rough), boxes, TODAY);
        const chances = guesses.map(({ probability }) => probability);
        expect(chances).toEqual([...chances].sort((a, b) => b - a));
        expect(chances.reduce((sum, each) => sum + each, 0)).toBeLessThan(1);
        const [first] = boxes;
        if (!first) return;
        const of = (all: readonly FrozenOnce[]) =>
          guessBox(block(grams, rough), all, TODAY).guesses.find(({ food }) => food === first.food)?.probability ?? 0;
        expect(of([...boxes, first])).toBeGreaterThanOrEqual(of(boxes) - 1e-12);
      },
    ),
  ));
