import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Bound, Hold } from '@kestrel-ridge/core/schedule';
import type { Plan, SessionTasks } from '@kestrel-ridge/core/session';

export interface PlanResult {
  readonly session: string;
  /** The sizes it was made for. */
  readonly fingerprint: string;
  /** The same without what the cook has said. */
  readonly plain: string;
  readonly tasks: SessionTasks;
  readonly plan: Plan;
  readonly bound: Bound;
  readonly holds: Readonly<Record<string, Hold>>;
  readonly busy: readonly number[];
  readonly settled: boolean;
}

/** The plan at hand: worked out in the worker, kept so that every screen shows the same one. */
export const planSlice = createSlice({
  name: 'plan',
  initialState: { result: null as PlanResult | null },
  reducers: {
    planFound(state, { payload }: PayloadAction<PlanResult>) {
      return { ...state, result: payload };
    },
  },
});

export const { planFound } = planSlice.actions;
