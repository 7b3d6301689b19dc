import type { Moment } from '@kestrel-ridge/core/quantity';
import { deviceOff } from '../parts/appNow.ts';
import { asRecord, isFigure, keep, readKept } from '../parts/kept.ts';

/** The clock of a run on this device: the real one, or in the trainer one that runs faster. */
interface Kept {
  /** ms by which it is ahead, at a real moment. */
  readonly ahead: number;
  readonly since: Moment;
  readonly speed: number;
}

const KEY = 'kestrel-ridge.run-clock';
export const SPEEDS = [1, 20] as const;

const kept = (run: string): Kept | undefined =>
  readKept(KEY, (value) => {
    const { ahead, since, speed } = asRecord(asRecord(value)?.[run]) ?? {};
    return isFigure(ahead) && isFigure(since) && SPEEDS.some((each) => each === speed)
      ? { ahead, since, speed: speed as number }
      : undefined;
  });

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
  keep(KEY, { [run]: { ahead, since: real, speed } satisfies Kept });
}
