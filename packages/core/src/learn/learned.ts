import { type Sourced, counted } from '../quantity/index.ts';
import { posteriorOf, type Observation, type Prior } from './posterior.ts';

/** A figure that a kitchen's own runs teach. */
export interface Learned extends Sourced<number> {
  /** On so many observations it rests. */
  readonly n: number;
  /** Four fifths of what may be expected of it lie within. */
  readonly least: number;
  readonly most: number;
  /** Least and most of what was seen. */
  readonly from: number;
  readonly to: number;
}

/** What is observed, and what the book says of it before. */
export interface Observed {
  readonly one: string;
  readonly many: string;
  readonly prior: Prior;
}

/** What was seen, drawn towards what the book says while it was seen seldom; undefined where nothing was. */
export function learned(seen: readonly Observation[], { one, many, prior }: Observed): Learned | undefined {
  if (seen.length === 0) return undefined;
  const { mean, least, most, outliers } = posteriorOf(prior, seen);
  const values = seen.map(({ value }) => value);
  // Bounds draw a figure, and found none: whoever taps "done" when the clock rings has not said how long it took.
  const n = seen.filter(({ bound }, at) => bound === undefined && !outliers.includes(at)).length;
  return {
    value: hundredths(mean),
    source: `this kitchen, ${counted(n, one, many)}`,
    n,
    least: hundredths(Math.max(0, least)),
    most: hundredths(most),
    from: hundredths(Math.min(...values)),
    to: hundredths(Math.max(...values)),
  };
}
const hundredths = (value: number): number => Math.round(value * 100) / 100;
