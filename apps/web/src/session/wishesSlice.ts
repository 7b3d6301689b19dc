import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { NO_WISHES, type Wishes } from '@kestrel-ridge/core/session';

/** What the cook has said about the plan of a session, kept on this device. */
export interface SessionWishes {
  readonly session: string;
  readonly wishes: Wishes;
}

const KEY = 'plan wishes';

function kept(): SessionWishes | null {
  try {
    return JSON.parse(globalThis.localStorage?.getItem(KEY) ?? 'null') as SessionWishes | null;
  } catch {
    // What cannot be read was no wish.
    return null;
  }
}

export const wishesSlice = createSlice({
  name: 'wishes',
  initialState: { said: kept() },
  reducers: {
    wished(_state, { payload }: PayloadAction<SessionWishes>) {
      globalThis.localStorage?.setItem(KEY, JSON.stringify(payload));
      return { said: payload };
    },
  },
});

export const wishesOf = (
  state: { readonly wishes: { readonly said: SessionWishes | null } },
  session: string | undefined,
) => (state.wishes.said?.session === session && state.wishes.said ? state.wishes.said.wishes : NO_WISHES);

export const { wished } = wishesSlice.actions;
