import type { Plan } from '@kestrel-ridge/core/session';
import { asRecord, isFigure, keep, readKept } from '../parts/kept.ts';

const KEY = 'plan at hand';

/** A short name for a long text: the same day has the same one. */
function digest(text: string): string {
  let hash = 2166136261;
  for (let n = 0; n < text.length; n++) hash = Math.imul(hash ^ text.charCodeAt(n), 16777619);
  return `${text.length} ${hash >>> 0}`;
}

/** Keeps the plan of a day on the device: what was mended from it is mended from it again after a reload. */
export const keepPlan = (plain: string, plan: Plan): void => void keep(KEY, { of: digest(plain), plan });

/** The plan of this day that was kept; undefined where there is none, or one of another day. */
export const keptPlan = (plain: string): Plan | undefined =>
  readKept(KEY, (value) => {
    const kept = asRecord(value);
    return kept?.['of'] === digest(plain) ? readPlan(kept['plan']) : undefined;
  });

function readPlan(value: unknown): Plan | undefined {
  const { instance, makespan, starts, washes } = asRecord(value) ?? {};
  const minutes = asRecord(starts);
  if (typeof instance !== 'string' || !isFigure(makespan) || !minutes || !Array.isArray(washes)) return undefined;
  const sound =
    Object.values(minutes).every(isFigure) &&
    washes.every((wash) => {
      const { resource, after, before, start } = asRecord(wash) ?? {};
      return [resource, after, before].every((each) => typeof each === 'string') && isFigure(start);
    });
  return sound ? (value as Plan) : undefined;
}
