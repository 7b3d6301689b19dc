/** Something that happened in a run. Never changed, never deleted. */
export interface RunEvent {
  readonly id: string;
  readonly device: string;
  readonly deviceSeq: number;
  /** A logical clock: one more than the highest this device had seen. Orders by cause, not by whose watch is fast. */
  readonly clock: number;
  /** The device's own time, ms since 1970. */
  readonly at: number;
  readonly what: RunFact;
}

export type RunFact =
  | { readonly kind: 'started'; readonly task: string }
  | { readonly kind: 'done'; readonly task: string }
  | { readonly kind: 'not yet'; readonly task: string; readonly minutes: number }
  | { readonly kind: 'reopened'; readonly task: string };

/** Causal order; ties by device and its own count, so that every device sorts alike. */
export const byCause = (a: RunEvent, b: RunEvent): number =>
  a.clock - b.clock || a.device.localeCompare(b.device) || a.deviceSeq - b.deviceSeq;
