import { studentQuantile } from './distributions.ts';

/** What the book says of a line before anything was seen: real = beside + times × the book's. */
export interface LinePrior {
  /** What comes on top of every load, and how far that is usually off 0. */
  readonly besideSpread: number;
  /** How far the times are usually off 1. */
  readonly timesSpread: number;
  /** How far one observation is usually off its line. */
  readonly noise: number;
}

/** One load: what the book says it takes, and what it took. */
export interface Pair {
  readonly book: number;
  readonly real: number;
}

/** A fitted line: what one load takes that was never seen. */
export interface Line {
  readonly beside: number;
  readonly times: number;
  readonly n: number;
  /** What a load of so much in the book takes: the line's own value, with four fifths of where that may lie. */
  readonly at: (book: number) => { readonly value: number; readonly least: number; readonly most: number };
}

const TENTH = 0.9;
/** The book's word on the noise weighs like so many observations. */
const NOISE_WEIGHS = 4;

/**
 * A heat balance seen from outside. Heat that arrives is power × efficiency − loss, so what a load takes is a line over what heat alone says: its slope is what of the
 * power arrives, and what is the same for every load (the plate, the lid, driving out the air) is its intercept. Two parameters, the conjugate normal–inverse-gamma prior of a linear
 * regression; with nothing seen it is the book's own line, of one load it moves what one load can tell.
 * Source: published: A. Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, chapter 14; checked against least squares of a statistics package.
 * @example lineOf({ besideSpread: 2, timesSpread: 0.15, noise: 1 }, []).at(20).value // => 20
 */
export function lineOf({ besideSpread, timesSpread, noise }: LinePrior, pairs: readonly Pair[]): Line {
  // Precision over the noise's: the book's word, and what was seen.
  const [a0, f0] = [(noise / besideSpread) ** 2, (noise / timesSpread) ** 2];
  let [aa, af, ff] = [a0, 0, f0];
  // Of what is off the book's line, so that the prior's means are 0.
  let [ya, yf, yy] = [0, 0, 0];
  for (const { book, real } of pairs) {
    const off = real - book;
    aa += 1;
    af += book;
    ff += book * book;
    ya += off;
    yf += off * book;
    yy += off * off;
  }
  const det = aa * ff - af * af;
  const beside = (ff * ya - af * yf) / det;
  const slope = (aa * yf - af * ya) / det;
  const off = Math.max(0, yy - beside * ya - slope * yf);
  const spread = Math.sqrt((NOISE_WEIGHS * noise * noise + off) / (NOISE_WEIGHS + pairs.length));
  const quantile = studentQuantile(TENTH, NOISE_WEIGHS + pairs.length);
  return {
    beside,
    times: 1 + slope,
    n: pairs.length,
    at: (book) => {
      const value = beside + (1 + slope) * book;
      const reach = quantile * spread * Math.sqrt((ff - 2 * af * book + aa * book * book) / det);
      return { value, least: value - reach, most: value + reach };
    },
  };
}
