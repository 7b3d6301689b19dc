import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Of several sessions that are planned, the one that the screens are about; null: the next one. */
export const chosenSessionSlice = createSlice({
  name: 'chosenSession',
  initialState: { id: null as string | null },
  reducers: {
    sessionChosen(_state, { payload }: PayloadAction<string | null>) {
      return { id: payload };
    },
  },
});

export const { sessionChosen } = chosenSessionSlice.actions;
