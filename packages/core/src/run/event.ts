import type { Written, Moment } from '../quantity/index.ts';

/** Something that happened in a run. Never changed, never deleted. */
export interface RunEvent {
  readonly id: string;
  readonly device: string;
  readonly deviceSeq: number;
  /** A logical clock: one more than the highest this device had seen. Orders by cause, not by whose watch is fast. */
  readonly clock: number;
  /** The device's own time, ms since 1970. */
  readonly at: Moment;
  readonly what: RunFact;
}

/** What became of a line that was not ticked when its gate came. */
export const GATE_CHOICES = ['went in', 'later', 'left out'] as const;
export type GateChoice = (typeof GATE_CHOICES)[number];

/** What a device beside the tablet, or an eye on its display, said: weight, heat, pressure, the pin; how deep food lies in its boxes (cm), and the air it cools in (°C). */
export const MEASURED = ['g', '°C', 'kPa', 'pin', 'cm deep', 'air °C'] as const;
export type Measured = (typeof MEASURED)[number];

export type RunFact =
  | { readonly kind: 'started'; readonly task: string }
  | { readonly kind: 'done'; readonly task: string }
  | { readonly kind: 'not yet'; readonly task: string; readonly minutes: number }
  | { readonly kind: 'reopened'; readonly task: string }
  /** It is not done, and nothing waits for it any more. */
  | { readonly kind: 'skipped'; readonly task: string }
  /** Its clock stands still until it is resumed. */
  | { readonly kind: 'paused'; readonly task: string }
  | { readonly kind: 'resumed'; readonly task: string }
  | { readonly kind: 'ticked'; readonly task: string; readonly line: string }
  | { readonly kind: 'unticked'; readonly task: string; readonly line: string }
  /** At a point of no return: what became of a line that was not ticked. */
  | { readonly kind: 'gate'; readonly task: string; readonly line: string; readonly choice: GateChoice }
  /** More or less of a line than was planned, by so much. */
  | { readonly kind: 'amount'; readonly task: string; readonly line: string; readonly plus: Written }
  | { readonly kind: 'given'; readonly task: string; readonly who: string }
  /** Something nobody had planned, under an id of its own. */
  | {
      readonly kind: 'added';
      readonly task: string;
      readonly name: string;
      readonly minutes: number;
      readonly hands: boolean;
    }
  | { readonly kind: 'measured'; readonly task: string; readonly what: Measured; readonly value: number }
  /** A tray has come out of the oven, or went in again: from or on which rack, the top one is 1. */
  | { readonly kind: 'tray out'; readonly task: string; readonly rack: number }
  | { readonly kind: 'tray back'; readonly task: string; readonly rack: number }
  | { readonly kind: 'noted'; readonly task: string; readonly text: string }
  /** The dish of this task is not cooked any further. */
  | { readonly kind: 'dish dropped'; readonly task: string }
  /** One of several loads, that of this task, is not cooked. */
  | { readonly kind: 'load dropped'; readonly task: string };

export const FACT_KINDS = [
  'started',
  'done',
  'not yet',
  'reopened',
  'skipped',
  'paused',
  'resumed',
  'ticked',
  'unticked',
  'gate',
  'amount',
  'given',
  'added',
  'measured',
  'tray out',
  'tray back',
  'noted',
  'dish dropped',
  'load dropped',
] as const satisfies readonly RunFact['kind'][];

/** Causal order; ties by device and its own count, so that every device sorts alike. */
export const byCause = (a: RunEvent, b: RunEvent): number =>
  a.clock - b.clock || a.device.localeCompare(b.device) || a.deviceSeq - b.deviceSeq;

const ADDED = 'added/';
/** The id of something nobody had planned. */
export const addedId = (id: string): string => `${ADDED}${id}`;
export const isAdded = (task: string): boolean => task.startsWith(ADDED);
