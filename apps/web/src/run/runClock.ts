import type { Moment } from '@kestrel-ridge/core/quantity';
import { deviceOff } from '../parts/appNow.ts';

/** The clock of a run on this device: the real one, or in the trainer one that runs faster. */
interface Kept {
  /** ms by which it is ahead, at a real moment. */
  readonly ahead: number;
  readonly since: Moment;
  readonly speed: number;
}

const KEY = 'kestrel-ridge.run-clock';
export const SPEEDS = [1, 20] as const;

function kept(run: string): Kept | undefined {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, Kept>)[run];
  } catch {
    // What cannot be read is no other time.
    return undefined;
  }
}

/** What time it is for a run, ms since 1970: by the server's clock, as far as this device knows it. */
export function runNow(run: string | undefined, device = Date.now()): number {
  const real = device + deviceOff();
  const clock = run === undefined ? undefined : kept(run);
  return clock ? real + clock.ahead + (real - clock.since) * (clock.speed - 1) : real;
}

export const runSpeed = (run: string): number => kept(run)?.speed ?? 1;

/** From now on time goes by so much faster; what has gone by stays. */
export function setRunSpeed(run: string, speed: number, device = Date.now()): void {
  const real = device + deviceOff();
  const ahead = runNow(run, device) - real;
  // Only the run at hand: what was trained before is over.
  localStorage.setItem(KEY, JSON.stringify({ [run]: { ahead, since: real, speed } satisfies Kept }));
}
