import type { Plan } from '@kestrel-ridge/core/session';

const KEY = 'plan at hand';

/** A short name for a long text: the same day has the same one. */
function digest(text: string): string {
  let hash = 2166136261;
  for (let n = 0; n < text.length; n++) hash = Math.imul(hash ^ text.charCodeAt(n), 16777619);
  return `${text.length} ${hash >>> 0}`;
}

/** Keeps the plan of a day on the device: what was mended from it is mended from it again after a reload. */
export function keepPlan(plain: string, plan: Plan): void {
  globalThis.localStorage?.setItem(KEY, JSON.stringify({ of: digest(plain), plan }));
}

/** The plan of this day that was kept; undefined where there is none, or one of another day. */
export function keptPlan(plain: string): Plan | undefined {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? 'null') as { of: string; plan: Plan } | null;
    return kept?.of === digest(plain) ? kept.plan : undefined;
  } catch {
    // What cannot be read is no plan.
    return undefined;
  }
}
