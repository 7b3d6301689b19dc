import type { RunEvent } from '@kestrel-ridge/core/run';
import { asRecord, keep, readKept } from '../parts/kept.ts';
import { readEvent } from '@kestrel-ridge/core/run/schema';

/** A tap of a run on its way to the server. */
export interface Tap {
  readonly run: string;
  readonly event: RunEvent;
}

/**
 * Taps kept on this device, each under a key of its own: two tabs write beside each other and never over each other, and what one has written is there before the tap has
 * been drawn. Whoever sends them sends them by their ids; twice counts once.
 */
const KEY = 'kestrel-ridge.tap.';
/** Where they were kept, all in one, by a page of before. */
const BEFORE = 'kestrel-ridge.outbox';

/** A device without room for it keeps the tap on the page alone: it still counts, and is sent. Answers whether it is stored. */
export const keepTap = (tap: Tap): boolean => keep(`${KEY}${tap.event.id}`, tap);

export const dropTaps = (ids: readonly string[]): void => {
  for (const id of ids) localStorage.removeItem(`${KEY}${id}`);
};

/** All of them, in the order in which they were tapped. What cannot be understood is left where it is, and harms nothing. */
export function keptTaps(): readonly Tap[] {
  takeOver();
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(KEY))
    .flatMap((key) => readKept(key, readTap) ?? [])
    .sort((a, b) => a.event.clock - b.event.clock || a.event.deviceSeq - b.event.deviceSeq);
}

/** Tells of taps that another tab of this device has kept or dropped; the function it answers ends that. */
export function onOtherTabs(tell: (taps: readonly Tap[]) => void): () => void {
  const listen = ({ key }: StorageEvent) => {
    if (key === null || key.startsWith(KEY)) tell(keptTaps());
  };
  window.addEventListener('storage', listen);
  return () => window.removeEventListener('storage', listen);
}

function readTap(value: unknown): Tap | undefined {
  const { run, event } = asRecord(value) ?? {};
  const read = readEvent(event);
  return typeof run === 'string' && read.ok ? { run, event: read.value } : undefined;
}

function takeOver(): void {
  const before = localStorage.getItem(BEFORE);
  if (before === null) return;
  try {
    for (const [run, events] of Object.entries(JSON.parse(before) as Record<string, readonly unknown[]>))
      for (const event of events) {
        const read = readEvent(event);
        if (read.ok) keepTap({ run, event: read.value });
      }
  } catch {
    // It was never readable: nothing is lost with it.
  }
  localStorage.removeItem(BEFORE);
}
