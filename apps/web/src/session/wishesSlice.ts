import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { ProblemDetails, SessionState } from '@kestrel-ridge/core/formats';
import type { Clash } from '@kestrel-ridge/core/quantity';
import { NO_WISHES, type SaidWishes, type Wishes } from '@kestrel-ridge/core/session';

export interface WishesState {
  /** Not known to be with the server, by session. */
  readonly said: Readonly<Record<string, SaidWishes>>;
  /** Said otherwise on another device meanwhile, by session. */
  readonly clashes: Readonly<Record<string, readonly Clash[]>>;
  /** What the server will not have, and why. */
  readonly refused: readonly ProblemDetails[];
}

/** Where a device keeps what was said of a session's plan: with the session's id behind it. */
export const WISHES_KEY = 'kestrel-ridge.wishes.';
export const someWishesKept = (): boolean => Object.keys(localStorage).some((key) => key.startsWith(WISHES_KEY));

const without = <T>(of: Readonly<Record<string, T>>, session: string): Readonly<Record<string, T>> => {
  const { [session]: _gone, ...others } = of;
  return others;
};

/** What the cook has just said about plans, on its way to the server. */
export const wishesSlice = createSlice({
  name: 'wishes',
  initialState: (): WishesState => ({ said: {}, clashes: {}, refused: [] }),
  reducers: {
    /** Undefined: the server has all of it. */
    wished: (state, { payload }: PayloadAction<{ session: string; said: SaidWishes | undefined }>) => ({
      ...state,
      said: payload.said ? { ...state.said, [payload.session]: payload.said } : without(state.said, payload.session),
    }),
    /** What a device had kept of before: what was said since the page opened holds. */
    wishesKept: (state, { payload }: PayloadAction<Readonly<Record<string, SaidWishes>>>) => ({
      ...state,
      said: { ...payload, ...state.said },
    }),
    clashed: (state, { payload }: PayloadAction<{ session: string; clashes: readonly Clash[] }>) => ({
      ...state,
      clashes: { ...state.clashes, [payload.session]: payload.clashes },
    }),
    clashesSeen: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      clashes: without(state.clashes, payload),
    }),
    wishRefused: (state, { payload }: PayloadAction<{ session: string; problem: ProblemDetails }>) => ({
      ...state,
      said: without(state.said, payload.session),
      refused: [...state.refused, payload.problem],
    }),
    wishRefusalSeen: (state) => ({ ...state, refused: [] }),
  },
});

/** What holds: what was just said here, else what the server has. */
export const wishesOf = (
  { wishes: { said } }: { readonly wishes: Pick<WishesState, 'said'> },
  session: Pick<SessionState, 'id' | 'wishes'> | undefined,
): Wishes => (session && said[session.id]?.wishes) ?? session?.wishes ?? NO_WISHES;

export const { wished, wishesKept, clashed, clashesSeen, wishRefused, wishRefusalSeen } = wishesSlice.actions;
