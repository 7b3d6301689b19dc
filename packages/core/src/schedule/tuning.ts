/** How a search goes about it: found by trial on invented sessions with known optima, and nothing else. */
export interface Tuning {
  /** Shares of the kinds of change, added up. */
  readonly shares: Readonly<Record<'move' | 'swap' | 'shuffle' | 'behind' | 'wait' | 'forget' | 'fill', number>>;
  /** Rounds from warm to cold, for a square of the number of tasks. */
  readonly cycle: number;
  /** Minutes by which a plan may be worse and still be gone on with, at the beginning and at the end of a cycle. */
  readonly warm: number;
  readonly cold: number;
  /** The same at the beginning of a cycle that starts from somewhere else. */
  readonly warmElsewhere: number;
  /** One cycle in so many starts from somewhere else than the best: it may be a dead end. */
  readonly scatterOneIn: number;
}

const SHORT_DAY: Tuning = {
  shares: { move: 0.4, swap: 0.6, shuffle: 0.66, behind: 0.82, wait: 0.87, forget: 0.96, fill: 0.985 },
  cycle: 6,
  warm: 2.5,
  cold: 0.3,
  warmElsewhere: 4,
  scatterOneIn: 2,
};
/** The longer the day, the less helps waiting on purpose, and the less time there is to start anew. */
const LONG_DAY: Tuning = {
  shares: { move: 0.5, swap: 0.73, shuffle: 0.79, behind: 0.88, wait: 0.91, forget: 0.975, fill: 0.985 },
  cycle: 2.2,
  warm: 1.2,
  cold: 0.1,
  warmElsewhere: 5,
  scatterOneIn: 2,
};

export const tuningFor = (tasks: number): Tuning => (tasks < 40 ? SHORT_DAY : LONG_DAY);
