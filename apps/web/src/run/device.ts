import { newId } from '../parts/newId.ts';

const DEVICE = 'kestrel-ridge.device';
const SEQUENCE = 'kestrel-ridge.sequence';

/** This browser's own name among those that follow a run. */
export function deviceId(): string {
  const known = localStorage.getItem(DEVICE);
  if (known) return known;
  const made = newId();
  localStorage.setItem(DEVICE, made);
  return made;
}

/** The next number of this device's taps: it only grows, also over a reload. */
export function nextSequence(): number {
  const next = Number(localStorage.getItem(SEQUENCE) ?? '0') + 1;
  localStorage.setItem(SEQUENCE, String(next));
  return next;
}
