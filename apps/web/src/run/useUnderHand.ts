import type { Moment } from '@kestrel-ridge/core/quantity';
import type { RunTask } from '@kestrel-ridge/core/run';
import { useState } from 'react';

/**
 * The step that the hands have: what the cook has taken up stands before what the plan would have next, and what is due and under the finger does not change by itself,
 * whatever becomes ready meanwhile. What is not due yet makes way.
 */
export function useUnderHand(
  ready: readonly RunTask[],
  mine: (task: RunTask) => boolean,
  now: Moment,
): readonly [current: RunTask | undefined, takeUp: (task: string) => void] {
  const [picked, takeUp] = useState<string>();
  const [under, setUnder] = useState<string>();
  const current =
    ready.find(({ id }) => id === picked) ?? ready.find((task) => task.id === under && mine(task)) ?? ready.find(mine);
  const due = current && current.start <= now ? current.id : undefined;
  if (due !== under) setUnder(due);
  return [current, takeUp];
}
