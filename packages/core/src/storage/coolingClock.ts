import { COOLING_RULE, coolingMinutes, iceFor } from '../heat/index.ts';
import { celsius, kilograms, type Because, type Celsius, type Kilograms } from '../quantity/index.ts';

const HOUR = 3_600_000;
const MINUTE = 60_000;
const FRIDGE = celsius(4);
/** Food is on its way down through 57 °C soon after it left the heat: the clock starts then, to be on the early side. */
const SHALLOWEST_CM = 1;

/** What a thermometer said, ms since 1970. */
export interface Reading {
  readonly at: number;
  readonly celsius: Celsius;
}

export interface CoolingStage {
  readonly to: Celsius;
  /** It has to be there by then, ms since 1970. */
  readonly by: number;
  /** When it was measured to be there; undefined: nobody knows. */
  readonly reached: number | undefined;
  /** When the middle of a box of this depth is expected there; undefined: never in this air. */
  readonly expected: number | undefined;
}

export interface CoolingClock {
  readonly since: number;
  readonly stages: readonly CoolingStage[];
  /** Does the expectation keep both stages? */
  readonly keeps: boolean;
  /** The deepest box that is expected to, in half centimetres; undefined: none in still air. */
  readonly deepestCm: number | undefined;
  /** Ice that would take the heat out down to the first stage at once. */
  readonly ice: Kilograms;
  readonly because: Because;
}

/**
 * Both stages of cooling, from the minute the food left the heat; what is expected of a box so deep, and what was measured. No reading means unknown, not fine.
 * Source of the stages: FDA Food Code 2022, 3-501.14. The expectation is computed (one-term solution); nothing of it is a promise.
 */
export function coolingClock(since: number, depthCm: number, kg: number, readings: readonly Reading[]): CoolingClock {
  const { from, first, then } = COOLING_RULE;
  const expectedAt = (to: Celsius, depth: number) => {
    const takes = coolingMinutes(depth, from, to, FRIDGE);
    return Number.isFinite(takes) ? since + takes * MINUTE : undefined;
  };
  const stages = [first, then].map(({ to, withinHours }): CoolingStage => ({
    to,
    by: since + withinHours * HOUR,
    reached: [...readings].sort((a, b) => a.at - b.at).find((each) => each.celsius <= to)?.at,
    expected: expectedAt(to, depthCm),
  }));
  const keepsAt = (depth: number) =>
    [first, then].every(({ to, withinHours }) => (expectedAt(to, depth) ?? Infinity) <= since + withinHours * HOUR);
  let deepestCm: number | undefined;
  for (let depth = SHALLOWEST_CM; depth <= depthCm && keepsAt(depth); depth += 0.5) deepestCm = depth;
  return {
    since,
    stages,
    keeps: keepsAt(depthCm),
    deepestCm,
    ice: iceFor(kilograms(kg), from, first.to),
    because: {
      rule: 'the middle of a covered box, cooled from above and below in still air of 4 °C',
      figure: `${depthCm} cm`,
      source: 'computed: one-term solution (Incropera); what the air takes is assumed',
    },
  };
}
