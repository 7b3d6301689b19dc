import { MINUTE_MS } from '../quantity/index.ts';
import { foldRun } from '../run/index.ts';
import type { CookedRun } from './cookerLog.ts';
import { TURNS, learned, type Learned } from './learned.ts';

/** What runs teach of one oven: minutes for 10 °C hotter, and for 10 °C cooler. */
export interface OvenLearned {
  readonly up?: Learned;
  readonly down?: Learned;
}

/** What is further off was no oven: a tap was forgotten. Minutes for 10 °C. */
const PLAUSIBLE = { least: 0.1, most: 10 };

/**
 * How long the ovens of this kitchen take from one heat to another, by the turns of their dials in its runs: from when a turn was said to have begun until it was said
 * to be there. By the oven's name in plans: "oven", "oven 2".
 */
export function ovenLog(runs: readonly CookedRun[]): Readonly<Record<string, OvenLearned>> {
  const seen = new Map<string, { up: number[]; down: number[] }>();
  for (const { about, events } of runs) {
    const facts = foldRun(events);
    for (const { id, turn } of Object.values(about)) {
      const { startedAt, doneAt, skipped } = facts.get(id) ?? {};
      if (!turn || turn.from === turn.to || startedAt === undefined || doneAt === undefined || skipped) continue;
      const each = ((doneAt - startedAt) / MINUTE_MS / Math.abs(turn.to - turn.from)) * 10;
      if (each < PLAUSIBLE.least || each > PLAUSIBLE.most) continue;
      const oven = seen.get(turn.oven) ?? { up: [], down: [] };
      oven[turn.to > turn.from ? 'up' : 'down'].push(each);
      seen.set(turn.oven, oven);
    }
  }
  return Object.fromEntries(
    [...seen].map(([oven, { up, down }]): [string, OvenLearned] => {
      const [hotter, cooler] = [learned(up, TURNS), learned(down, TURNS)];
      return [oven, { ...(hotter ? { up: hotter } : {}), ...(cooler ? { down: cooler } : {}) }];
    }),
  );
}
