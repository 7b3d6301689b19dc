import type { Day } from '@kestrel-ridge/core/quantity';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What is on the plates of a day and not yet said to be eaten: it is still there after a look at another page. */
export interface PlatesAtHand {
  readonly day: Day | undefined;
  readonly portions: Readonly<Record<string, number>>;
}

const NONE: PlatesAtHand = { day: undefined, portions: {} };

export const platesSlice = createSlice({
  name: 'plates',
  initialState: NONE,
  reducers: {
    platesSet: (_, { payload }: PayloadAction<PlatesAtHand>) => payload,
    platesEaten: () => NONE,
  },
});

export const { platesSet, platesEaten } = platesSlice.actions;
