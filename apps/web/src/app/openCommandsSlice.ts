import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Commands of which nobody knows yet whether they were done, by key. */
export const openCommandsSlice = createSlice({
  name: 'openCommands',
  initialState: (): { readonly keys: readonly string[] } => ({ keys: [] }),
  reducers: {
    commandOpen: ({ keys }, { payload }: PayloadAction<string>) => ({ keys: [...keys, payload] }),
    commandAnswered: ({ keys }, { payload }: PayloadAction<string>) => ({
      keys: keys.filter((key) => key !== payload),
    }),
  },
});

export const { commandOpen, commandAnswered } = openCommandsSlice.actions;
