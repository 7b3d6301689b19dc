import fc from 'fast-check';
import jstat from 'jstat';
import { seeded } from '../src/quantity/index.ts';
import { lineOf, type LinePrior, type Pair } from '../src/learn/index.ts';

const BOOK: LinePrior = { besideSpread: 3, timesSpread: 0.2, noise: 1.5 };
/** A word of the book that weighs next to nothing. */
const FAINT: LinePrior = { besideSpread: 1e4, timesSpread: 1e4, noise: 1.5 };

const normals = (seed: number) => {
  const random = seeded(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
};
/** Loads of one cooker: so much of its power arrives, and so many minutes are the same for all. */
const cooker = (seed: number, times: number, beside: number, loads: readonly number[], noise = 1): readonly Pair[] => {
  const normal = normals(seed * 7919 + 11);
  return loads.map((book) => ({ book, real: beside + times * book + noise * normal() }));
};
const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

test('where the book says next to nothing the line is that of least squares, as a statistics package draws it', () => {
  const pairs = cooker(3, 1.2, 4, [9, 14, 14, 21, 30, 36, 18]);
  const { coef } = jstat.jStat.models.ols(
    pairs.map(({ real }) => real),
    pairs.map(({ book }) => [1, book]),
  );
  const line = lineOf(FAINT, pairs);
  expect(line.beside).toBeCloseTo(coef[0] ?? NaN, 3);
  expect(line.times).toBeCloseTo(coef[1] ?? NaN, 4);
});

test('with nothing seen it is the book’s own line, and one load moves it by what one load can tell', () => {
  const none = lineOf(BOOK, []);
  expect([none.beside, none.times, none.at(25).value]).toEqual([0, 1, 25]);
  const one = lineOf(BOOK, [{ book: 20, real: 26 }]);
  expect(one.at(20).value).toBeGreaterThan(20);
  expect(one.at(20).value).toBeLessThan(26);
});

test('a load that was never cooked is told: from five small ones and five middling ones, those of twice their size', () => {
  const off = (predicted: (book: number) => number, real: (book: number) => number) =>
    mean([32, 36, 40].map((book) => Math.abs(predicted(book) - real(book))));
  const errors = Array.from({ length: 200 }, (_, seed) => {
    const draw = normals(seed + 5000);
    const [times, beside] = [1.16 + 0.05 * draw(), 3 + draw()];
    const real = (book: number) => beside + times * book;
    const seen = cooker(seed, times, beside, [8, 9, 10, 11, 12, 16, 18, 19, 20, 22]);
    const line = lineOf(BOOK, seen);
    const factor = mean(seen.map((each) => each.real / each.book));
    return {
      line: off((book) => line.at(book).value, real),
      factor: off((book) => factor * book, real),
      book: off((book) => book, real),
    };
  });
  const all = (of: 'line' | 'factor' | 'book') => mean(errors.map((each) => each[of]));
  expect(all('line')).toBeLessThan(all('book') / 2);
  // One factor for all loads takes what is the same for all as if it grew with them.
  expect(all('line')).toBeLessThan(all('factor') / 1.5);
});

test('where the book is right, learning makes what it says at most a twentieth worse than the scatter of one load', () => {
  const worse = Array.from({ length: 200 }, (_, seed) => {
    const line = lineOf(BOOK, cooker(seed, 1, 0, [10, 14, 18, 22, 26, 30]));
    return mean([10, 20, 30].map((book) => Math.abs(line.at(book).value - book) / book));
  });
  expect(mean(worse)).toBeLessThan(0.05);
});

test.each([
  ['a small load', 10],
  ['a large load', 34],
])('of %s the interval holds the truth in four of five kitchens whose cookers differ as the book says', (_, book) => {
  const KITCHENS = 600;
  const held = Array.from({ length: KITCHENS }, (_, seed) => {
    const draw = normals(seed + 90_000);
    // The noise of a kitchen is off the book’s as a chi-square of four tells.
    const chi = [1, 2, 3, 4].reduce((sum) => sum + draw() ** 2, 0);
    const noise = BOOK.noise * Math.sqrt(4 / chi);
    const times = 1 + (draw() * BOOK.timesSpread * noise) / BOOK.noise;
    const beside = (draw() * BOOK.besideSpread * noise) / BOOK.noise;
    const { least, most } = lineOf(BOOK, cooker(seed, times, beside, [12, 15, 20, 24, 28], noise)).at(book);
    const truth = beside + times * book;
    return least <= truth && truth <= most;
  }).filter(Boolean).length;
  expect(held / KITCHENS).toBeGreaterThanOrEqual(0.75);
  expect(held / KITCHENS).toBeLessThanOrEqual(0.85);
});

test('law: the same loads in another order draw the same line', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ book: fc.integer({ min: 5, max: 60 }), real: fc.integer({ min: 3, max: 90 }) }), {
        minLength: 1,
        maxLength: 12,
      }),
      (pairs) => {
        const [one, other] = [lineOf(BOOK, pairs), lineOf(BOOK, [...pairs].reverse())];
        expect(other.at(20).value).toBeCloseTo(one.at(20).value, 6);
      },
    ),
  ));
