import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RunEvent } from '@kestrel-ridge/core/run';

const KEPT = 'kestrel-ridge.outbox';

/** Taps that the server does not have yet, by run. Kept on the device, so that a reload loses none. */
export type Outbox = Readonly<Record<string, readonly RunEvent[]>>;

function remembered(): Outbox {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Outbox;
  } catch {
    return {};
  }
}

export const keepOutbox = (outbox: Outbox): void => localStorage.setItem(KEPT, JSON.stringify(outbox));

export const runOutboxSlice = createSlice({
  name: 'runOutbox',
  initialState: (): { pending: Outbox } => ({ pending: remembered() }),
  reducers: {
    tapped(state, { payload }: PayloadAction<{ run: string; event: RunEvent }>) {
      return { pending: { ...state.pending, [payload.run]: [...(state.pending[payload.run] ?? []), payload.event] } };
    },
    arrived(state, { payload }: PayloadAction<{ run: string; events: readonly string[] }>) {
      return {
        pending: {
          ...state.pending,
          [payload.run]: (state.pending[payload.run] ?? []).filter((event) => !payload.events.includes(event.id)),
        },
      };
    },
  },
});

export const { tapped, arrived } = runOutboxSlice.actions;
