import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import type { PressureCycle } from '@kestrel-ridge/core/run';

/** What a sealed cooker with a sensor in its lid says of the load that is in it. */
export interface CookerReading {
  readonly pinUp: boolean;
  readonly celsius: number;
}
export interface CookerSensor {
  /** Undefined while nothing is in it that could be told of. */
  read(cycle: PressureCycle, now: Moment): CookerReading | undefined;
}

const ROOM_C = 20;
const INSIDE_C = 115;
const OPEN_C = 96;

/** A number from 0 to 1 that belongs to a text: the same load behaves alike on every device. */
function chanceOf(text: string): number {
  let hash = 2166136261;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 16777619);
  return ((hash >>> 0) % 1000) / 1000;
}

/** Stands in for such a cooker: it follows the heat that its load needs, a little quicker or slower than the book. */
export const simulatedCooker: CookerSensor = {
  read({ stages, at }, now) {
    const stage = stages.find((each) => each.stage === at);
    if (!stage || (at !== 'come up' && at !== 'hold' && at !== 'natural')) return undefined;
    if (at === 'hold') return { pinUp: true, celsius: INSIDE_C };
    const takes = (stage.about.bookMinutes ?? stage.about.window.expected) * (0.9 + 0.3 * chanceOf(stage.task.id));
    const share = Math.min(1, Math.max(0, (now - stage.task.start) / (takes * MINUTE_MS)));
    return at === 'come up'
      ? { pinUp: share >= 1, celsius: Math.round(ROOM_C + (INSIDE_C - ROOM_C) * share) }
      : { pinUp: share < 1, celsius: Math.round(INSIDE_C + (OPEN_C - INSIDE_C) * share) };
  },
};
