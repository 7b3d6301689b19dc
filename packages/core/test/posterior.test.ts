import fc from 'fast-check';
import jstat from 'jstat';
import { normalCdf, posteriorOf, studentQuantile, type Observation, type Prior } from '../src/learn/index.ts';
import { seeded } from '../src/quantity/index.ts';

// Compared with a general statistics package.
test('the normal’s share and Student’s quantile are those of a statistics package', () => {
  const { normal, studentt } = jstat.jStat;
  for (let x = -4; x <= 4; x += 0.25) expect(Math.abs(normalCdf(x) - normal.cdf(x, 0, 1))).toBeLessThan(2e-7);
  for (const degrees of [3, 4, 5, 6, 8, 12, 20, 40, 120])
    for (const p of [0.75, 0.9, 0.95, 0.975])
      expect(studentQuantile(p, degrees) / studentt.inv(p, degrees)).toBeCloseTo(1, 3);
});

/** Two of these make a normal number: Box and Muller. */
const normals = (seed: number) => {
  const random = seeded(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
};

const BOOK: Prior = { mean: 1, weighs: 2, noise: 0.2 };
/** Kitchens differ from the book as it says, also in how far their observations are off: a chi-square of four. */
const KITCHENS = 600;
const kitchen = (seed: number, n: number) => {
  const normal = normals(seed * 7919 + 13);
  const chi = [1, 2, 3, 4].reduce((sum) => sum + normal() ** 2, 0);
  const noise = BOOK.noise * Math.sqrt(4 / chi);
  const truth = BOOK.mean + (normal() * noise) / Math.sqrt(BOOK.weighs);
  return { truth, seen: Array.from({ length: n }, () => truth + normal() * noise) };
};

test.each([1, 3, 10, 40])('of %i observations the interval holds the truth in four of five kitchens', (n) => {
  const held = Array.from({ length: KITCHENS }, (_, seed) => {
    const { truth, seen } = kitchen(seed, n);
    const { least, most } = posteriorOf(
      BOOK,
      seen.map((value) => ({ value })),
    );
    return least <= truth && truth <= most;
  }).filter(Boolean).length;
  expect(held / KITCHENS).toBeGreaterThanOrEqual(0.75);
  expect(held / KITCHENS).toBeLessThanOrEqual(0.85);
});

test('law: the interval narrows as one over the root of n', () => {
  const width = (n: number) => {
    const all = Array.from({ length: 200 }, (_, seed) => {
      const { least, most } = posteriorOf(
        BOOK,
        kitchen(seed, n).seen.map((value) => ({ value })),
      );
      return most - least;
    });
    return all.reduce((sum, each) => sum + each, 0) / all.length;
  };
  // By hand: with what the book weighs, √((100 + 2) / (25 + 2)).
  expect(width(25) / width(100)).toBeCloseTo(Math.sqrt(102 / 27), 1);
  expect(width(100) / width(400)).toBeCloseTo(Math.sqrt(402 / 102), 1);
});

test('law: a look that found it done early is a bound, not a value: bounds draw the figure nowhere', () => {
  const off = Array.from({ length: 60 }, (_, seed) => {
    const normal = normals(seed + 5);
    const random = seeded(seed + 99);
    const truth = 1.2;
    const seen = Array.from({ length: 60 }, (): Observation => {
      const value = truth + normal() * BOOK.noise;
      // A third of them: somebody looked late, and mostly it had been done for a while.
      if (random() > 1 / 3) return { value };
      const looked = truth + 0.1 + random() * 0.5;
      return { value: looked, bound: value <= looked ? 'at most' : 'at least' };
    });
    const asValues = posteriorOf(
      BOOK,
      seen.map(({ value }) => ({ value })),
    ).mean;
    return { told: posteriorOf(BOOK, seen).mean - truth, asValues: asValues - truth };
  });
  const mean = (of: (each: (typeof off)[number]) => number) =>
    off.reduce((sum, each) => sum + of(each), 0) / off.length;
  // The book's own pull is 2 of 62 times a fifth.
  expect(Math.abs(mean(({ told }) => told))).toBeLessThan(0.02);
  expect(mean(({ asValues }) => asValues)).toBeGreaterThan(0.05);
});

test('only bounds on one side still move the figure to that side, and claim less than values do', () => {
  const done = posteriorOf(
    BOOK,
    Array.from({ length: 8 }, () => ({ value: 0.8, bound: 'at most' as const })),
  );
  expect(done.mean).toBeLessThan(0.8);
  const values = posteriorOf(
    BOOK,
    Array.from({ length: 8 }, () => ({ value: done.mean })),
  );
  expect(done.most - done.least).toBeGreaterThan(values.most - values.least);
});

test('a forgotten tap is told, and moves nothing', () => {
  const seen = [1.1, 1.2, 1.15, 1.12, 1.18].map((value) => ({ value }));
  const clean = posteriorOf(BOOK, seen);
  const spoiled = posteriorOf(BOOK, [...seen, { value: 9 }]);
  expect(spoiled).toMatchObject({ mean: clean.mean, n: 5, outliers: [5] });
});

test('law: the mean lies between the book and what was seen, whatever the order; below three nothing is claimed', () =>
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0.5, max: 1.8, noNaN: true }), { maxLength: 12 }), (values) => {
      const told = posteriorOf(
        BOOK,
        values.map((value) => ({ value })),
      );
      expect(told.mean).toBeGreaterThanOrEqual(Math.min(1, ...values) - 1e-9);
      expect(told.mean).toBeLessThanOrEqual(Math.max(1, ...values) + 1e-9);
      expect(told.claimed).toBe(told.n >= 3);
      const turned = posteriorOf(
        BOOK,
        [...values].reverse().map((value) => ({ value })),
      );
      expect(turned.mean).toBeCloseTo(told.mean, 9);
      expect(turned.most - turned.least).toBeCloseTo(told.most - told.least, 9);
    }),
  ));

test('where the book is right already, learning makes it hardly worse; where it is wrong, much better', () => {
  const error = (truth: number) => {
    const all = Array.from({ length: 200 }, (_, seed) => {
      const normal = normals(seed + 77);
      const seen = Array.from({ length: 15 }, () => ({ value: truth + normal() * BOOK.noise }));
      // The error of the next one, by what was learned and by the book.
      const next = truth + normal() * BOOK.noise;
      return { learned: Math.abs(posteriorOf(BOOK, seen).mean - next), book: Math.abs(BOOK.mean - next) };
    });
    const sum = (of: 'learned' | 'book') => all.reduce((total, each) => total + each[of], 0);
    return sum('learned') / sum('book');
  };
  expect(error(1)).toBeLessThan(1.05);
  expect(error(1.5)).toBeLessThan(0.5);
});
