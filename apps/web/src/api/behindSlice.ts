import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface BehindState {
  /** What is shown is older than the server, or not there at all: by the query's key in the cache. It is asked for again until it is here. */
  readonly keys: readonly string[];
  /** What the last asking met. It stays while it is asked again, so that a page does not flicker between the two. */
  readonly error: unknown;
}

export const behindSlice = createSlice({
  name: 'behind',
  initialState: (): BehindState => ({ keys: [], error: undefined }),
  reducers: {
    fellBehind: ({ keys, error }, { payload }: PayloadAction<{ key: string; error?: unknown }>) => ({
      keys: keys.includes(payload.key) ? keys : [...keys, payload.key],
      error: payload.error ?? error,
    }),
    caughtUp: (state, { payload }: PayloadAction<string>) => {
      if (!state.keys.includes(payload)) return state;
      const keys = state.keys.filter((key) => key !== payload);
      return { keys, error: keys.length > 0 ? state.error : undefined };
    },
  },
});

export const { fellBehind, caughtUp } = behindSlice.actions;
