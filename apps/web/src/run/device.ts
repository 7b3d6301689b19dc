import { newId } from '../parts/newId.ts';

const DEVICE = 'kestrel-ridge.device';
const SEQUENCE = 'kestrel-ridge.sequence';

/** What a device without room to keep it knows for as long as this page is open. */
const unkept: { id?: string; sequence: number } = { sequence: 0 };
function note(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // No room, or no leave to store anything.
  }
}

/** This browser's own name among those that follow a run. */
export function deviceId(): string {
  const known = localStorage.getItem(DEVICE);
  if (known) return known;
  const made = (unkept.id ??= newId());
  note(DEVICE, made);
  return made;
}

/** The next number of this device's taps: it only grows, also over a reload. */
export function nextSequence(): number {
  const last = Number(localStorage.getItem(SEQUENCE) ?? '0');
  // What is no number was written by nobody; a device without room counts on this page.
  const next = Math.max(Number.isSafeInteger(last) ? last : 0, unkept.sequence) + 1;
  unkept.sequence = next;
  note(SEQUENCE, String(next));
  return next;
}
