import type { RunEvent } from '@kestrel-ridge/core/run';
import type { RunState } from '@kestrel-ridge/core/formats';
import type { EventRow, RunRow } from './run.model.ts';

export const eventState = ({ id, device, deviceSeq, clock, at, what }: EventRow): RunEvent => ({
  id,
  device,
  deviceSeq,
  clock,
  at: at.getTime(),
  what,
});

export const runState = (
  { id, session, startedAt, problem, plan, about }: RunRow,
  events: readonly EventRow[],
): RunState => ({
  id,
  session,
  startedAt: startedAt.toISOString(),
  problem,
  plan,
  about,
  events: events.map(eventState),
});
