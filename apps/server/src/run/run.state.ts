import type { RunEvent } from '@kestrel-ridge/core/run';
import type { EventRow } from './run.model.ts';

export const eventState = ({ id, device, deviceSeq, clock, at, what }: EventRow): RunEvent => ({
  id,
  device,
  deviceSeq,
  clock,
  at: at.getTime(),
  what,
});
