import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { SessionState } from '@kestrel-ridge/core/formats';
import { NO_WISHES, type Wishes } from '@kestrel-ridge/core/session';

/** What the cook has just said about the plan of a session, on its way to the server. */
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
    /** The server has it, or will not have it. */
    arrived() {
      globalThis.localStorage?.removeItem(KEY);
      return { said: null };
    },
  },
});

/** What holds: what was just said here, else what the server has. */
export const wishesOf = (
  { wishes: { said } }: { readonly wishes: { readonly said: SessionWishes | null } },
  session: Pick<SessionState, 'id' | 'wishes'> | undefined,
): Wishes => (said && said.session === session?.id ? said.wishes : (session?.wishes ?? NO_WISHES));

export const { wished, arrived } = wishesSlice.actions;
