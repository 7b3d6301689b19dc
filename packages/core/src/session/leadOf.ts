import type { Step } from '../recipe/index.ts';

/** Hours from when a step ahead begins to the session: its own, and those of steps ahead that wait for it, one after the other. */
export function leadOf(
  step: Extract<Step, { kind: 'ahead' }>,
  steps: readonly Step[],
): { readonly leastHours: number; readonly mostHours: number } {
  const behind = steps.flatMap((other) => {
    const waits = other.kind === 'ahead' ? other.after.find((after) => after.step === step.id) : undefined;
    if (other.kind !== 'ahead' || !waits) return [];
    const lead = leadOf(other, steps);
    const gap = waits.min / 60;
    return [{ leastHours: lead.leastHours + gap, mostHours: lead.mostHours + gap }];
  });
  return {
    leastHours: step.hours.least + Math.max(0, ...behind.map(({ leastHours }) => leastHours)),
    mostHours: step.hours.most + Math.max(0, ...behind.map(({ mostHours }) => mostHours)),
  };
}
