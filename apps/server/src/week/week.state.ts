import { day } from '@kestrel-ridge/core/quantity';
import type { Slot } from '@kestrel-ridge/core/week';
import type { SlotRow } from './week.model.ts';

export const slotState = ({ day: on, meal, parts, guests, serveAt, locked, note }: SlotRow): Slot => ({
  day: day(on),
  meal,
  parts,
  guests,
  ...(serveAt ? { serveAt } : {}),
  ...(locked ? { locked } : {}),
  ...(note ? { note } : {}),
});
