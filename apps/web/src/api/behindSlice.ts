import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What is shown is older than the server, or not there at all: by the query's key in the cache. It is asked for again until it is here. */
export const behindSlice = createSlice({
  name: 'behind',
  initialState: (): { readonly keys: readonly string[] } => ({ keys: [] }),
  reducers: {
    fellBehind: ({ keys }, { payload }: PayloadAction<string>) => ({
      keys: keys.includes(payload) ? keys : [...keys, payload],
    }),
    caughtUp: (state, { payload }: PayloadAction<string>) =>
      state.keys.includes(payload) ? { keys: state.keys.filter((key) => key !== payload) } : state,
  },
});

export const { fellBehind, caughtUp } = behindSlice.actions;
