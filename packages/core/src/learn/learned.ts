import type { Sourced } from '../quantity/index.ts';
import { posteriorOf, type Prior } from './posterior.ts';

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

/** Times the book's minutes of a sealed cooker; the book weighs like two of them. Common practice, no published source. */
export const LOADS: Observed = { one: 'load', many: 'loads', prior: { mean: 1, weighs: 2, noise: 0.15 } };
/** Of the turns of a dial no book knows anything. */
export const TURNS: Observed = { one: 'turn', many: 'turns', prior: { mean: 0, weighs: 0, noise: 0.3 } };
/** Times a step's own minutes of hands: steps differ much, and one is next to nothing. Common practice, no published source. */
export const STEPS: Observed = { one: 'step', many: 'steps', prior: { mean: 1, weighs: 6, noise: 0.35 } };

/** What was seen, drawn towards what the book says while it was seen seldom; undefined where nothing was. */
export function learned(times: readonly number[], { one, many, prior }: Observed): Learned | undefined {
  if (times.length === 0) return undefined;
  const { mean, least, most, n } = posteriorOf(
    prior,
    times.map((value) => ({ value })),
  );
  const hundredths = (value: number): number => Math.round(value * 100) / 100;
  return {
    value: hundredths(mean),
    source: `this kitchen, ${n} ${n === 1 ? one : many}`,
    n,
    least: hundredths(Math.max(0, least)),
    most: hundredths(most),
    from: hundredths(Math.min(...times)),
    to: hundredths(Math.max(...times)),
  };
}
