import { createSlice } from '@reduxjs/toolkit';

/** The walk round: five pages in the order of a week. */
export const WALK = ['/shelf', '/week', '/cook', '/eat', '/look-back'] as const;

/** How far somebody is being shown round: the number of the page, from 0; undefined: nobody is. */
export interface WalkState {
  readonly at?: number;
}

const begin: WalkState = {};
export const walkSlice = createSlice({
  name: 'walk',
  initialState: begin,
  reducers: {
    walkBegun: (): WalkState => ({ at: 0 }),
    walkedOn: ({ at }): WalkState => (at === undefined || at + 1 >= WALK.length ? {} : { at: at + 1 }),
    walkEnded: (): WalkState => ({}),
  },
});

export const { walkBegun, walkedOn, walkEnded } = walkSlice.actions;
