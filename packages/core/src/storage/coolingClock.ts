import { COOLING_RULE, iceFor, slabCooling } from '../heat/index.ts';
import {
  celsius,
  kilograms,
  type Because,
  type Celsius,
  type Kilograms,
  HOUR_MS,
  MINUTE_MS,
  type Moment,
} from '../quantity/index.ts';

const FRIDGE = celsius(4);
/** Air that food may stand in while it cools, °C. Common practice, no published source. */
export const COOLING_AIR = { fridge: FRIDGE, 'cool room': celsius(12), room: celsius(20) } as const;
/** As hot as food leaves the heat. Common practice, no published source. */
const LEFT_THE_HEAT = celsius(95);
const SHALLOWEST_CM = 1;

/** What a thermometer said, ms since 1970. */
export interface Reading {
  readonly at: Moment;
  readonly celsius: Celsius;
}

/** It stands in air of so many degrees from a moment on, ms since 1970. */
export interface CoolingIn {
  readonly at: Moment;
  readonly air: Celsius;
}

export interface CoolingStage {
  readonly to: Celsius;
  /** It has to be there by then, ms since 1970. */
  readonly by: Moment;
  /** When it was measured to be there; undefined: nobody knows. */
  readonly reached: Moment | undefined;
  /** When the middle of a box of this depth is expected there; undefined: never in this air. */
  readonly expected: Moment | undefined;
}

export interface CoolingClock {
  readonly since: Moment;
  /** When it comes down to 57 °C, from where the rule counts: measured, else expected. */
  readonly at57: Moment;
  readonly stages: readonly CoolingStage[];
  /** Does the expectation keep both stages? */
  readonly keeps: boolean;
  /** The deepest box that is expected to, in half centimetres; undefined: none in still air. */
  readonly deepestCm: number | undefined;
  /** Ice that would take the heat out down to the first stage at once. */
  readonly ice: Kilograms;
  readonly because: Because;
}

/** How it goes: when it left the heat (ms since 1970) and how hot, how deep it lies, and where it stands. */
export interface Cools {
  readonly since: Moment;
  readonly depthCm: number;
  readonly kg: number;
  readonly from?: Celsius;
  /** Where it stood from when on; left out: in the fridge all the time. */
  readonly stands?: readonly CoolingIn[];
}

/**
 * Both stages of cooling of a box so deep, and what was measured. Expectation and limits start from one moment and one temperature: it left the heat `since`, at `from`;
 * the rule counts from when it comes down to 57 °C, which a reading may tell, else the same expectation. No reading means unknown, not fine.
 * Source of the stages: FDA Food Code 2022, 3-501.14. The expectation is computed (one-term solution); nothing of it is a promise.
 */
export function coolingClock(
  { since, depthCm, kg, from = LEFT_THE_HEAT, stands = [] }: Cools,
  readings: readonly Reading[],
): CoolingClock {
  const { from: starts, first, then } = COOLING_RULE;
  const sorted = [...readings].sort((a, b) => a.at - b.at);
  const places = [{ at: since, air: FRIDGE }, ...[...stands].sort((a, b) => a.at - b.at)];
  // From where it is known how hot it is, through the airs it stands in, one after the other.
  const expectedAt = (to: Celsius, depth: number, through?: Reading): Moment | undefined => {
    const { lag, each } = slabCooling(depth);
    let at = through?.at ?? since;
    let now: number = through?.celsius ?? from;
    if (now <= to) return at;
    // The middle does not feel the air at once; a reading says how hot it is, and it cools already.
    let still = through ? 0 : lag * MINUTE_MS;
    for (const [n, { air }] of places.entries()) {
      const until = places[n + 1]?.at ?? Infinity;
      if (until <= at) continue;
      const falls = to < air ? Infinity : each * Math.log((now - air) / (to - air)) * MINUTE_MS;
      if (at + still + falls <= until) return Number.isFinite(falls) ? at + still + falls : undefined;
      const waits = Math.min(still, until - at);
      still -= waits;
      now = air + (now - air) * Math.exp(-(until - at - waits) / (each * MINUTE_MS));
      at = until;
    }
    return undefined;
  };
  const measured57 = sorted.find((each) => each.celsius <= starts)?.at;
  const lastAbove = sorted.findLast((each) => each.celsius > starts);
  const startsAt = (depth: number) => Math.min(measured57 ?? Infinity, expectedAt(starts, depth, lastAbove) ?? since);
  const latest = sorted.at(-1);
  const at57 = startsAt(depthCm);
  const stages = [first, then].map(({ to, withinHours }): CoolingStage => ({
    to,
    by: at57 + withinHours * HOUR_MS,
    reached: sorted.find((each) => each.celsius <= to)?.at,
    expected: expectedAt(to, depthCm, latest),
  }));
  const keepsAt = (depth: number) =>
    [first, then].every(
      ({ to, withinHours }) => (expectedAt(to, depth, latest) ?? Infinity) <= startsAt(depth) + withinHours * HOUR_MS,
    );
  let deepestCm: number | undefined;
  for (let depth = SHALLOWEST_CM; depth <= depthCm && keepsAt(depth); depth += 0.5) deepestCm = depth;
  return {
    since,
    at57,
    stages,
    keeps: keepsAt(depthCm),
    deepestCm,
    ice: iceFor(kilograms(kg), from, first.to),
    because: {
      rule: `the middle of a covered box, cooled from ${from} °C from above and below in still air of ${[...new Set(places.filter(({ at }, n) => (places[n + 1]?.at ?? Infinity) > at).map(({ air }) => air))].join(', then ')} °C`,
      figure: `${depthCm} cm`,
      source: 'computed: one-term solution (Incropera); what the air takes is assumed',
    },
  };
}
