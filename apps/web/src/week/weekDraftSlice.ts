import type { DraftSize } from '@kestrel-ridge/core/view';
import type { Day } from '@kestrel-ridge/core/quantity';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Sizes and days that are being tried out: shown on the strips, stored only when the cook keeps them. */
export const weekDraftSlice = createSlice({
  name: 'weekDraft',
  initialState: (): { sizes: Record<string, DraftSize>; days: Record<string, Day> } => ({ sizes: {}, days: {} }),
  reducers: {
    sizeTried(state, { payload: { batch, ...size } }: PayloadAction<DraftSize & { batch: string }>) {
      state.sizes[batch] = size;
    },
    /** Cooked on another day than its session's. */
    dayTried(state, { payload: { batch, day } }: PayloadAction<{ batch: string; day: Day }>) {
      state.days[batch] = day;
    },
    /** The sizes are stored; days that are tried stay. */
    sizesKept(state) {
      state.sizes = {};
    },
    draftLeft(state) {
      state.sizes = {};
      state.days = {};
    },
  },
});

export const { sizeTried, dayTried, draftLeft, sizesKept } = weekDraftSlice.actions;
