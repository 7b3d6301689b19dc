import type { Ask } from './useCommand.ts';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export interface LastChange {
  /** The command's key: what undo asks the server to take back. */
  readonly key: string;
  readonly text: string;
  /** The commands that take it back, where that is not the ledger's own undo. */
  readonly back?: readonly Ask[];
}

/** The last change that can be taken back, so that "Undo" stays in sight. */
export const lastChangeSlice = createSlice({
  name: 'lastChange',
  initialState: { change: null as LastChange | null },
  reducers: {
    changeMade(state, { payload }: PayloadAction<LastChange>) {
      return { ...state, change: payload };
    },
    changeLeftBehind(state) {
      state.change = null;
    },
  },
});

export const { changeMade, changeLeftBehind } = lastChangeSlice.actions;
