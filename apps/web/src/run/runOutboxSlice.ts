import type { EventsTaken } from '@kestrel-ridge/core/formats';
import type { RunEvent } from '@kestrel-ridge/core/run';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Tap } from './keptTaps.ts';

type Refused = EventsTaken['refused'][number];

/** Taps that the server does not have yet, by run, and those that it did not take. */
export interface OutboxState {
  readonly pending: Readonly<Record<string, readonly RunEvent[]>>;
  readonly refused: readonly Refused[];
  /** Taps for which the device had no room: this page alone has them. */
  readonly unstored: readonly string[];
}

const NONE: readonly RunEvent[] = [];

/** What is kept on this device, under every run; the lists that have not changed stay the same. */
function merged({ pending: before, unstored }: OutboxState, taps: readonly Tap[]): OutboxState['pending'] {
  const runs = new Set([...Object.keys(before), ...taps.map(({ run }) => run)]);
  return Object.fromEntries(
    [...runs].map((run) => {
      const was = before[run] ?? NONE;
      const is = [
        ...taps.filter((tap) => tap.run === run).map(({ event }) => event),
        ...was.filter(({ id }) => unstored.includes(id)),
      ];
      const same = was.length === is.length && is.every(({ id }, n) => was[n]?.id === id);
      return [run, same ? was : is];
    }),
  );
}

export const runOutboxSlice = createSlice({
  name: 'runOutbox',
  initialState: (): OutboxState => ({ pending: {}, refused: [], unstored: [] }),
  reducers: {
    tapped: (state, { payload }: PayloadAction<Tap & { readonly stored?: boolean }>) => ({
      ...state,
      unstored: payload.stored === false ? [...state.unstored, payload.event.id] : state.unstored,
      pending: { ...state.pending, [payload.run]: [...(state.pending[payload.run] ?? []), payload.event] },
    }),
    /** What is kept on the device: at the start, and when another tab of it has tapped or has been answered. */
    tapsKept: (state, { payload }: PayloadAction<readonly Tap[]>) => ({
      ...state,
      pending: merged(state, payload),
    }),
    answered: (state, { payload }: PayloadAction<{ run: string; taken: EventsTaken }>) => {
      const { kept, had, refused } = payload.taken;
      const over = new Set([...kept, ...had, ...refused.map(({ id }) => id)]);
      return {
        pending: {
          ...state.pending,
          [payload.run]: (state.pending[payload.run] ?? []).filter(({ id }) => !over.has(id)),
        },
        refused: [...state.refused, ...refused],
        unstored: state.unstored.filter((id) => !over.has(id)),
      };
    },
    refusalSeen: (state) => ({ ...state, refused: [] }),
  },
});

export const { tapped, answered, tapsKept, refusalSeen } = runOutboxSlice.actions;
