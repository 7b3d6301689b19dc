import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export interface DraftSize {
  readonly portions: number;
  readonly freezePortions: number;
}

/** Sizes that are being tried out: shown on the strips, stored only when the cook keeps them. */
export const weekDraftSlice = createSlice({
  name: 'weekDraft',
  initialState: (): { sizes: Record<string, DraftSize> } => ({ sizes: {} }),
  reducers: {
    sizeTried(state, { payload: { batch, ...size } }: PayloadAction<DraftSize & { batch: string }>) {
      state.sizes[batch] = size;
    },
    draftLeft(state) {
      state.sizes = {};
    },
  },
});

export const { sizeTried, draftLeft } = weekDraftSlice.actions;
