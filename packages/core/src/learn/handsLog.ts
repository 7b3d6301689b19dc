import { MINUTE_MS } from '../quantity/index.ts';
import { foldRun } from '../run/index.ts';
import type { CookedRun } from './cookerLog.ts';
import { STEPS, learned, type Learned } from './learned.ts';

/** How long hands take here, in times the minutes of the recipes: all cooks together, and each of them by name. */
export interface HandsLearned {
  readonly all?: Learned;
  readonly byCook: Readonly<Record<string, Learned>>;
}

/** What is further off was no work: several steps were ticked off at once, or the tap came after dinner. */
const PLAUSIBLE = { least: 0.2, most: 5 };

/**
 * Minutes of hands of all steps that somebody said had begun and were done, against the recipe's. Of a step that was only ticked off nobody knows when it began.
 * @example handsLog(runs).byCook['Teo']?.value // 0.86: Teo is quicker with the knife
 */
export function handsLog(runs: readonly CookedRun[]): HandsLearned {
  const all: number[] = [];
  const byCook = new Map<string, number[]>();
  for (const { about, events } of runs) {
    const facts = foldRun(events);
    for (const { id, attention, window } of Object.values(about)) {
      const { startedAt, doneAt, skipped, pausedMs = 0, who } = facts.get(id) ?? {};
      if (attention.needs !== 'hands' || startedAt === undefined || doneAt === undefined || skipped) continue;
      const times = (doneAt - startedAt - pausedMs) / MINUTE_MS / window.expected;
      if (times < PLAUSIBLE.least || times > PLAUSIBLE.most) continue;
      all.push(times);
      if (who !== undefined) byCook.set(who, [...(byCook.get(who) ?? []), times]);
    }
  }
  const together = learned(all, STEPS);
  return {
    ...(together ? { all: together } : {}),
    byCook: Object.fromEntries(
      [...byCook].flatMap(([cook, times]) => {
        const told = learned(times, STEPS);
        return told ? [[cook, told]] : [];
      }),
    ),
  };
}
