import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Present, SessionTasks } from '@kestrel-ridge/core/session';
import type { Planned } from '@kestrel-ridge/core/view';

export interface PlanResult extends Planned {
  readonly session: string;
  /** The sizes it was made for. */
  readonly fingerprint: string;
  /** The same without what the cook has said. */
  readonly plain: string;
  /** Has the cook said something that holds in it? */
  readonly said: boolean;
  readonly tasks: SessionTasks;
  /** The same before the cook said anything. */
  readonly unsaid: SessionTasks;
  readonly present: readonly Present[];
}

/** The plan at hand: worked out in the worker, kept so that every screen shows the same one. */
export const planSlice = createSlice({
  name: 'plan',
  initialState: {
    result: null as PlanResult | null,
    /** The best plan before the cook said anything: when all is let go, it comes back. */
    unsaid: null as PlanResult | null,
  },
  reducers: {
    planFound(state, { payload }: PayloadAction<PlanResult>) {
      return { result: payload, unsaid: payload.settled && !payload.said ? payload : state.unsaid };
    },
  },
});

export const { planFound } = planSlice.actions;
