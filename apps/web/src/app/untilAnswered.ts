import type { Milliseconds } from '@kestrel-ridge/core/quantity';
import { noAnswer } from '../parts/problemOf.ts';

interface Answer {
  readonly data?: unknown;
  readonly error?: unknown;
}

/** From one asking to the next; the last for all that follow. */
const WAITS_MS: readonly Milliseconds[] = [700, 2000, 4000, 8000];

const wait = (ms: Milliseconds) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/**
 * Asks until it is answered. `open` is told once, when the first asking got no answer; `over` when one came after that.
 * The same key goes with each asking: the server does it once, and answers each the same.
 */
export async function untilAnswered<T extends Answer>(
  ask: () => Promise<T>,
  { open, over }: { readonly open: () => void; readonly over: () => void },
  pause = wait,
): Promise<T> {
  for (let n = 0; ; n++) {
    const answer = await ask();
    if (!answer.error || !noAnswer(answer.error)) {
      if (n > 0) over();
      return answer;
    }
    if (n === 0) open();
    await pause(WAITS_MS[Math.min(n, WAITS_MS.length - 1)] ?? 0);
  }
}
