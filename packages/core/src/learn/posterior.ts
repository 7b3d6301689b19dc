import { normalCdf, normalDensity, studentQuantile } from './distributions.ts';

/** What the book says of a figure before this kitchen has told anything. */
export interface Prior {
  readonly mean: number;
  /** So many observations the book weighs as much as. */
  readonly weighs: number;
  /** How far one observation is usually off, in the figure's own unit. */
  readonly noise: number;
}

/** Something that was seen: a value, or a bound where it had happened before anybody looked, or had not happened yet. */
export interface Observation {
  readonly value: number;
  readonly bound?: 'at most' | 'at least';
}

export interface Posterior {
  readonly mean: number;
  /** Four fifths of what may be expected of the figure lie within. */
  readonly least: number;
  readonly most: number;
  /** On so many observations it rests. */
  readonly n: number;
  /** Those that are too far off to be one: kept to be seen, not counted. By their place in the list. */
  readonly outliers: readonly number[];
  /** Below three observations nothing is claimed. */
  readonly claimed: boolean;
}

/** The interval that is shown: four fifths, one tenth on either side. */
const TENTH = 0.9;
/** The book's word on how far observations are off weighs like so many of them. */
const NOISE_WEIGHS = 4;
/** Further from the middle than so many spreads is no observation, but a forgotten tap. Common practice, no published source. */
const OUT_AT = 5;
/** To know the middle by, there have to be some. */
const MIDDLE_FROM = 4;
/** From so many observations on a figure is claimed. */
export const CLAIMED_FROM = 3;
/** A bound is filled in by what lies behind it on the average, again and again, until nothing moves. */
const FILLS = 60;

/**
 * A figure of this kitchen: the book's, moved by what was seen, with an interval that is honest for one observation. Normal observations with unknown mean and variance and
 * the conjugate normal–inverse-gamma prior; what is only known as a bound counts as the part of the normal that lies behind it, by expectation and maximisation.
 * Source: published: A. Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, section 3.3; A. P. Dempster, N. M. Laird, D. B. Rubin, 1977.
 * @example posteriorOf({ mean: 1, weighs: 2, noise: 0.2 }, [{ value: 1.5 }]).mean // (2 × 1 + 1.5) / 3 = 1.1667
 */
export function posteriorOf(prior: Prior, observations: readonly Observation[]): Posterior {
  const outliers = outliersOf(prior, observations);
  const seen = observations.filter((_, n) => !outliers.includes(n));
  const exact = seen.flatMap(({ value, bound }) => (bound === undefined ? [value] : []));
  const bounds = seen.filter(({ bound }) => bound !== undefined);
  let told = conjugate(prior, sumsOf(exact), 0);
  for (let fill = 0; fill < FILLS && bounds.length > 0; fill++) {
    const filled = bounds.map((bound) => behind(bound, told.mean, told.noise));
    const next = conjugate(
      prior,
      sumsOf([...exact, ...filled.map(({ mean }) => mean)]),
      filled.reduce((sum, { variance }) => sum + variance, 0),
    );
    const moved = Math.abs(next.mean - told.mean);
    told = next;
    if (moved < prior.noise * 1e-9) break;
  }
  return {
    ...intervalOf(prior, told, exact.length, bounds.length),
    n: seen.length,
    outliers,
    claimed: seen.length >= CLAIMED_FROM,
  };
}

/** What was seen, added up: all that a normal asks of values. */
export interface Sums {
  readonly n: number;
  readonly sum: number;
  /** The sum of their squares. */
  readonly squares: number;
}
/** @example sumsOf([1, 2]) // => { n: 2, sum: 3, squares: 5 } */
export const sumsOf = (values: readonly number[]): Sums => ({
  n: values.length,
  sum: values.reduce((all, value) => all + value, 0),
  squares: values.reduce((all, value) => all + value * value, 0),
});

/**
 * The same of values that are only known added up: no bounds, and nobody is found to be far off.
 * @example posteriorOfSums({ mean: 1, weighs: 4, noise: 0.25 }, { n: 4, sum: 8, squares: 16 }).mean // => 1.5
 */
export function posteriorOfSums(prior: Prior, sums: Sums): Omit<Posterior, 'outliers'> {
  const told = conjugate(prior, sums, 0);
  return { ...intervalOf(prior, told, sums.n, 0), n: sums.n, claimed: sums.n >= CLAIMED_FROM };
}

/** Where the figure is to be looked for. A bound tells less than a value: it counts half. */
function intervalOf({ weighs }: Prior, { mean, noise }: ReturnType<typeof conjugate>, exact: number, bounds: number) {
  const scale = noise / Math.sqrt(weighs + exact + bounds / 2);
  const off = studentQuantile(TENTH, NOISE_WEIGHS + exact) * scale;
  return { mean, least: mean - off, most: mean + off };
}

/** Mean and noise after values; `more`: variance that filled in values have of their own. */
function conjugate({ mean, weighs, noise }: Prior, { n, sum, squares }: Sums, more: number) {
  const average = n === 0 ? mean : sum / n;
  const spread = Math.max(0, squares - n * average * average);
  const off = (weighs * n * (average - mean) ** 2) / (weighs + n);
  return {
    mean: (weighs * mean + sum) / (weighs + n),
    noise: Math.sqrt((NOISE_WEIGHS * noise * noise + spread + off + more) / (NOISE_WEIGHS + n)),
  };
}

/** The part of a normal that lies behind a bound: its mean and variance. */
function behind({ value, bound }: Observation, mean: number, noise: number) {
  const side = bound === 'at most' ? -1 : 1;
  // Mirrored, so that what is asked of is always above the bound.
  const at = (side * (value - mean)) / noise;
  const above = Math.max(1e-12, 1 - normalCdf(at));
  const lift = normalDensity(at) / above;
  return { mean: mean + side * noise * lift, variance: noise * noise * Math.max(0, 1 + at * lift - lift * lift) };
}

/** By their place: what lies far from the middle of all, counted in the larger of the book's noise and their own spread. */
export function outliersOf({ noise }: Prior, observations: readonly Observation[]): readonly number[] {
  const values = observations.flatMap(({ value, bound }) => (bound === undefined ? [value] : []));
  if (values.length < MIDDLE_FROM) return [];
  const middle = median(values);
  // The median of what they are off is two thirds of a normal's spread.
  const spread = Math.max(noise, median(values.map((value) => Math.abs(value - middle))) * 1.4826);
  return observations.flatMap(({ value, bound }, n) =>
    bound === undefined && Math.abs(value - middle) > OUT_AT * spread ? [n] : [],
  );
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const [low, high] = [sorted[half - 1] ?? 0, sorted[half] ?? 0];
  return sorted.length % 2 === 1 ? high : (low + high) / 2;
}
